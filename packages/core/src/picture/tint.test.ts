import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { converter } from 'culori';
import { absorbanceOf, colourOf, lightOf, mixedAbsorbance, seenThrough, type Absorbance } from './tint.js';

const toLinear = converter('lrgb');
const hex = fc
  .tuple(...([0, 1, 2] as const).map(() => fc.integer({ min: 0, max: 255 })))
  .map((bands) => `#${bands.map((b) => b.toString(16).padStart(2, '0')).join('')}`);
const band = fc.double({ min: 0, max: 20, noNaN: true });
const absorbance = fc.record({
  k: fc.tuple(band, band, band),
  s: fc.double({ min: 0, max: 12, noNaN: true }),
});
const WHITE = [1, 1, 1] as const;
const grey = (k: number, s: number): Absorbance => ({ k: [k, k, k], s });

describe('light', () => {
  it('goes through the curve of sRGB and back as a reference has it', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        const { r, g, b } = toLinear(colour) ?? { r: NaN, g: NaN, b: NaN };
        lightOf(colour).forEach((of, i) => expect(of).toBeCloseTo([r, g, b][i] as number, 6));
        expect(colourOf(lightOf(colour))).toBe(colour);
      }),
    );
  });

  it('through nothing is the ground, and falls with what is swallowed and with the way', () => {
    fc.assert(
      fc.property(absorbance, fc.double({ min: 0.1, max: 8, noNaN: true }), hex, (of, cm, ground) => {
        const under = lightOf(ground);
        seenThrough(of, 0, under).forEach((b, i) => expect(b).toBeCloseTo(under[i] as number, 5));
        const [here, deeper, darker] = [
          seenThrough(of, cm, WHITE),
          seenThrough(of, cm * 1.5, WHITE),
          seenThrough({ k: [of.k[0] + 1, of.k[1] + 1, of.k[2] + 1], s: of.s }, cm, WHITE),
        ];
        here.forEach((b, i) => {
          expect(b).toBeGreaterThanOrEqual((deeper[i] as number) - 1e-9);
          expect(b).toBeGreaterThanOrEqual((darker[i] as number) - 1e-9);
        });
      }),
    );
  });

  it('in a layer too thick to see through is what its cloud throws back, whatever the ground', () => {
    // R∞ = 1 + K/S - √((K/S)² + 2K/S) (Kubelka and Munk 1931, from memory).
    for (const [k, s] of [
      [0.1, 8],
      [1, 4],
      [5, 2],
    ] as const) {
      const q = k / s;
      const thick = 1 + q - Math.sqrt(q * q + 2 * q);
      for (const ground of ['#000000', '#ffffff'])
        expect(seenThrough(grey(k, s), 200, lightOf(ground))[0]).toBeCloseTo(thick, 6);
    }
  });

  it('of two equal halves is swallowed and thrown back as by their mean', () => {
    fc.assert(
      fc.property(absorbance, absorbance, (a, b) => {
        const { k, s } = mixedAbsorbance([
          { of: a, ml: 30 },
          { of: b, ml: 30 },
        ]);
        expect(s).toBeCloseTo((a.s + b.s) / 2, 9);
        k.forEach((of, i) => expect(of).toBeCloseTo(((a.k[i] as number) + (b.k[i] as number)) / 2, 9));
      }),
    );
  });

  it('through 3 cm of a tint before white is the colour that is written', () => {
    fc.assert(
      fc.property(hex, (seen) => {
        const through = colourOf(seenThrough(absorbanceOf({ seen, cloud: 0 }), 3, WHITE));
        lightOf(through).forEach((of, i) => expect(of).toBeCloseTo(lightOf(seen)[i] as number, 2));
      }),
    );
  });
});

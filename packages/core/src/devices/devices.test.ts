import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SimulatedLabelPrinter } from './label-printer.js';
import { SimulatedRefractometer } from './refractometer.js';
import { FINE_SCALE, KITCHEN_SCALE, SimulatedScale } from './simulated-scale.js';

/** Chance that is none: Box and Muller of these is no noise at all. */
const quiet = () => 0.25;
/** Time enough for whatever was put on to come through. */
const rest = (scale: SimulatedScale) => {
  for (let i = 0; i < 80; i++) scale.pass(100);
};

describe('the simulated scale', () => {
  it('shows what stands on it once it has come to rest, to its step', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), (g) => {
        for (const traits of [KITCHEN_SCALE, FINE_SCALE]) {
          const scale = new SimulatedScale({ ...traits, driftGPerMinute: 0 }, quiet);
          scale.put(g);
          rest(scale);
          const shown = scale.read();
          expect(shown.stable).toBe(true);
          expect(Math.abs((shown.g ?? NaN) - g)).toBeLessThanOrEqual(traits.stepG / 2 + 1e-6);
          // A multiple of its step, and never "-0".
          expect((shown.g ?? 0) / traits.stepG).toBeCloseTo(Math.round((shown.g ?? 0) / traits.stepG), 6);
          expect(Object.is(shown.g, -0)).toBe(false);
        }
      }),
    );
  });

  it('comes through by and by, and is at rest only then', () => {
    const scale = new SimulatedScale({ ...KITCHEN_SCALE, driftGPerMinute: 0 }, quiet);
    scale.put(500);
    const shown: number[] = [];
    for (let i = 0; i < 12; i++) {
      scale.pass(100);
      shown.push(scale.read().g ?? NaN);
    }
    expect(shown[0]).toBeLessThan(200);
    shown.forEach((g, i) => expect(g).toBeGreaterThanOrEqual(shown[i - 1] ?? 0));
    expect(scale.read().stable).toBe(false);
    rest(scale);
    expect(scale.read()).toEqual({ g: 500, stable: true });
  });

  it('reads nothing after a tare, then what was added, and below nothing what was taken away', () => {
    const scale = new SimulatedScale({ ...KITCHEN_SCALE, driftGPerMinute: 0 }, quiet);
    scale.put(535);
    rest(scale);
    scale.tare();
    expect(scale.read().g).toBe(0);
    scale.put(301);
    rest(scale);
    expect(scale.read().g).toBe(301);
    scale.put(-836);
    rest(scale);
    expect(scale.read().g).toBe(-535);
    // Less than nothing cannot stand on it.
    scale.put(-100);
    expect(scale.load).toBe(0);
  });

  it('says overload rather than a figure, tare included', () => {
    const scale = new SimulatedScale(FINE_SCALE, quiet);
    scale.put(400);
    rest(scale);
    scale.tare();
    scale.put(200);
    rest(scale);
    expect(scale.read()).toEqual({ g: undefined, stable: false });
    scale.put(-200);
    rest(scale);
    expect(scale.read().g).toBeCloseTo(0, 1);
  });
});

describe('the simulated refractometer', () => {
  it('reads a syrup within its noise and half a step, in halves', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true, maxExcluded: true }),
        (brix, chance) => {
          const read = new SimulatedRefractometer(() => chance).read(brix, 20) ?? NaN;
          expect(Math.abs(read - brix)).toBeLessThanOrEqual(0.3 + 0.25 + 1e-9);
          expect(read * 2).toBe(Math.round(read * 2));
        },
      ),
    );
  });

  it('reads low in a warm kitchen, by 0.07 a degree (common practice)', () => {
    const even = new SimulatedRefractometer(() => 0.5);
    const warm = even.read(50, 30) ?? NaN;
    expect(warm).toBeLessThan(50);
    expect(Math.abs(warm + 0.07 * 10 - 50)).toBeLessThanOrEqual(even.stepBrix / 2);
    expect(even.read(90, 20)).toBeUndefined();
  });
});

describe('the simulated label printer', () => {
  it('cuts a strip as long as its longest line, and knows what tape is left', () => {
    const printer = new SimulatedLabelPrinter(300);
    const short = printer.print(['Lime', 'cordial']);
    const long = printer.print(['Lime cordial, cold', 'use by 9 December 2026']);
    expect(long.lengthMm).toBeGreaterThan(short.lengthMm);
    expect(printer.tapeLeftMm).toBe(300 - short.lengthMm - long.lengthMm);
    expect(printer.printed.map((p) => p.lines[0])).toEqual(['Lime', 'Lime cordial, cold']);
  });

  it('says so when the roll is at its end, and prints nothing by halves', () => {
    const printer = new SimulatedLabelPrinter(20);
    expect(() => printer.print(['Far too long for this roll'])).toThrow(
      /20 mm of tape are left: put in a new roll/,
    );
    expect([printer.tapeLeftMm, printer.printed.length]).toEqual([20, 0]);
  });
});

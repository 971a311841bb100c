import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { glassSchema } from '../catalogue/glass.js';
import { COUPE, testKinds, testRecipe } from '../testing/trade.js';
import { fillGlass, fitsGlassType } from './fill.js';
import { capacityMl, heightOfMl, insideOfCapacity, radiusAt, volumeToMl } from './profile.js';

/** Glasses of any shape: heights that rise, radii of a few centimetres. */
const insides = fc
  .array(fc.tuple(fc.double({ min: 1, max: 60, noNaN: true }), fc.double({ min: 3, max: 60, noNaN: true })), {
    minLength: 2,
    maxLength: 7,
  })
  .map((steps) => {
    let height = 0;
    return steps.map(([rise, radius], i): [number, number] => [(height += i === 0 ? 0 : rise), radius]);
  });

describe('the inside of a glass', () => {
  // Solids of revolution: cylinder πr²h; cone a third of it (Euclid, Elements XII.10).
  it('holds what geometry says', () => {
    expect(
      capacityMl([
        [0, 30],
        [100, 30],
      ]),
    ).toBeCloseTo(Math.PI * 9 * 10, 6);
    expect(
      capacityMl([
        [0, 0],
        [60, 50],
      ]),
    ).toBeCloseTo((Math.PI * 25 * 6) / 3, 6);
  });

  it('fills to the height whose volume it is, and never falls as more is poured', () => {
    fc.assert(
      fc.property(insides, fc.double({ min: 0, max: 1, noNaN: true }), (inside, share) => {
        const brim = capacityMl(inside);
        const height = heightOfMl(inside, share * brim);
        expect(volumeToMl(inside, height)).toBeCloseTo(share * brim, 3);
        expect(heightOfMl(inside, share * brim * 0.5)).toBeLessThanOrEqual(height + 1e-9);
        expect(radiusAt(inside, height)).toBeGreaterThan(0);
      }),
    );
  });

  it('keeps its shape when it is made for another volume', () => {
    fc.assert(
      fc.property(insides, fc.double({ min: 20, max: 900, noNaN: true }), (inside, ml) => {
        expect(capacityMl(insideOfCapacity(inside, ml))).toBeCloseTo(ml, 4);
      }),
    );
  });
});

describe('a drink in a glass', () => {
  const kinds = testKinds(
    ['spirit', { abv: 0.4 }],
    ['juice', { supply: 'fresh', acidGPerL: 60 }],
    ['soda', { supply: 'mixer', tastes: ['fizzy'] }],
  );
  const tumbler = glassSchema.parse({
    ...COUPE,
    id: 'tumbler',
    minMl: 300,
    maxMl: 400,
    inside: [
      [0, 35],
      [91, 35],
    ],
  });
  const coupe = glassSchema.parse(COUPE);
  const sour = testRecipe([
    ['spirit', '60 ml', 'base'],
    ['juice', '40 ml', 'sour'],
  ]);

  it('shows every part once, melt where it joined, and soda above it', () => {
    const collins = testRecipe(
      [
        ['soda', '60 ml', 'long'],
        ['spirit', '45 ml', 'base'],
        ['juice', '30 ml', 'sour'],
      ],
      { ice: 'cubes' },
    );
    const fill = fillGlass(collins, tumbler, kinds);
    expect(fill.layers.map((l) => l.kindId)).toEqual(['spirit', 'juice', undefined, 'soda']);
    expect(fill.layers.reduce((sum, l) => sum + l.ml, 0)).toBeCloseTo(fill.liquidMl, 9);
  });

  // Common practice: a served drink holds 80 to 200 g of ice and is filled to 75 to 90 % of the brim.
  it('takes as much ice as fills it well, and floating ice pushes aside its own mass', () => {
    const long = testRecipe([['spirit', '50 ml', 'base']], { method: 'build', ice: 'cubes' });
    const fill = fillGlass(long, tumbler, kinds);
    expect(fill.iceG).toBe(200);
    expect(fill.share).toBeCloseTo((fill.liquidMl + 200) / fill.capacityMl, 9);
  });

  it('stands in a size of its glass that suits it, and is said when none does', () => {
    expect(fillGlass(sour, coupe, kinds)).toMatchObject({ verdict: 'fits' });
    expect(fillGlass(sour, coupe, kinds).share).toBeCloseTo(0.85, 6);
    const short = testRecipe([['spirit', '30 ml', 'base']], { method: 'build' });
    expect(fillGlass(short, coupe, kinds).verdict).toBe('short');
    const huge = testRecipe([['juice', '300 ml', 'long']], { method: 'build' });
    expect(fillGlass(huge, coupe, kinds).verdict).toBe('over');
    expect([sour, short, huge].map((r) => fitsGlassType(r, coupe, kinds))).toEqual([true, false, false]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mouldSchema } from '../catalogue/tool.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { batchedDrink, bottlesFor, HEADSPACE_SHARE, mayBatch } from '../mixed/batched.js';
import { freezingPointC, fromFreezer } from '../mixed/freezing.js';
import { freezingHours, icePlan } from './ice-plan.js';

describe('freezing', () => {
  // Published tables of ethanol in water, from memory: −4 at 10 % vol, −9 at 20, −15 at 30, −23 at 40, −32 at 50, ± 1 °C.
  it.each([
    [0.1, -4],
    [0.2, -9],
    [0.3, -15],
    [0.4, -23],
    [0.5, -32],
    [0.25, -12],
    [0.35, -19],
  ])('at %d it is about %d °C', (abv, c) => {
    expect(Math.abs(freezingPointC(abv, 0) - c)).toBeLessThanOrEqual(1.5);
  });

  it('falls with strength and with sugar, and says what a freezer makes of a batch', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.49, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (abv, sugar) => {
          expect(freezingPointC(abv + 0.01, sugar)).toBeLessThan(freezingPointC(abv, sugar));
          expect(freezingPointC(abv, sugar + 50)).toBeLessThan(freezingPointC(abv, sugar));
        },
      ),
    );
    // Common practice: a Negroni-like batch of 24 % turns to slush, a dry stirred one of 33 % pours thick.
    expect(fromFreezer(0.24, 100)).toBe('slush');
    expect(fromFreezer(0.33, 5)).toBe('thick');
    expect(fromFreezer(0.4, 0)).toBe('liquid');
  });
});

describe('batches', () => {
  const kinds = testKinds(
    ['gin', { abv: 0.4 }],
    ['vermouth', { abv: 0.16, sugarGPerL: 150 }],
    ['bitters', { abv: 0.44 }],
    ['lime-juice', { supply: 'fresh' }],
    ['egg-white', { supply: 'fresh', tastes: ['egg'] }],
    ['soda', { supply: 'mixer', tastes: ['fizzy'] }],
  );
  const stirred = testRecipe(
    [
      ['gin', '60 ml', 'base'],
      ['vermouth', '30 ml', 'aromatic'],
      ['bitters', '2 dashes', 'seasoning'],
    ],
    { method: 'stir' },
  );

  it('are of what neither turns nor falls', () => {
    expect(mayBatch(stirred, kinds)).toBeUndefined();
    const why = (slots: Parameters<typeof testRecipe>[0], method = 'shake') =>
      mayBatch(testRecipe(slots, { method }), kinds);
    expect(
      why([
        ['gin', '60 ml', 'base'],
        ['lime-juice', '20 ml', 'sour'],
      ]),
    ).toBe('juice');
    expect(
      why([
        ['gin', '60 ml', 'base'],
        ['egg-white', '1 whole', 'body'],
      ]),
    ).toBe('egg');
    expect(
      why(
        [
          ['gin', '60 ml', 'base'],
          ['soda', '90 ml', 'long'],
        ],
        'build',
      ),
    ).toBe('fizz');
  });

  it('have the water that the ice would have given, bitters at three fifths, and fit their bottles with headspace', () => {
    const ten = batchedDrink(stirred, 10, kinds, [750, 500]);
    const ml = new Map(ten.parts.map((p) => [p.kind, p.ml]));
    expect([ml.get('gin'), ml.get('vermouth')]).toEqual([600, 300]);
    expect(ml.get('bitters')).toBeCloseTo(10 * 1.8 * 0.6, 6);
    // Arnold, stirred, at (24 + 4.8 + 0.8) / 91.8 = 0.32: −1.21a² + 1.246a + 0.145 = 0.42 of 91.8 ml.
    expect(ten.waterMl / 10).toBeCloseTo(91.8 * 0.42, 0);
    expect(ten.volumeMl).toBeCloseTo(ten.parts.reduce((sum, p) => sum + p.ml, 0) + ten.waterMl, 6);
    expect(ten.bottles).toEqual([750, 750]);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.uniqueArray(fc.integer({ min: 200, max: 1500 }), { minLength: 1, maxLength: 4 }),
        (volume, sizes) => {
          const room = bottlesFor(volume, sizes).reduce((sum, b) => sum + b * (1 - HEADSPACE_SHARE), 0);
          expect(room).toBeGreaterThanOrEqual(volume - 1e-6);
        },
      ),
    );
  });
});

describe('ice', () => {
  // Worked by Plank's equation: 3.97e8 J/m³ / 18 °C × (0.03 / 6 / 10 + 0.0009 / 24 / 2.22) = 11,400 s.
  it('of 3 cm freezes in about 3.2 hours, larger pieces in longer', () => {
    expect(freezingHours(30)).toBeCloseTo(3.17, 1);
    expect(freezingHours(50)).toBeGreaterThan(5);
  });

  it('is made in turns of the trays, and the rest is bought', () => {
    const cubes = mouldSchema.parse({ id: 'c', name: 'c', makes: 'cubes', edgeMm: 32, pieces: 15, hours: 5 });
    // Two trays of fifteen pieces of 30 g are 0.9 kg a turn: 3 kg want four of them; with three, 0.3 kg are lacking.
    const four = icePlan({ neededG: 3000, blocks: 0 }, [{ mould: cubes, count: 2 }], () => 6);
    expect(four.trays[0]?.cycles).toBe(4);
    expect(four.bags).toBe(0);
    const three = icePlan({ neededG: 3000, blocks: 0 }, [{ mould: cubes, count: 2 }], () => 3);
    expect(three).toMatchObject({ bags: 1, boughtG: 2000 });
    expect(three.madeG + three.boughtG).toBeGreaterThanOrEqual(3000);
    // What lies in the freezer is neither frozen again nor bought.
    const there = icePlan({ neededG: 3000, blocks: 0, thereG: 2200 }, [{ mould: cubes, count: 2 }], () => 6);
    expect(there).toMatchObject({ thereG: 2200, bags: 0 });
    expect(there.trays[0]?.cycles).toBe(1);
    expect(icePlan({ neededG: 3000, blocks: 0, thereG: 9000 }, [], () => 1)).toMatchObject({
      thereG: 3000,
      bags: 0,
    });
  });
});

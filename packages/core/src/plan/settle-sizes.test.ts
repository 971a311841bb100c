import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { bruteForceBest } from '../testing/brute-force.js';
import { highsForTests } from '../testing/highs.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { ReferenceModel } from '../planner/reference/reference-model.js';
import { emptyBrief, type Brief } from './brief.js';
import { compilePlan } from './compile.js';
import { LASTS_DAYS } from './lasting.js';
import { planThatLasts } from './settle-sizes.js';

const KINDS = ['gin', 'rum', 'rye', 'brandy'] as const;
const SIZES = [350, 700, 1000];
const POURS: [string, ...(readonly [string, number])[]][] = [
  ['martini', ['gin', 60]],
  ['daiquiri', ['rum', 50]],
  ['old-fashioned', ['rye', 60]],
  ['sidecar', ['brandy', 40]],
  ['fifty', ['gin', 30], ['rye', 30]],
  ['between', ['rum', 25], ['brandy', 25]],
];
const catalogue = testCatalogue({
  kinds: KINDS.map((id) =>
    kindInput(id, { abv: 0.4, sizes: SIZES.map((ml) => ({ ml, widthMm: 70, heightMm: 300 })) }),
  ),
  recipes: POURS.map(([id, ...slots]) =>
    recipeInput(
      slots.map(([kind, ml], i) => ({ kind, amount: `${ml} ml`, role: i === 0 ? 'base' : 'long' })),
      { id },
    ),
  ),
});
const shop = (prices: readonly number[]) =>
  priceListSchema.parse({
    ...{
      format: 'uisce-prices/1',
      id: 'corner',
      name: 'Corner',
      currency: 'EUR',
      provenance: 'for the tests',
    },
    bottles: KINDS.flatMap((kind, k) =>
      SIZES.map((ml, s) => ({
        ...{ id: `${kind}-${ml}`, kind, label: kind, ml, widthMm: 70, heightMm: 300 },
        priceMinor: 100 * (prices[k * SIZES.length + s] as number),
      })),
    ),
  });

describe('sizes that last for what the set itself pours', () => {
  it('settle on the best of all sets of the sizes on offer, each bottle lasting, and a second solver agrees', async () => {
    const highs = await highsForTests();
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 8, max: 40 }), { minLength: 12, maxLength: 12 }),
        fc.integer({ min: 10, max: 140 }),
        fc.constantFrom<Brief['lasts']>('taste', 'month', 'quarter', 'half-year'),
        fc.integer({ min: 1, max: 21 }),
        (costs, euros, lasts, drinksPerWeek) => {
          const brief = { ...emptyBrief('EUR'), lasts, drinksPerWeek, moneyNowMinor: 100 * euros };
          const prices = shop(costs);
          const result = planThatLasts({ brief, prices, catalogue });
          if (result === undefined) throw new Error('nobody stopped it');
          const { problem } = compilePlan(brief, prices, catalogue, undefined, result.uses);
          const best = bruteForceBest(problem);
          expect([result.answer.status, result.answer.value, result.answer.spend]).toEqual([
            'optimal',
            best?.value,
            best?.spend,
          ]);
          const second = new ReferenceModel(highs, problem);
          expect(second.solve(100 * euros)).toMatchObject({ value: best?.value, spend: best?.spend });
          second.dispose();
          // By the drinks alone: what they pour of each kind in that time, and the bottles that are there for it.
          const menu = POURS.filter(([id]) => result.answer.drinks.some((d) => d.id === id));
          const drinks = (drinksPerWeek * LASTS_DAYS[lasts]) / 7;
          if (result.settled === 'no') return;
          for (const id of result.answer.items) {
            const item = result.items.find((i) => i.id === id);
            if (!item?.bottle) throw new Error(`no bottle ${id}`);
            const poured = menu.flatMap(([, ...slots]) =>
              slots.flatMap(([k, ml]) => (k === item.kindId ? ml : [])),
            );
            const needed = (drinks * poured.reduce((a, b) => a + b, 0)) / menu.length;
            // Two litres are the most that is sold; what goes on beyond that does not last.
            expect(item.count * item.bottle.ml).toBeGreaterThanOrEqual(Math.min(needed, 2000) - 0.01);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('are not called lasting where two of the size that is bought would not do', () => {
    // Found by chance: €22 buy two small bottles of rum, which pour 700 of the 1300 ml of half a year.
    const costs = [8, 13, 13, 11, 22, 23, 8, 8, 13, 8, 13, 12];
    const brief: Brief = { ...emptyBrief('EUR'), lasts: 'half-year', drinksPerWeek: 1, moneyNowMinor: 2300 };
    const result = planThatLasts({ brief, prices: shop(costs), catalogue });
    const bought = result?.items.filter((i) => result.answer.items.includes(i.id)) ?? [];
    expect([result?.answer.status, result?.settled]).toEqual(['optimal', 'own']);
    expect(bought.filter(({ bottle, count }) => count * (bottle?.ml ?? 0) < 1300 - 0.01)).toEqual([]);
  });

  it('are the same whatever the money was before, and the smallest for a taste', () => {
    const prices = shop([10, 17, 30, 9, 16, 28, 12, 20, 33, 14, 22, 35]);
    const held = new Map();
    const at = (euros: number, lasts: Brief['lasts'], keep = held) =>
      planThatLasts(
        { brief: { ...emptyBrief('EUR'), lasts, moneyNowMinor: 100 * euros }, prices, catalogue },
        keep,
      );
    for (const euros of [40, 90, 60]) at(euros, 'quarter');
    expect(at(70, 'quarter')?.answer).toEqual(at(70, 'quarter', new Map())?.answer);
    expect(at(45, 'taste', new Map())?.answer.items).toEqual(['brandy-350', 'gin-350', 'rum-350', 'rye-350']);
  });

  it('keep what is known to be the best, where its sizes are its own', () => {
    const prices = shop([10, 17, 30, 9, 16, 28, 12, 20, 33, 14, 22, 35]);
    const matter = { brief: { ...emptyBrief('EUR'), moneyNowMinor: 7000 }, prices, catalogue };
    const whole = planThatLasts(matter);
    if (whole?.settled !== 'own') throw new Error('does not settle');
    const told: unknown[] = [];
    const from = { items: whole.answer.items, proven: true, uses: whole.uses, reserveMinor: 0 };
    const again = planThatLasts(matter, new Map(), { from, onBetter: (better) => told.push(better) });
    expect([again?.answer, told.length]).toEqual([whole.answer, 0]);
  });
});

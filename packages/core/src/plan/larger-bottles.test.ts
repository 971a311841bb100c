import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindInput, testCatalogue } from '../testing/trade.js';
import { pricedBottleSchema, priceListSchema } from '../catalogue/price-list.js';
import { largerBottles } from './larger-bottles.js';

const KINDS = ['gin', 'rum', 'rye'] as const;
const catalogue = testCatalogue({
  kinds: KINDS.map((id) => kindInput(id, { abv: 0.4 })),
  recipes: [],
});
const bottle = (kind: string, ml: number, priceMinor: number) =>
  pricedBottleSchema.parse({
    id: `${kind}-${ml}`,
    kind,
    label: kind,
    ml,
    priceMinor,
    widthMm: 70,
    heightMm: 300,
  });

/** Every choice of one from each list. */
const each = <T>(lists: readonly (readonly T[])[]): T[][] =>
  lists.reduce<T[][]>((all, list) => all.flatMap((row) => list.map((one) => [...row, one])), [[]]);

describe('money left over', () => {
  it('goes where the first bottle to be out lasts longest, then the second, as trying every choice finds', () => {
    const sizes = fc.uniqueArray(fc.constantFrom(350, 500, 700, 1000), { minLength: 1, maxLength: 4 });
    const shelf = fc.tuple(
      ...KINDS.map(() =>
        fc.tuple(
          sizes,
          fc.array(fc.integer({ min: 5, max: 40 }), { minLength: 4, maxLength: 4 }),
          fc.integer({ min: 1, max: 9 }),
        ),
      ),
    );
    fc.assert(
      fc.property(shelf, fc.integer({ min: 0, max: 60 }), (rows, moneyMinor) => {
        const sold = rows.map(([mls, costs], k) =>
          [...mls].sort((a, b) => a - b).map((ml, i) => bottle(KINDS[k] as string, ml, costs[i] as number)),
        );
        // The plan has taken the cheapest of each; only larger ones come into question.
        const from = sold.map((all) => all.reduce((a, b) => (b.priceMinor < a.priceMinor ? b : a)));
        const rates = rows.map(([, , rate]) => rate);
        const prices = priceListSchema.parse({
          format: 'uisce-prices/1',
          id: 'x',
          name: 'X',
          currency: 'EUR',
          provenance: 'test',
          bottles: sold.flat(),
        });
        const items = from.map((b) => ({
          id: b.id,
          kindId: b.kind,
          owned: false,
          made: false,
          priceMinor: b.priceMinor,
          bottle: b,
        }));
        const lasts = from.map((b, k) => ({
          itemId: b.id,
          kindId: b.kind,
          ml: b.ml,
          drinksIn: 1,
          untilEmpty: b.ml / (rates[k] as number),
        }));
        const found = largerBottles({ items, inUse: items.map((i) => i.id) }, lasts, prices, catalogue, {
          moneyMinor,
          widthMm: Infinity,
          liquorMl: Infinity,
        });
        const glasses = (chosen: readonly { ml: number }[]) =>
          chosen.map((b, k) => b.ml / (rates[k] as number)).sort((a, b) => a - b);
        const cost = (chosen: readonly { priceMinor: number }[]) =>
          chosen.reduce((sum, b, k) => sum + b.priceMinor - (from[k]?.priceMinor ?? 0), 0);
        const compare = (a: number[], b: number[]) =>
          a.map((x, i) => x - (b[i] as number)).find((d) => Math.abs(d) > 1e-9) ?? 0;
        const all = each(
          sold.map((list, k) => list.filter((b) => b === from[k] || b.ml > (from[k]?.ml ?? 0))),
        ).filter((c) => cost(c) <= moneyMinor);
        const best = all.reduce((a, b) => {
          const gain = compare(glasses(b), glasses(a));
          return gain > 0 || (gain === 0 && cost(b) < cost(a)) ? b : a;
        });
        const mine = from.map((b) => found?.bottles.find((c) => c.kindId === b.kind)?.to ?? b);
        expect(glasses(mine)).toEqual(glasses(best));
        expect([found?.moreMinor ?? 0, found !== undefined]).toEqual([
          cost(mine),
          mine.some((b, k) => b !== from[k]),
        ]);
      }),
      { numRuns: 300 },
    );
  });
});

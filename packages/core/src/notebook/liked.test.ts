import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { kindInput, testShop } from '../testing/trade.js';
import { OWN, ownKindSchema, withOwnKindsSold, withVersion } from './own-drink.js';
import {
  bestOfFamilies,
  favouritesOf,
  likedDrinks,
  likedVersion,
  verdictsOf,
  type Verdict,
} from './verdicts.js';
import { specOf as spec, AT, ownDrink as drink } from '../testing/own-drinks.js';

describe('kinds of one’s own', () => {
  const list = testShop({});
  const own = (id: string, more: object, currency = 'EUR') => ({
    ...ownKindSchema.parse(kindInput(id, more)),
    sold: { ml: 500, priceMinor: 900, currency },
  });

  it('are sold as bottles, or fresh, in the currency of the shop alone', () => {
    const sold = withOwnKindsSold(list, [
      own('own-a', {}),
      own('own-b', { supply: 'fresh' }),
      own('own-c', {}, 'USD'),
    ]);
    expect(sold.bottles.slice(1)).toMatchObject([{ kind: 'own-a', ml: 500, priceMinor: 900 }]);
    expect(sold.fresh).toMatchObject([{ kind: 'own-b', ml: 500, priceMinor: 900 }]);
    expect(priceListSchema.safeParse(sold).success).toBe(true);
    expect(withOwnKindsSold(list, [own('own-c', {}, 'USD')])).toBe(list);
  });
});

describe('how drinks were liked', () => {
  const verdict = (of: string, value: number, by: string[] = [], more: Partial<Verdict> = {}): Verdict => ({
    drink: of,
    at: AT(3),
    verdict: value,
    by,
    version: undefined,
    ...more,
  });

  it('is the mean; of two alike the one that more verdicts are of comes first', () => {
    const liked = likedDrinks([
      verdict('b', 4),
      verdict('a', 5),
      verdict('a', 3),
      verdict('c', 2),
      verdict('d', 2),
    ]);
    expect(liked.map((l) => [l.drink, l.mean, l.times])).toEqual([
      ['a', 4, 2],
      ['b', 4, 1],
      ['c', 2, 1],
      ['d', 2, 1],
    ]);
  });

  it('is each person’s own, and of a drink had together of everybody', () => {
    const all = favouritesOf([verdict('a', 5, ['Ann', 'Bo']), verdict('b', 1, ['Ann']), verdict('c', 3)]);
    expect([...all].map(([who, of]) => [who, of.map((l) => l.drink)])).toEqual([
      ['Ann', ['a', 'b']],
      ['Bo', ['a']],
    ]);
  });

  it('counts for the version that was tasted, by its name or by the time', () => {
    const now = withVersion(drink(spec([['gin', '60 ml']])), {
      at: AT(10),
      why: '',
      recipe: spec([['rum', '60 ml']]),
    });
    const id = `${OWN}x`;
    const said = [
      verdict(id, 2),
      verdict(id, 4, [], { at: AT(12) }),
      verdict(id, 5, [], { at: AT(20), version: AT(1) }),
    ];
    expect(likedVersion(said, now, 0)).toEqual({ mean: 3.5, times: 2 });
    expect(likedVersion(said, now, 1)).toEqual({ mean: 4, times: 1 });
    expect(likedVersion([], now, 0)).toBeUndefined();
  });

  it('names the best of each family, once', () => {
    const families = new Map([
      ['a', 'sour'],
      ['b', 'sour'],
      ['c', 'martini'],
    ]);
    const best = bestOfFamilies(
      [verdict('a', 3), verdict('b', 5), verdict('c', 1), verdict('gone', 5)],
      (d) => families.get(d) as never,
    );
    expect([...best].map(([family, l]) => [family, l.drink])).toEqual([
      ['sour', 'b'],
      ['martini', 'c'],
    ]);
  });

  it('takes no verdict from what was given up, or from a note without one', () => {
    const pour = (glasses: number, value: number | null) =>
      ({ drink: 'a', at: AT(3), verdict: value, glasses, for: [] }) as never;
    const tasting = (value: number | null) =>
      ({ drink: 'a', at: AT(3), verdict: value, by: 'Ann', version: null }) as never;
    const found = verdictsOf([pour(1, 4), pour(0, 4), pour(1, null)], [tasting(3), tasting(null)]);
    expect(found.map((v) => [v.verdict, v.by])).toEqual([
      [4, []],
      [3, ['Ann']],
    ]);
  });
});

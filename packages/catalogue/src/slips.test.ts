import { beforeAll, describe, expect, it } from 'vitest';
import type { Fault } from '@uisce/core/base';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import { compilePlan, emptyBrief } from '@uisce/core/plan';
import {
  garnishFaults,
  homeMadeFaults,
  methodFaults,
  noAlcoholFaults,
  priceBandFaults,
  synonymFaults,
  uncomparedFaults,
} from '@uisce/core/rules';
import { loadCatalogue, loadPriceLists, loadPublished } from './load.js';

let shipped: Catalogue;
let prices: PriceList[];
beforeAll(() => {
  shipped = loadCatalogue().catalogue;
  prices = loadPriceLists(shipped);
});

/** The catalogue with one recipe, kind, batch or stand-in changed. */
function slipped<L extends 'recipes' | 'kinds' | 'homeMade' | 'standIns'>(
  list: L,
  id: string,
  change: (entry: Catalogue[L][number]) => object,
): Catalogue {
  const entries = shipped[list].map((entry) =>
    ('id' in entry ? entry.id : entry.for) === id ? { ...entry, ...change(entry) } : entry,
  );
  return { ...shipped, [list]: entries };
}
const details = (faults: Fault[]) => faults.map((f) => f.detail).join('; ');
const shop = () => {
  const list = prices.find((l) => l.id === 'lantern-store');
  if (!list) throw new Error('the shop is gone');
  return list;
};

describe('a planted slip is caught, and the shipped data has none', () => {
  it('alcohol in a drink that is said to have none', () => {
    const strong = slipped('recipes', 'limeade', (r) => ({
      slots: [
        ...r.slots,
        { ...r.slots[0], kind: 'aromatic-bitters', amount: { value: 6, measure: 'dash' }, role: 'seasoning' },
      ],
    }));
    expect(details(noAlcoholFaults(strong))).toMatch(/^limeade has \d\.\d+ % vol; .* at most 0\.5/);
    expect(noAlcoholFaults(shipped)).toEqual([]);
  });

  it('a blended drink poured over more ice', () => {
    const iced = slipped('recipes', 'pina-colada', () => ({ ice: 'crushed' }));
    expect(details(methodFaults(iced))).toMatch(/^pina-colada: a blended drink has its ice in it/);
    expect(methodFaults(shipped)).toEqual([]);
  });

  it.each([
    ['tequila-sunrise', 'grenadine', { sink: false, float: true }, /too heavy to float/],
    ['screwdriver', 'orange-juice', { sink: true }, /too light to sink/],
    ['mojito', 'mint', { float: true }, /cannot float, sink, be pressed and stand beside all at once/],
    ['star-passion-martini', 'lime-juice', { beside: true }, /stands beside the drink: its role is long/],
  ])('a part of %s that ends up elsewhere than it is said to', (id, kind, change, words) => {
    const wrong = slipped('recipes', id, (r) => ({
      slots: r.slots.map((s) => (s.kind === kind ? { ...s, ...change } : s)),
    }));
    expect(details(methodFaults(wrong))).toMatch(words);
  });

  it('a recipe of the published list that is never compared with it', () => {
    const [published] = loadPublished();
    if (!published) throw new Error('the list is gone');
    const { list } = published;
    const claimed = slipped('recipes', 'matador', () => ({ source: list.source }));
    expect(details(uncomparedFaults(claimed, list.source, list))).toMatch(
      /^matador is said to be of the official/,
    );
    expect(uncomparedFaults(shipped, list.source, list)).toEqual([]);
  });

  it('a drink named for a garnish that is no part of it', () => {
    const bare = slipped('recipes', 'onion-martini', () => ({ garnish: [] }));
    expect(details(garnishFaults(bare))).toMatch(/^onion-martini is named for its garnish/);
    expect(garnishFaults(shipped)).toEqual([]);
  });

  it.each([
    ['sugarGPerL', 300, /g of sugar a litre against 300/],
    ['acidGPerL', 1, /g of acid a litre against 1/],
    ['abv', 0.1, /0\.0 % vol against 10\.0/],
  ])('a batch that comes out otherwise than its kind says: %s', (figure, value, words) => {
    const other = slipped('kinds', 'elderflower-cordial', () => ({ [figure]: value }));
    expect(details(homeMadeFaults(other))).toMatch(words);
    expect(homeMadeFaults(shipped)).toEqual([]);
  });

  it('a name that leads to two kinds or two drinks', () => {
    const gomme = slipped('kinds', 'vodka', () => ({ also: ['gin'] }));
    expect(details(synonymFaults(gomme))).toBe('“gin” leads to gin and to vodka; let it lead to one');
    const twice = slipped('recipes', 'matador', () => ({ also: ['Daiquiri'] }));
    expect(details(synonymFaults(twice))).toMatch(/“(Daiquiri|Matador)” leads to/);
    expect(synonymFaults(shipped)).toEqual([]);
  });

  it.each<[string, (list: PriceList) => Partial<PriceList>, RegExp]>([
    [
      'cans only',
      (l) => ({ bottles: l.bottles.filter((b) => b.kind !== 'cola' || b.ml < 1000) }),
      /sell cola by the litre too/,
    ],
    [
      'odd ratios',
      (l) => ({ bottles: l.bottles.map((b) => (b.kind === 'cognac' ? { ...b, priceMinor: 900 } : b)) }),
      /cognac costs 0\.\d+ times as much as grape-brandy/,
    ],
    [
      'free fruit',
      (l) => ({ fresh: l.fresh.map((f) => (f.kind === 'mint' ? { ...f, priceMinor: 0 } : f)) }),
      /mint is not free/,
    ],
  ])('a shop with %s', (_what, change, words) => {
    expect(details(priceBandFaults({ ...shop(), ...change(shop()) }, shipped))).toMatch(words);
    for (const list of prices) expect(priceBandFaults(list, shipped), list.id).toEqual([]);
  });
});

describe('a drink without alcohol', () => {
  it('is never made by a bottle that has some', () => {
    const owned = {
      ...emptyBrief('EUR'),
      attitude: 'pinch' as const,
      soft: 'within' as const,
      ownedKinds: ['elderflower-liqueur'],
    };
    const { problem } = compilePlan(owned, shop(), shipped);
    const fizz = problem.drinks.find((d) => d.id === 'elderflower-fizz');
    const ways = fizz?.slots.flatMap((s) => s.any.flatMap((a) => a.all)) ?? [];
    expect(ways).toContain('elderflower-cordial');
    expect(ways).not.toContain('elderflower-liqueur');
    // Elsewhere the liqueur stands in as before.
    const strong = slipped('recipes', 'elderflower-fizz', () => ({ family: 'fizz' }));
    const again = compilePlan(owned, shop(), strong).problem.drinks.find((d) => d.id === 'elderflower-fizz');
    expect(again?.slots.flatMap((s) => s.any.flatMap((a) => a.all))).toContain('elderflower-liqueur');
  });
});

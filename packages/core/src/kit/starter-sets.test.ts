import { describe, expect, it } from 'vitest';
import { kindInput, recipeInput, testCatalogue, testShop } from '../testing/trade.js';
import { emptyKit, type Kit } from './kit.js';
import { compareStarterSets, drinksAtOnce } from './starter-sets.js';

const slot = (kind: string, amount: string) => ({ kind, amount, role: 'base' });
const catalogue = testCatalogue({
  kinds: [kindInput('gin', { abv: 0.4 }), kindInput('lime', { supply: 'fresh' })],
  techniques: [
    {
      id: 'shake',
      name: 'Shake',
      how: 'Hard, until the tin frosts.',
      needs: [{ id: 'shaker', what: 'a tin to shake in', tools: ['tin', 'cup'], kitchen: ['jar'] }],
    },
  ],
  tools: [
    { id: 'tin', name: 'Two tins', techniques: ['shake'], tier: 'essential', capacitiesMl: [530, 830] },
    { id: 'cup', name: 'Small cup', techniques: ['shake'], tier: 'nice', capacitiesMl: [350] },
  ],
  kitchen: [{ id: 'jar', name: 'Jam jar', usual: true, capacityMl: 500, hard: 'It is slow to cool.' }],
  recipes: [
    recipeInput([slot('gin', '60 ml'), slot('lime', '30 ml')], { id: 'sour', name: 'Sour' }),
    recipeInput([slot('gin', '60 ml')], { id: 'neat', name: 'Neat', method: 'build' }),
  ],
  starterSets: ['tin', 'cup', ''].map((tool) => ({
    id: tool || 'nothing',
    name: tool || 'Nothing',
    tools: tool ? [tool] : [],
    cleaning: 'By hand.',
    hard: 'Nothing much.',
  })),
});
const prices = testShop({
  kit: [
    { id: 'dear', tool: 'tin', label: 'Dear tins', priceMinor: 3900 },
    { id: 'cheap', tool: 'tin', label: 'Cheap tins', priceMinor: 1500 },
  ],
});
const compare = (kit: Partial<Kit>, people = 4) =>
  Object.fromEntries(
    compareStarterSets(
      catalogue.recipes,
      { ...emptyKit(), said: true, ...kit },
      prices,
      catalogue,
      people,
    ).map(({ set, ...report }) => [set.id, report]),
  );

describe('how many drinks go into a shaker', () => {
  it.each([
    // Two thirds of 830 ml are 553; a drink of 90 ml and 150 g of ice take 254.
    [830, 90, 2],
    [530, 90, 1],
    [350, 90, 0],
    [830, 60, 2],
  ])('%i ml take %i ml drinks: %i', (capacity, mix, drinks) => {
    expect(drinksAtOnce(capacity, mix)).toBe(drinks);
  });
});

describe('ways to begin', () => {
  it('cost the cheapest of what is not owned; what no shop sells has no price', () => {
    const sets = compare({});
    expect([sets.tin?.priceMinor, sets.cup?.priceMinor, sets.nothing?.priceMinor]).toEqual([
      1500,
      undefined,
      0,
    ]);
    expect(compare({ tools: [{ id: 'tin', since: null }] }).tin?.priceMinor).toBe(0);
  });

  it('cover what their tools can make, the kitchen alone where there are none', () => {
    const bare = compare({ kitchen: [] });
    expect([bare.tin?.covered, bare.nothing?.covered]).toEqual([['sour', 'neat'], ['neat']]);
    expect(bare.nothing?.missing).toEqual(['sour']);
    expect(compare({ kitchen: ['jar'] }).nothing?.covered).toEqual(['sour', 'neat']);
  });

  it('take the place of the shakers that are owned: each is judged by itself', () => {
    const sets = compare({ tools: [{ id: 'tin', since: null }], kitchen: [] });
    expect(sets.nothing?.missing).toEqual(['sour']);
  });

  it('say in how many goes everybody is served', () => {
    const sets = compare({ kitchen: ['jar'] }, 5);
    // Two at a time in the large tin; one at a time in the cup and the jar, however small.
    expect([sets.tin?.atOnce, sets.tin?.goes]).toEqual([2, 3]);
    expect([sets.cup?.atOnce, sets.cup?.goes]).toEqual([1, 5]);
    expect([sets.nothing?.atOnce, sets.nothing?.goes]).toEqual([1, 5]);
    expect(compare({ kitchen: [] }).nothing).toMatchObject({ atOnce: 0, goes: undefined });
  });

  it('count a drink that no glass in the cupboard takes as missing, once glasses were entered', () => {
    const thimble = { id: 'g', name: 'Thimble', type: 'coupe', capacityMl: 20, count: 6 };
    const goblet = { ...thimble, name: 'Coupe', capacityMl: 180 };
    expect(compare({ glasses: [thimble] }).tin?.covered).toEqual([]);
    expect(compare({ glasses: [goblet] }).tin?.covered).toContain('sour');
  });
});

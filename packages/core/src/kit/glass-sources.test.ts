import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { testRecipe, testKinds } from '../testing/trade.js';
import { takesHerbs } from './care.js';
import { glassSources } from './glass-sources.js';
import { emptyKit } from './kit.js';

const prices = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'shop',
  name: 'Shop',
  currency: 'EUR',
  provenance: 'made up',
  bottles: [{ id: 'g', kind: 'gin', label: 'gin', ml: 700, priceMinor: 1, widthMm: 70, heightMm: 300 }],
  kit: [
    { id: 'four-coupes', glass: 'coupe', label: 'Coupes', capacityMl: 180, pieces: 4, priceMinor: 2_002 },
    { id: 'flutes', glass: 'flute', label: 'Flutes', capacityMl: 170, pieces: 2, priceMinor: 900 },
    { id: 'jigger', tool: 'jigger', label: 'Jigger', priceMinor: 800 },
  ],
});

describe('glasses that an evening could use', () => {
  const coupes = { id: 'old', name: 'Old coupes', type: 'coupe', capacityMl: 150, count: 3 };

  it('are those in the cupboard and how more of their type are sold, and those on sale, in their sets', () => {
    const sources = glassSources({ ...emptyKit(), drinksWine: true, glasses: [coupes] }, prices);
    expect(sources.map((s) => [s.type, s.ownedId, s.owned, s.set?.pieces, s.set?.priceMinor])).toEqual([
      ['coupe', 'old', 3, 4, 2_002],
      ['coupe', undefined, 0, 4, 2_002],
      ['flute', undefined, 0, 2, 900],
    ]);
  });

  it('leave wine glasses to those who drink wine (common practice: no wine, no wine glasses)', () => {
    expect(glassSources(emptyKit(), prices).map((s) => s.type)).toEqual(['coupe']);
  });
});

it('herbs are asked for when any drink takes them', () => {
  const gin = testRecipe([['gin', '60 ml', 'base']]);
  const mint = testRecipe([
    ['gin', '60 ml', 'base'],
    ['mint', '8 leaves', 'aromatic'],
  ]);
  const kinds = testKinds(['gin'], ['mint']);
  expect([takesHerbs([gin], kinds), takesHerbs([gin, mint], kinds)]).toEqual([false, true]);
});

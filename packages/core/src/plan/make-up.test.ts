import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testKinds, testRecipe } from '../testing/trade.js';
import type { PlanResult } from './answer.js';
import { countDrinks } from './count-drinks.js';
import { makeUpOf, openCounts } from './make-up.js';

const kinds = testKinds(
  ['gin'],
  ['syrup', { supply: 'home-made' }],
  ['soda', { supply: 'mixer', job: 'long' }],
  ['hot-sauce', { supply: 'mixer', job: 'aromatic' }],
);
const result = (ids: string[]) =>
  ({
    inUse: ids,
    packs: [{ id: 'pack:sugar' }],
    items: ids.map((id) => ({ id, kindId: id.split(':').at(-1), owned: id.startsWith('owned') })),
    kit: [
      { id: 'press', toolId: 'citrus-press', pieces: 1, priceMinor: 1200 },
      { id: 'coupes', glassId: 'coupe', pieces: 4, priceMinor: 2580 },
    ],
  }) as unknown as PlanResult;
const nothing = { bought: 0, owned: 0, syrups: 0, mixers: 0, seasonings: 0, tools: 0, glasses: 0 };

describe('what a set is made up of', () => {
  it('tells bottles that are bought from those that are owned, and counts glasses singly', () => {
    const set = [
      'owned:gin',
      'gin',
      'gin',
      'syrup',
      'pack:sugar',
      'soda',
      'owned:soda',
      'hot-sauce',
      'press',
      'coupes',
    ];
    expect(makeUpOf(result(set), kinds)).toEqual({
      bought: 2,
      owned: 1,
      syrups: 1,
      mixers: 1,
      seasonings: 1,
      tools: 1,
      glasses: 4,
    });
    expect(makeUpOf(undefined, kinds)).toEqual(nothing);
  });
});

describe('how drinks are open', () => {
  const recipes = new Map(
    [
      testRecipe([['gin', '60 ml', 'base']], { id: 'a', group: 'g' }),
      testRecipe([['gin', '60 ml', 'base']], { id: 'b', group: 'g' }),
      testRecipe([['gin', '60 ml', 'base']], { id: 'c' }),
      testRecipe([['soda', '60 ml', 'long']], { id: 'd', family: 'no-alcohol' }),
    ].map((r) => [r.id, r]),
  );

  it('is as written where any variant is, and with a stand-in where every one takes one', () => {
    expect(
      openCounts(
        [
          { id: 'a', fit: 0.8 },
          { id: 'b', fit: 1 },
        ],
        recipes,
      ),
    ).toEqual({ all: 1, asWritten: 1, withStandIn: 0, withoutAlcohol: 0 });
    expect(
      openCounts(
        [
          { id: 'a', fit: 0.8 },
          { id: 'c', fit: 0.9 },
          { id: 'd', fit: 1 },
        ],
        recipes,
      ),
    ).toEqual({ all: 3, asWritten: 1, withStandIn: 2, withoutAlcohol: 1 });
  });

  it('always adds up to the drinks that are counted', () => {
    const drink = fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd'), fit: fc.constantFrom(0.5, 0.8, 1) });
    fc.assert(
      fc.property(fc.uniqueArray(drink, { selector: (d) => d.id }), (drinks) => {
        const counts = openCounts(drinks, recipes);
        expect(counts.asWritten + counts.withStandIn).toBe(counts.all);
        expect(counts.all).toBe(
          countDrinks(
            drinks.map((d) => d.id),
            recipes,
          ),
        );
        expect(counts.withoutAlcohol).toBeLessThanOrEqual(counts.all);
      }),
    );
  });
});

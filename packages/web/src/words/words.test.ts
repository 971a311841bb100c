import { describe, expect, it } from 'vitest';
import { kindSchema } from '@uisce/core/catalogue';
import type { PlanResult } from '@uisce/core/plan';
import { makeUpOf, sayLenses, sayMakeUp } from './judgement';
import { count, inSentence, listed, sayDays } from './use-words';

describe('words', () => {
  it('say how the lenses tilt the count', () => {
    expect(sayLenses({ variety: null, shares: [] })).toBe('');
    expect(sayLenses({ variety: { after: 3, factor: 0.5 }, shares: [{ taste: 'bitter', oneIn: 4 }] })).toBe(
      'Chosen with at least a quarter bitter and each family counts less after its 3rd drink',
    );
    const after = (n: number) => sayLenses({ variety: { after: n, factor: 0 }, shares: [] });
    expect([1, 2, 4, 11, 12, 21].map((n) => /its (\w+)/.exec(after(n))?.[1])).toEqual([
      '1st',
      '2nd',
      '4th',
      '11th',
      '12th',
      '21st',
    ]);
    expect(sayLenses({ variety: null, shares: [{ taste: 'mint', oneIn: 7 }] })).toContain('one in 7 mint');
  });

  it('count in singular and plural', () => {
    expect([0, 1, 2].map((n) => count(n, 'drink'))).toEqual(['0 drinks', '1 drink', '2 drinks']);
    expect(count(2, 'leaf', 'leaves')).toBe('2 leaves');
  });

  it('say a life as nearly as it matters', () => {
    expect([1, 18, 60, 180, 365, 730].map(sayDays)).toEqual([
      '1 day',
      '18 days',
      '2 months',
      '6 months',
      '1 year',
      '2 years',
    ]);
  });

  it('list with commas and one "and"', () => {
    expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c']].map(listed)).toEqual(['', 'a', 'a and b', 'a, b and c']);
  });

  it('keep the capital of a place within a sentence and drop the others', () => {
    expect(['Dry vermouth', 'Irish whiskey', 'Islay Scotch'].map(inSentence)).toEqual([
      'dry vermouth',
      'Irish whiskey',
      'Islay Scotch',
    ]);
  });
});

describe('what a set is made up of', () => {
  const kind = (id: string, supply: string) => kindSchema.parse({ id, name: id, job: 'base', supply });
  const kinds = new Map(
    [kind('gin', 'bottle'), kind('syrup', 'home-made'), kind('soda', 'mixer')].map((k) => [k.id, k]),
  );
  const result = (ids: string[]) =>
    ({
      answer: { items: ids },
      items: ids.map((id) => ({ id, kindId: id.split(':').at(-1), owned: id.startsWith('owned') })),
      kit: [
        { id: 'press', toolId: 'citrus-press', pieces: 1, priceMinor: 1200 },
        { id: 'coupes', glassId: 'coupe', pieces: 4, priceMinor: 2580 },
      ],
    }) as unknown as PlanResult;
  const nothing = { bottles: 0, homeMade: 0, mixers: 0, tools: 0, glasses: 0 };

  it('counts bottles, syrups, mixers, tools and single glasses apart, owned or not', () => {
    expect(makeUpOf(result(['owned:gin', 'gin', 'syrup', 'soda', 'press', 'coupes']), kinds)).toEqual({
      bottles: 2,
      homeMade: 1,
      mixers: 1,
      tools: 1,
      glasses: 4,
    });
    expect(makeUpOf(undefined, kinds)).toEqual(nothing);
  });

  it('is said without what there is none of', () => {
    expect(sayMakeUp({ ...nothing, bottles: 11, homeMade: 3, mixers: 2 })).toBe(
      'with 11 bottles and 3 home-made syrups',
    );
    expect(sayMakeUp({ ...nothing, homeMade: 1 })).toBe('with 1 home-made syrup');
    expect(sayMakeUp({ ...nothing, mixers: 4 })).toBe('');
    expect(sayMakeUp({ ...nothing, bottles: 1, tools: 2, glasses: 1 })).toBe(
      'with 1 bottle, 2 tools and 1 glass',
    );
  });
});

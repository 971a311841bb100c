import { describe, expect, it } from 'vitest';
import { sayLenses, sayMakeUp } from './judgement';
import { count, listed, sayDays } from './use-words';

describe('words', () => {
  it('say what a set is best at beside the plain count', () => {
    const plain = { askedForMore: false, likedMore: false, variety: false, shares: [] };
    expect(sayLenses(plain)).toBe('');
    expect(sayLenses({ ...plain, likedMore: true, shares: [{ taste: 'mint', oneIn: 7 }] })).toBe(
      'Chosen for what you like and at least one in 7 mint',
    );
    expect(sayLenses({ ...plain, askedForMore: true, variety: true })).toBe(
      'Chosen for the drinks people ask for most and drinks that differ',
    );
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
});

describe('what a set is made up of', () => {
  const nothing = { bought: 0, owned: 0, syrups: 0, mixers: 0, seasonings: 0, tools: 0, glasses: 0 };

  it('is said without what there is none of, and tells what is yours', () => {
    const say = (part: Partial<typeof nothing>) => sayMakeUp({ ...nothing, ...part });
    expect(say({ bought: 11, syrups: 3, mixers: 2 })).toBe('with 11 bottles, 3 syrups and 2 mixers');
    expect(say({ bought: 12, owned: 3, syrups: 7 })).toBe('with 12 bottles beside your 3 and 7 syrups');
    expect(say({ owned: 1, syrups: 1 })).toBe('with your 1 bottle and 1 syrup');
    expect(say({ mixers: 4 })).toBe('with 4 mixers');
    expect(say({ bought: 1, tools: 2, glasses: 1 })).toBe('with 1 bottle, 2 tools and 1 glass');
  });
});

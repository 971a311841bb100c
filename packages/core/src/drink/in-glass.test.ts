import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALLERGENS } from '../catalogue/kind.js';
import { testKinds, testRecipe } from '../testing/trade.js';
import { wordsHold } from './garnish-allergens.js';
import { asWritten, inGlass } from './in-glass.js';
import { limitsByName, limitsTogether, mayHave, NO_LIMITS, refusalOf, sayRefusal } from './limits.js';
import { notSafe } from './not-safe.js';

const kinds = testKinds(
  ['gin', { abv: 0.4, parent: 'spirit' }],
  ['hazelnut-gin', { abv: 0.4, allergens: ['nuts'] }],
  ['own-cordial', { supply: 'home-made', allergensStated: false }],
  ['tonic', { supply: 'mixer', caution: 'Contains quinine.' }],
  ['hard-tonic', { supply: 'mixer', abv: 0.05 }],
  ['honey-syrup', { supply: 'home-made', cautionForChildren: 'No honey for infants.' }],
  ['egg-white', { supply: 'fresh', allergens: ['egg'], tastes: ['egg'] }],
  ['lime-whole', { supply: 'fresh' }],
  ['spirit', { abstract: true }],
  ['infusion', { madeOf: ['hazelnut-gin'] }],
  ['punch-base', { madeOf: ['infusion'] }],
  ['wine', { allergens: ['sulphites'], mayHold: ['egg', 'milk'] }],
  ['celery-salt', { supply: 'fresh', allergens: ['celery'] }],
  ['chocolate', { supply: 'fresh', allergens: ['milk', 'soya'] }],
);
const tonic = testRecipe(
  [
    ['gin', '50 ml', 'base'],
    ['tonic', '150 ml', 'long'],
  ],
  { method: 'build', garnish: 'lime wedge' },
);
const soft = testRecipe(
  [
    ['honey-syrup', '15 ml', 'sweet'],
    ['tonic', '150 ml', 'long'],
  ],
  { method: 'build' },
);
const nuts = { ...NO_LIMITS, allergens: ['nuts' as const] };

describe('what is in a glass', () => {
  it('is what is poured, with what may come in its place', () => {
    expect(inGlass(tonic, kinds)).toMatchObject({ parts: ['gin', 'tonic'], allergens: [], unknown: [] });
    expect(inGlass(tonic, kinds, { kinds: ['hazelnut-gin'] }).allergens).toEqual(['nuts']);
    const other = testRecipe([['gin', '50 ml', 'base', { or: ['hazelnut-gin'] }]]);
    expect(inGlass(other, kinds).allergens).toEqual([]);
    expect(asWritten(other, kinds).allergens).toEqual(['nuts']);
  });

  it('holds what is left to taste, its garnish and its rim', () => {
    const sour = testRecipe(
      [
        ['gin', '45 ml', 'base'],
        ['egg-white', '1 whole', 'body', { optional: true }],
      ],
      { garnish: 'celery salt rim, chocolate shavings, crushed peanuts' },
    );
    const glass = inGlass(sour, kinds);
    expect(glass.allergens).toEqual(['egg', 'milk', 'peanuts', 'celery', 'soya']);
    expect(glass.tastes.has('egg')).toBe(true);
  });

  it('is unknown where nobody has said, and unknown is never none', () => {
    const cordial = inGlass(testRecipe([['own-cordial', '30 ml', 'sweet']]), kinds);
    expect(cordial).toMatchObject({ allergens: [], unknown: ['own-cordial'] });
    expect(inGlass(testRecipe([['nowhere', '30 ml', 'sweet']]), kinds).unknown).toEqual(['nowhere']);
    const dressed = testRecipe([['gin', '60 ml', 'base']], { garnish: 'olive, praline' });
    expect(inGlass(dressed, kinds).unknown).toEqual(['olive', 'praline']);
    for (const allergen of ALLERGENS) {
      const limits = { ...NO_LIMITS, allergens: [allergen] };
      expect(refusalOf(limits, cordial)).toMatchObject({
        allergens: [],
        unknown: ['own-cordial'],
        alcohol: false,
      });
    }
    // Whoever can have everything is told, and may have it.
    expect(mayHave(NO_LIMITS, cordial)).toBe(true);
  });

  it('may hold what some makers put in: said apart, and as little to be had', () => {
    const wine = inGlass(testRecipe([['wine', '120 ml', 'long']]), kinds);
    expect(wine).toMatchObject({ allergens: ['sulphites'], mayHold: ['egg', 'milk'] });
    expect(refusalOf({ ...NO_LIMITS, allergens: ['milk'] }, wine)).toMatchObject({
      allergens: [],
      mayHold: ['milk'],
    });
    expect(mayHave({ ...NO_LIMITS, allergens: ['fish'] }, wine)).toBe(true);
  });

  it('is refused by ingredient too: as a part, as what a part is a kind of, as what dresses it', () => {
    const without = (kind: string) => ({ ...NO_LIMITS, without: [kind] });
    expect(refusalOf(without('gin'), inGlass(tonic, kinds))?.kinds).toEqual(['gin']);
    expect(refusalOf(without('spirit'), inGlass(tonic, kinds))?.kinds).toEqual(['spirit']);
    expect(refusalOf(without('lime-whole'), inGlass(tonic, kinds))?.kinds).toEqual(['lime-whole']);
    expect(refusalOf(without('hazelnut-gin'), inGlass(tonic, kinds))).toBeUndefined();
    // A syrup of a syrup of it, and what nobody has said.
    const punch = inGlass(testRecipe([['punch-base', '60 ml', 'base']]), kinds);
    expect(refusalOf(without('hazelnut-gin'), punch)?.kinds).toEqual(['hazelnut-gin']);
    const cordial = inGlass(testRecipe([['own-cordial', '30 ml', 'sweet']]), kinds);
    expect(refusalOf(without('gin'), cordial)?.unknown).toEqual(['own-cordial']);
    const other = inGlass(tonic, kinds, { kinds: ['hazelnut-gin'] });
    expect(refusalOf(without('hazelnut-gin'), other)?.kinds).toEqual(['hazelnut-gin']);
  });

  it('is without alcohol only where all that may be poured is', () => {
    expect(inGlass(soft, kinds).noAlcohol).toBe(true);
    const strongest = testRecipe([['hard-tonic', '150 ml', 'long']], { method: 'build' });
    const glass = inGlass(soft, kinds, { kinds: ['hard-tonic'], strongest });
    expect(glass.noAlcohol).toBe(false);
    expect(refusalOf({ ...NO_LIMITS, drives: true }, glass)?.alcohol).toBe(true);
  });

  it('warns where it matters: of honey where a child could be given it, and of egg only where there is one', () => {
    expect(inGlass(soft, kinds).cautions).toEqual(['No honey for infants.', 'Contains quinine.']);
    const toddy = testRecipe([
      ['gin', '50 ml', 'base'],
      ['honey-syrup', '15 ml', 'sweet'],
    ]);
    expect(inGlass(toddy, kinds).cautions).toEqual([]);
  });
});

describe('a garnish in somebody’s own words', () => {
  it.each([
    ['lime wedge', [], []],
    ['lemon twist, discarded', [], []],
    ['celery stick and olive', ['celery', 'sulphites'], []],
    ['three coffee beans on the foam', [], []],
    ['crushed peanuts', ['peanuts'], []],
    ['brittle', [], ['brittle']],
    ['Haselnuss', [], ['haselnuss']],
  ] as const)('%s', (garnish, allergens, unknown) => {
    expect(wordsHold(garnish)).toEqual({ allergens, unknown });
  });
});

describe('what somebody cannot have', () => {
  it('is all that was ever said of the name, however it is written', () => {
    const of = limitsByName([
      { name: 'Aoife', ...nuts },
      { name: ' aoife ', ...NO_LIMITS, without: ['gin'], noAlcohol: true },
      { name: 'Bran', ...NO_LIMITS },
    ]);
    expect(of('AOIFE')).toEqual({ allergens: ['nuts'], without: ['gin'], noAlcohol: true, drives: false });
    expect(of('Bran')).toEqual(NO_LIMITS);
    expect(of('somebody else')).toEqual(NO_LIMITS);
  });

  it('is never less for more people, nor for more in the glass', () => {
    const some = fc.subarray([...ALLERGENS]);
    fc.assert(
      fc.property(some, some, some, some, fc.boolean(), (a, b, held, more, noAlcohol) => {
        const limits = (allergens: typeof a) => ({ ...NO_LIMITS, allergens });
        const glass = (allergens: typeof a) => ({
          allergens,
          mayHold: [],
          kinds: new Set<string>(),
          unknown: [],
          noAlcohol,
        });
        const both = limitsTogether([limits(a), limits(b)]);
        if (mayHave(both, glass(held))) expect(mayHave(limits(a), glass(held))).toBe(true);
        if (mayHave(limits(a), glass([...held, ...more]))) expect(mayHave(limits(a), glass(held))).toBe(true);
      }),
    );
  });

  it('is said in words', () => {
    const why = {
      allergens: ['egg' as const, 'milk' as const],
      mayHold: ['nuts' as const],
      kinds: ['pineapple'],
      unknown: ['own-cordial'],
      alcohol: true,
    };
    expect(sayRefusal(why, (kind) => kind.replace('own-', ''))).toBe(
      'it contains egg and milk; it may hold nuts; there is pineapple in it; nobody has said what is in the cordial; there is alcohol in it',
    );
  });
});

it('names what is not taken in a drink at all, and lets its harmless namesakes be', () => {
  expect(
    ['Tobacco tincture', 'Lye', 'Raw bitter almonds', 'Apricot kernels', 'Quinine powder'].map(notSafe),
  ).not.toContain(undefined);
  expect(
    [
      'Bitter-almond extract, food-grade',
      'Tonic water',
      'Apricot liqueur',
      'Bitter orange',
      'Cherry syrup',
    ].map(notSafe),
  ).toEqual(Array(5).fill(undefined));
});

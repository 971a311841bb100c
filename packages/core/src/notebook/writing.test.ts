import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Recipe } from '../catalogue/recipe.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { withAmounts } from './balance.js';
import { bookletOf } from './booklet.js';
import { specDifferences, isSameDrink } from './differences.js';
import { withLine, withLineAdded } from './edit-text.js';
import { IncomingDrinks } from './incoming.js';
import { KindMatcher } from './kind-matcher.js';
import {
  goneBack,
  ownDrinkSchema,
  versionAt,
  withOwnKindsSold,
  withVersion,
  type OwnDrink,
} from './own-drink.js';
import { readRecipes } from './read-text.js';
import { recipesOfTable } from './table-text.js';
import { bestOfFamilies, favouritesOf, likedVersion, type Verdict } from './verdicts.js';

const slot = (kind: string, amount: string, role = 'base') => ({ kind, amount, role });
const catalogue = testCatalogue({
  kinds: [
    kindInput('gin', { name: 'Gin', abv: 0.4 }),
    kindInput('rum', { name: 'White rum', abv: 0.4 }),
    kindInput('lime', { name: 'Lime juice', supply: 'fresh', job: 'fresh', acidGPerL: 60 }),
    kindInput('syrup', { name: 'Simple syrup', supply: 'home-made', job: 'sweet', sugarGPerL: 615 }),
  ],
  recipes: [
    recipeInput([slot('rum', '60 ml'), slot('lime', '22.5 ml', 'sour'), slot('syrup', '20 ml', 'sweet')], {
      id: 'daiquiri',
      name: 'Daiquiri',
    }),
    recipeInput([slot('gin', '60 ml'), slot('lime', '22.5 ml', 'sour'), slot('syrup', '20 ml', 'sweet')], {
      id: 'gimlet',
      name: 'Gimlet',
    }),
  ],
});
const kinds = kindIndex(catalogue.kinds);
const matcher = new KindMatcher(catalogue.kinds);
const [daiquiri, gimlet] = catalogue.recipes as [Recipe, Recipe];
const at = (day: number) => `2026-11-${String(day).padStart(2, '0')}T20:00:00.000Z`;
const mine = (day = 1): OwnDrink =>
  ownDrinkSchema.parse({
    id: 'own-mine',
    houseSpecOf: null,
    current: 0,
    from: '',
    tags: [],
    notes: '',
    versions: [{ at: at(day), why: '', recipe: { ...daiquiri, id: 'own-mine', name: 'Mine' } }],
  });
const drier = (ml: number) => withAmounts(daiquiri, [{ slot: 2, toMl: ml }]);

describe('versions', () => {
  it('are poured in turn: at any moment the one that was written or gone back to last', () => {
    const turn = fc.record({ day: fc.integer({ min: 2, max: 28 }), back: fc.option(fc.nat(6)) });
    fc.assert(
      fc.property(fc.array(turn, { maxLength: 8 }), fc.integer({ min: 1, max: 28 }), (turns, asked) => {
        let drink = mine();
        // What holds at a moment, kept beside: the last that was done by then.
        const told: { day: number; version: number }[] = [{ day: 1, version: 0 }];
        for (const { day, back } of [...turns].sort((a, b) => a.day - b.day)) {
          drink =
            back === null
              ? withVersion(drink, { at: at(day), why: '', recipe: drier(day) })
              : goneBack(drink, back % drink.versions.length, at(day));
          told.push({ day, version: drink.current });
        }
        const [last] = told.filter((t) => t.day <= asked).slice(-1);
        // Two on one day fall on one moment; then the order among them is not asked.
        fc.pre(new Set(turns.map((t) => t.day)).size === turns.length);
        expect(versionAt(drink, at(asked))).toBe(last?.version);
      }),
    );
  });

  it('are each liked by what was said of them, and by what was poured while they were the one', () => {
    const second = withVersion(mine(1), { at: at(5), why: 'drier', recipe: drier(15) });
    const back = goneBack(second, 0, at(10));
    const verdict = (day: number, of: number, version?: string): Verdict => ({
      drink: 'own-mine',
      at: at(day),
      verdict: of,
      by: ['Ann'],
      version,
    });
    const all = [verdict(2, 3), verdict(6, 5), verdict(12, 1), verdict(13, 4, at(5))];
    expect(likedVersion(all, back, 0)).toEqual({ mean: 2, times: 2 });
    expect(likedVersion(all, back, 1)).toEqual({ mean: 4.5, times: 2 });
  });
});

it('the best of a family and everybody’s favourites are those with the highest mean of their own verdicts', () => {
  const one = fc.record({
    drink: fc.constantFrom('daiquiri', 'gimlet', 'own-mine'),
    at: fc.constant(at(3)),
    verdict: fc.integer({ min: 0, max: 5 }),
    by: fc.subarray(['Ann', 'Bo']),
    version: fc.constant(undefined),
  });
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 20 }), (verdicts) => {
      const mean = (of: Verdict[]) => of.reduce((sum, v) => sum + v.verdict, 0) / of.length;
      const best = bestOfFamilies(verdicts, (id) => (id === 'own-mine' ? undefined : 'sour')).get('sour');
      const sours = ['daiquiri', 'gimlet']
        .map((d) => verdicts.filter((v) => v.drink === d))
        .filter((v) => v.length > 0);
      expect(best?.mean).toEqual(sours.length === 0 ? undefined : Math.max(...sours.map(mean)));
      for (const [who, liked] of favouritesOf(verdicts))
        for (const { drink, mean: theirs } of liked)
          expect(theirs).toBe(mean(verdicts.filter((v) => v.drink === drink && v.by.includes(who))));
    }),
  );
});

describe('a text that is written on by fields', () => {
  const TEXT =
    'Gimlet\n- 60 ml gin\n- 20 ml lime juice\n15 ml simple syrup\nShake.\n\nDaiquiri: 60 ml rum, 20 ml lime juice, 15 ml simple syrup. Shake.';
  const read = (text: string) => readRecipes(text, matcher, 'us-oz');
  const amounts = (text: string) => read(text).map((r) => r.lines.map((l) => l.ml));

  it('changes in that line alone, wherever it stands', () => {
    const recipes = read(TEXT);
    expect(amounts(TEXT)).toEqual([
      [60, 20, 15],
      [60, 20, 15],
    ]);
    const next = withLine(TEXT, recipes, 1, 1, '25 ml lime juice');
    expect(next).toBe(TEXT.replace('rum, 20 ml', 'rum, 25 ml'));
    expect(amounts(withLine(TEXT, recipes, 0, 1, undefined))).toEqual([
      [60, 15],
      [60, 20, 15],
    ]);
    expect(withLine(TEXT, recipes, 0, 1, undefined)).toBe(TEXT.replace('- 20 ml lime juice\n', ''));
    expect(amounts(withLine(TEXT, recipes, 1, 2, undefined))).toEqual([
      [60, 20, 15],
      [60, 20],
    ]);
    expect(amounts(withLineAdded(TEXT, recipes, 0, '5 ml gin'))).toEqual([
      [60, 20, 15, 5],
      [60, 20, 15],
    ]);
    expect(amounts(withLineAdded(TEXT, recipes, 1, '5 ml gin'))).toEqual([
      [60, 20, 15],
      [60, 20, 15, 5],
    ]);
    expect(withLine('Nothing of it', recipes, 0, 0, 'x')).toBe('Nothing of it');
  });
});

describe('what comes in', () => {
  it('is new, the same, or otherwise than here, by its name and its substance', () => {
    const incoming = new IncomingDrinks(catalogue.recipes, [mine()]);
    const named = (recipe: Recipe, name: string): Recipe => ({ ...recipe, id: 'own-draft', name });
    expect(incoming.take(named(daiquiri, 'Tidal'))).toEqual({ is: 'new' });
    // The same name comes a second time in one file.
    expect(incoming.take(named(daiquiri, 'tidal!')).is).toBe('same');
    expect(incoming.take(named(gimlet, 'GIMLET'))).toEqual({ is: 'same', as: 'gimlet' });
    expect(incoming.take(named(drier(15), 'Daiquiri'))).toMatchObject({
      is: 'changed',
      from: 'daiquiri',
      own: false,
      differences: [{ of: 'part', kind: 'syrup', from: { value: 20 }, to: { value: 15 } }],
    });
    expect(incoming.take(named(drier(10), 'Mine'))).toMatchObject({
      is: 'changed',
      from: 'own-mine',
      own: true,
    });
  });

  it('differs from itself in nothing, and from another in both directions alike', () => {
    const amount = fc.integer({ min: 4, max: 20 });
    const drink = fc.tuple(amount, amount, amount, fc.constantFrom('coupe', 'rocks'));
    const of = ([a, b, c, glass]: [number, number, number, string]) => ({
      ...withAmounts(
        daiquiri,
        [a, b, c].map((n, i) => ({ slot: i, toMl: n * 2.5 })),
      ),
      glass,
    });
    fc.assert(
      fc.property(drink, drink, (a, b) => {
        expect(specDifferences(of(a), of(a))).toEqual([]);
        const there = specDifferences(of(a), of(b));
        const back = specDifferences(of(b), of(a));
        expect(back).toEqual(there.map((d) => ({ ...d, from: d.to, to: d.from })));
        expect(isSameDrink(of(a), of(b))).toBe(JSON.stringify(a) === JSON.stringify(b));
      }),
    );
  });

  it('from a table is one drink a name, whatever its columns are called and however its rows are filled', () => {
    const rows = [
      { Cocktail: 'Tidal', Quantity: '2', Unit: 'oz', Ingredient: 'white rum', Glass: 'coupe' },
      { Cocktail: '', Quantity: '0.5', Unit: 'oz', Ingredient: 'lime juice', Glass: '' },
      { Cocktail: 'Ebb', Quantity: '60', Unit: 'ml', Ingredient: 'gin', Glass: '' },
    ];
    const found = recipesOfTable(rows) ?? expect.fail('it is a table of recipes');
    expect(found.map((r) => [r.name, r.text.split('\n').filter((l) => /\d/.test(l)).length])).toEqual([
      ['Tidal', 2],
      ['Ebb', 1],
    ]);
    const cells = recipesOfTable([
      { name: 'Ebb', ingredients: '60 ml gin; 20 ml lime juice', method: 'shake' },
    ]);
    expect(cells?.[0]?.text).toBe('60 ml gin\n20 ml lime juice\nShake with ice.');
    expect(recipesOfTable([{ price: '3', size: '70' }])).toBeUndefined();
  });
});

it('a booklet has each drink in one chapter, and in the index under each of its kinds', () => {
  const book = bookletOf([gimlet, daiquiri], {
    kinds: [...kinds.values()],
    families: [{ id: 'sour', name: 'Sours', balance: undefined }] as never,
  });
  expect(book.chapters.map((c) => [c.title, c.recipes.map((r) => r.id)])).toEqual([
    ['Sours', ['daiquiri', 'gimlet']],
  ]);
  expect(book.index.map((i) => [i.name, i.recipes.length])).toEqual([
    ['Gin', 1],
    ['Lime juice', 2],
    ['Simple syrup', 2],
    ['White rum', 1],
  ]);
});

it('bottles of own kinds stand beside the shop’s where they are paid in its currency, fresh ones with the fresh', () => {
  const shop = {
    format: 'uisce-prices/1' as const,
    id: 's',
    name: 'S',
    currency: 'EUR',
    provenance: 'x',
    bottles: [],
    fresh: [],
    pantry: [],
    kit: [],
  };
  const own = (id: string, supply: string, currency: string) =>
    ({ ...catalogue.kinds[0], id, name: id, supply, sold: { ml: 500, priceMinor: 900, currency } }) as never;
  const list = withOwnKindsSold(shop, [
    own('own-a', 'bottle', 'EUR'),
    own('own-b', 'fresh', 'EUR'),
    own('own-c', 'bottle', 'GBP'),
  ]);
  expect(list.bottles.map((b) => [b.kind, b.ml, b.priceMinor])).toEqual([['own-a', 500, 900]]);
  expect(list.fresh.map((f) => f.kind)).toEqual(['own-b']);
});

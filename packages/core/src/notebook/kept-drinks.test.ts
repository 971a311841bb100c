import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Recipe } from '../catalogue/recipe.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { bookletOf } from './booklet.js';
import { specDifferences, isSameDrink } from './differences.js';
import { IncomingDrinks } from './incoming.js';
import { goneBack, recipeOfOwn, versionAt, withOwn, withVersion } from './own-drink.js';
import { specOf as spec, AT, ownDrink as drink } from '../testing/own-drinks.js';

const KINDS = ['gin', 'rum', 'lime', 'syrup'];
const AMOUNTS = ['20 ml', '30 ml', '60 ml', '2 dash', '1 whole'];
/** Specs of one to four parts, a kind now and then twice. */
const anySpec = fc
  .array(fc.tuple(fc.constantFrom(...KINDS), fc.constantFrom(...AMOUNTS)), { minLength: 1, maxLength: 4 })
  .chain((slots) =>
    fc
      .record({ method: fc.constantFrom('shake', 'stir'), ice: fc.constantFrom('none', 'cubes') })
      .map((more) => spec(slots, more)),
  );

describe('what is otherwise in one spec than in another', () => {
  it('is nothing of itself, and the same both ways round', () => {
    fc.assert(
      fc.property(anySpec, anySpec, (a, b) => {
        expect(specDifferences(a, a)).toEqual([]);
        const back = specDifferences(b, a).map((d) => ({ ...d, from: d.to, to: d.from }));
        expect(specDifferences(a, b)).toHaveLength(back.length);
        expect(specDifferences(a, b)).toEqual(expect.arrayContaining(back));
      }),
    );
  });

  it('names every part that was added, left out or changed, and no other', () => {
    const before = spec([
      ['gin', '60 ml'],
      ['lime', '20 ml'],
      ['syrup', '20 ml'],
    ]);
    const after = spec([
      ['gin', '60 ml'],
      ['lime', '30 ml'],
      ['rum', '30 ml'],
    ]);
    expect(
      specDifferences(before, after).map((d) =>
        d.of === 'part' ? [d.kind, d.from?.value, d.to?.value] : d.of,
      ),
    ).toEqual([
      ['lime', 20, 30],
      ['syrup', 20, undefined],
      ['rum', undefined, 30],
    ]);
  });

  it('is none where only name and garnish are others', () => {
    const one = spec([['gin', '60 ml']], { name: 'One', garnish: 'lemon peel' });
    expect(isSameDrink(one, spec([['gin', '60 ml']], { name: 'Another', garnish: '' }))).toBe(true);
    expect(isSameDrink(one, spec([['gin', '60 ml']], { name: 'One', ice: 'cubes' }))).toBe(false);
  });

  it('counts a kind that stands in it twice by its place among its like', () => {
    const twice = spec([
      ['gin', '60 ml'],
      ['gin', '20 ml'],
    ]);
    expect(specDifferences(twice, spec([['gin', '60 ml']]))).toMatchObject([
      { kind: 'gin', from: { value: 20 }, to: undefined },
    ]);
  });
});

describe('a drink of one’s own', () => {
  it('is poured as the last version written or gone back to, at every moment', () => {
    const recipes = ['20 ml', '30 ml', '60 ml'].map((a) => spec([['gin', a]]));
    const [one, two, three] = recipes;
    if (!one || !two || !three) expect.fail('three specs');
    let now = drink(one);
    now = withVersion(now, { at: AT(5), why: '', recipe: two });
    now = withVersion(now, { at: AT(9), why: '', recipe: three });
    now = goneBack(now, 0, AT(12));
    expect([2, 5, 6, 9, 11, 12, 20].map((day) => versionAt(now, AT(day)))).toEqual([0, 1, 1, 2, 2, 0, 0]);
    expect(recipeOfOwn(now)?.slots[0]?.amount.value).toBe(20);
    expect(now.versions).toHaveLength(3);
  });

  it('never loses a version, whatever is written and gone back to', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(anySpec, fc.nat(9)), { maxLength: 20 }), (acts) => {
        let now = drink(spec([['gin', '60 ml']]));
        let written = 1;
        acts.forEach((act, i) => {
          const at = new Date(Date.UTC(2026, 10, 2, 0, i)).toISOString();
          if (typeof act === 'number') now = goneBack(now, act % now.versions.length, at);
          else {
            now = withVersion(now, { at, why: '', recipe: act });
            written += 1;
          }
          expect(versionAt(now, at)).toBe(now.current);
        });
        expect(now.versions).toHaveLength(written);
      }),
    );
  });

  const catalogue = testCatalogue({
    kinds: KINDS.map((id) => kindInput(id)),
    recipes: [
      recipeInput([{ kind: 'gin', amount: '60 ml', role: 'base' }], {
        id: 'sour',
        name: 'Sour',
        also: ['Old sour'],
      }),
    ],
  });

  it('that is a house spec keeps what the printed drink is known as', () => {
    const house = drink(spec([['rum', '60 ml']], { name: 'Ours', era: 'since-2000' }), {
      houseSpecOf: 'sour',
    });
    const [only, ...more] = withOwn(catalogue, [house], []).recipes;
    expect(more).toEqual([]);
    expect(only).toMatchObject({
      id: 'sour',
      also: ['Old sour'],
      era: 'before-1900',
      canon: 'core',
      slots: [{ kind: 'rum' }],
    });
  });

  it('leaves the library as it is where there is none', () => {
    expect(withOwn(catalogue, [], [])).toBe(catalogue);
  });

  it('that comes in is new once, then the same, or changed', () => {
    const incoming = new IncomingDrinks(catalogue.recipes, []);
    const tide = spec([['gin', '30 ml']], { name: 'Tide', id: 'own-1' });
    expect(incoming.take(tide)).toEqual({ is: 'new' });
    expect(incoming.take({ ...tide, id: 'own-2', name: 'TIDE ' })).toEqual({ is: 'same', as: 'own-1' });
    expect(incoming.take(spec([['gin', '60 ml']], { name: 'Tide' }))).toMatchObject({
      is: 'changed',
      from: 'own-1',
      own: true,
    });
    // By another name of a printed drink it is known as well.
    expect(incoming.take(spec([['rum', '60 ml']], { name: 'Old Sour' }))).toMatchObject({
      is: 'changed',
      from: 'sour',
      own: false,
    });
  });
});

it('a booklet has each drink in one chapter, and in its index under each of its kinds once', () => {
  const families = ['sour', 'martini', 'fizz'].map((id) => ({
    id,
    name: id,
    idea: 'strong, sour and sweet',
    abv: [0, 1],
    sugarGPer100Ml: [0, 99],
    acidGPer100Ml: [0, 9],
  }));
  const catalogue = testCatalogue({ kinds: KINDS.map((id) => kindInput(id)), families });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(anySpec, fc.constantFrom('sour', 'martini')), { maxLength: 6 }),
      (drawn) => {
        const recipes = drawn.map(
          ([r, family], i) => ({ ...r, id: `d${i}`, name: `D${i}`, family }) as Recipe,
        );
        const booklet = bookletOf(recipes, catalogue);
        expect(booklet.chapters.flatMap((c) => c.recipes.map((r) => r.id)).sort()).toEqual(
          recipes.map((r) => r.id).sort(),
        );
        expect(booklet.chapters.map((c) => c.family)).not.toContain('fizz');
        for (const { kind, recipes: of } of booklet.index) {
          expect(of.map((r) => r.id)).toEqual([...new Set(of.map((r) => r.id))].sort());
          expect(of.every((r) => r.slots.some((s) => s.kind === kind))).toBe(true);
        }
        const uses = recipes.reduce((sum, r) => sum + new Set(r.slots.map((s) => s.kind)).size, 0);
        expect(booklet.index.reduce((sum, e) => sum + e.recipes.length, 0)).toBe(uses);
      },
    ),
  );
});

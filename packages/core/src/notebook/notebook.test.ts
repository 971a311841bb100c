import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Recipe } from '../catalogue/recipe.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { balance, offFrom, steps, WISHES, withAmounts } from './balance.js';
import { judge } from './judge.js';
import { twinsOf } from './likeness.js';
import { ownDrinkSchema, ownKindSchema, withOwn, withVersion, type OwnDrink } from './own-drink.js';
import { readNumber } from '../base/read-number.js';
import { quantityAtStart } from './quantity.js';

const slot = (kind: string, amount: string, role = 'base') => ({ kind, amount, role });
const sour = (id: string, rum: number, lime: number, syrup: number) =>
  recipeInput(
    [slot('rum', `${rum} ml`), slot('lime', `${lime} ml`, 'sour'), slot('syrup', `${syrup} ml`, 'sweet')],
    { id, name: id },
  );
const catalogue = testCatalogue({
  kinds: [
    kindInput('rum', { abv: 0.4 }),
    kindInput('lime', { supply: 'fresh', job: 'fresh', acidGPerL: 60, sugarGPerL: 15 }),
    kindInput('syrup', { supply: 'home-made', job: 'sweet', sugarGPerL: 615 }),
  ],
  recipes: [
    sour('daiquiri', 60, 22.5, 20),
    ...[sour('a', 60, 30, 15), sour('b', 50, 20, 15), sour('c', 45, 25, 15), sour('d', 60, 25, 10)],
    ...[sour('e', 55, 20, 12), sour('f', 60, 22, 12)],
  ],
});
const kinds = kindIndex(catalogue.kinds);
const daiquiri = catalogue.recipes[0] ?? expect.fail('the drink is there');
const STEPS_ML = [5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30, 40, 45, 50, 52.5, 55, 60, 65, 70];

describe('numbers as people write them', () => {
  it.each([
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['½', 0.5],
    ['3/4', 0.75],
    ['0,75', 0.75],
    ['.5', 0.5],
    ['1⁄4', 0.25],
    ['45', 45],
  ])('%s is %d', (text, value) => {
    expect(readNumber(text)).toBeCloseTo(value, 6);
  });

  it('are read back whatever they are, and nothing else is a number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
        const text = `${whole}.${String(cents).padStart(2, '0')}`;
        expect(readNumber(text)).toBeCloseTo(Number(text), 6);
        expect(quantityAtStart(`${text} oz gin`)?.rest).toBe('oz gin');
      }),
    );
    for (const text of ['', 'gin', '1/0', '1/', '-3', '1.2.3']) expect(readNumber(text)).toBeUndefined();
    expect(quantityAtStart('6–8 leaves')?.quantity).toEqual({ value: 6, upTo: 8 });
    expect(quantityAtStart('half a lime')).toEqual({
      quantity: { value: 0.5, upTo: undefined },
      rest: 'lime',
    });
  });
});

describe('a drink judged while it is written', () => {
  it('stands among its family, in its glass, and beside what it is nearly', () => {
    const sweet = { ...daiquiri, id: 'own-sweet' };
    const judged = judge(sweet, catalogue);
    // Of the seven others (the daiquiri itself is one of them: the same) none is sweeter.
    const sugar = judged.places.find((p) => p.of === 'sugar');
    expect(sugar?.below).toBeCloseTo(6 / 7, 6);
    expect(judged.fit?.verdict).toMatch(/fits|short/);
    expect(judged.twins[0]).toMatchObject({ id: 'daiquiri', likeness: 1 });
    expect(twinsOf({ ...daiquiri, slots: daiquiri.slots.slice(0, 1) }, catalogue.recipes)).toEqual([]);
  });
});

describe('the balance helper', () => {
  it('finds the amounts that come nearest to a wish, as trying every one of them shows', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WISHES),
        fc.integer({ min: 8, max: 13 }),
        fc.integer({ min: 4, max: 12 }),
        fc.integer({ min: 3, max: 10 }),
        (wish, rum, lime, syrup) => {
          const drink = withAmounts(daiquiri, [
            { slot: 0, toMl: rum * 5 },
            { slot: 1, toMl: lime * 2.5 },
            { slot: 2, toMl: syrup * 2.5 },
          ]);
          const amounts = drink.slots.map((s) => steps(s.amount.value, STEPS_ML));
          let least = Infinity;
          for (const a of amounts[0] ?? [])
            for (const b of amounts[1] ?? [])
              for (const c of amounts[2] ?? []) {
                const tried: Recipe = {
                  ...drink,
                  slots: drink.slots.map((s, i) => ({
                    ...s,
                    amount: { value: [a, b, c][i] ?? 0, measure: 'ml' as const },
                  })),
                };
                least = Math.min(least, offFrom(drink, tried, wish, kinds));
              }
          const found = balance(drink, wish, kinds, STEPS_ML);
          expect(found?.off ?? offFrom(drink, drink, wish, kinds)).toBeCloseTo(least, 9);
          for (const { toMl } of found?.changes ?? []) expect(STEPS_ML).toContain(toMl);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('makes a daiquiri less sweet by less syrup, and little else', () => {
    const less = balance(daiquiri, 'less-sweet', kinds, STEPS_ML) ?? expect.fail('there is a way');
    expect(less.changes.some((c) => c.slot === 2 && c.toMl < c.fromMl)).toBe(true);
    const of = (r: Recipe) => judge(r, catalogue).places;
    const [was, is] = [of(daiquiri), of(less.recipe)];
    const value = (places: typeof was, name: string) => places.find((p) => p.of === name)?.value ?? 0;
    expect(value(is, 'sugar') / value(was, 'sugar')).toBeCloseTo(0.85, 1);
    expect(value(is, 'abv') / value(was, 'abv')).toBeCloseTo(1, 1);
  });
});

describe('drinks of one’s own', () => {
  const version = (recipe: Recipe, why = '') => ({ at: '2026-11-26T20:00:00.000Z', why, recipe });
  const own = (id: string, houseSpecOf: string | null, recipe: Recipe): OwnDrink =>
    ownDrinkSchema.parse({
      id,
      houseSpecOf,
      versions: [version(recipe)],
      current: 0,
      from: '',
      tags: [],
      notes: '',
    });

  it('stand beside the library, a house spec in the place of what it stands for', () => {
    const drier = withAmounts(daiquiri, [{ slot: 2, toMl: 15 }]);
    const mine = { ...daiquiri, id: 'own-mine', name: 'Mine' };
    const kind = ownKindSchema.parse(kindInput('own-cordial', { sugarGPerL: 400 }));
    const all = withOwn(
      catalogue,
      [own('own-house', 'daiquiri', drier), own('own-mine', null, mine)],
      [kind],
    );
    expect(all.recipes).toHaveLength(catalogue.recipes.length + 1);
    expect(all.recipes.find((r) => r.id === 'daiquiri')?.slots[2]?.amount.value).toBe(15);
    expect(all.recipes.at(-1)?.id).toBe('own-mine');
    expect(all.kinds.at(-1)?.id).toBe('own-cordial');
    expect(withOwn(catalogue, [], [])).toBe(catalogue);
  });

  it('keep all they have been: any version can be poured again, and none is lost', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 10, max: 30 }), { minLength: 1, maxLength: 8 }),
        fc.nat(8),
        (amounts, back) => {
          let drink = own('own-mine', null, daiquiri);
          for (const toMl of amounts)
            drink = withVersion(drink, version(withAmounts(daiquiri, [{ slot: 2, toMl }]), 'tried'));
          expect(drink.versions).toHaveLength(amounts.length + 1);
          expect(drink.current).toBe(amounts.length);
          const current = back % drink.versions.length;
          const wanted = current === 0 ? 20 : amounts[current - 1];
          const [recipe] = withOwn(catalogue, [{ ...drink, current }], []).recipes.slice(-1);
          expect(recipe?.slots[2]?.amount.value).toBe(wanted);
        },
      ),
    );
  });
});

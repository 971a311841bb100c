import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALLERGENS, type Allergen } from '../catalogue/kind.js';
import { emptyKit } from '../kit/kit.js';
import { testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { inGlass } from '../drink/in-glass.js';
import { compileRound } from './compile-round.js';
import { HOT_IN_TIN, stepCautions } from './step-cautions.js';
import type { Order } from './poured-drink.js';

const kinds = testKinds(
  ['gin', { abv: 0.4 }],
  ['rum', { abv: 0.4 }],
  ['orgeat', { supply: 'home-made', allergens: ['nuts'] }],
  ['cream', { supply: 'fresh', allergens: ['milk'] }],
  ['egg-white', { supply: 'fresh', allergens: ['egg'] }],
  ['own-thing', { allergensStated: false }],
  ['soda', { supply: 'mixer', tastes: ['fizzy'] }],
);
const drink = (id: string, parts: string[], more: object = {}) =>
  testRecipe(
    parts.map((kind) => [kind, '30 ml', 'base'] as [string, string, string]),
    { id, name: id, ...more },
  );
const DRINKS = {
  martini: drink('martini', ['gin'], { method: 'stir' }),
  maitai: drink('maitai', ['rum', 'orgeat']),
  alexander: drink('alexander', ['gin', 'cream']),
  fizz: drink('fizz', ['gin', 'egg-white', 'soda'], { method: 'dry-shake', ice: 'cubes' }),
  strange: drink('strange', ['own-thing']),
  highball: drink('highball', ['rum', 'soda'], { method: 'build', ice: 'cubes', strain: 'none' }),
};
const order = (of: keyof typeof DRINKS, cannot: Allergen[] = [], without: string[] = []): Order => ({
  drink: DRINKS[of],
  of,
  count: 1,
  for: [],
  cannot,
  without,
  from: [],
});
const compiled = (...orders: Order[]) => compileRound(orders, emptyKit(), testCatalogue({}), kinds);
const acts = (...orders: Order[]) =>
  compiled(...orders)
    .steps.filter((s) => s.act === 'wash' || s.act === 'shake' || s.act === 'stir')
    .map((s) => (s.act === 'wash' ? `wash ${[...s.cannot, ...s.without].join()}` : orders[s.order ?? 0]?.of));

describe('what carries over', () => {
  it('is washed off before a round for somebody who cannot have something: nobody knows what was made before', () => {
    expect(acts(order('martini', ['nuts']))).toEqual(['wash nuts', 'martini']);
    expect(acts(order('martini'))).toEqual(['martini']);
  });

  it('is kept off by making theirs first, whatever fades sooner', () => {
    // By what it loses, the shaken one would come last, and is: after theirs.
    expect(acts(order('maitai'), order('martini', ['nuts']))).toEqual(['wash nuts', 'martini', 'maitai']);
    expect(acts(order('martini'), order('alexander', ['nuts']), order('maitai'))).toEqual([
      ...['wash nuts', 'alexander', 'martini', 'maitai'],
    ]);
  });

  it('is washed off in between, where two of them cannot have what the other has', () => {
    const both = acts(order('alexander', ['nuts']), order('maitai', ['milk']));
    expect(both[0]).toBe('wash milk,nuts');
    expect(both).toHaveLength(4);
    expect(both[2]).toMatch(/^wash (milk|nuts)$/);
  });

  it('is an ingredient too, which is none of the fourteen', () => {
    expect(acts(order('maitai'), order('martini', [], ['rum']))).toEqual(['wash rum', 'martini', 'maitai']);
    const both = acts(order('martini', [], ['rum']), order('maitai', [], ['gin']));
    expect(both).toEqual(['wash rum,gin', 'martini', 'wash gin', 'maitai']);
  });

  it('is what a part may hold, too', () => {
    const some = testKinds(['gin', { abv: 0.4 }], ['rum', { abv: 0.4, mayHold: ['nuts'] }], ['orgeat', {}]);
    const round = [order('maitai', ['milk']), { ...order('martini', ['nuts']), drink: DRINKS.martini }];
    const { steps } = compileRound(round, emptyKit(), testCatalogue({}), some);
    expect(steps.find((s) => s.act === 'stir')?.order).toBe(1);
    expect(steps.findIndex((s) => s.act === 'stir')).toBeLessThan(steps.findIndex((s) => s.act === 'shake'));
  });

  it('never happens: no glass is made with what its drinkers cannot have on the tools', () => {
    const some = fc.subarray(['nuts', 'milk', 'egg'] as Allergen[], { maxLength: 2 });
    const orders = fc
      .uniqueArray(fc.constantFrom(...(Object.keys(DRINKS) as (keyof typeof DRINKS)[])), {
        minLength: 1,
        maxLength: 5,
      })
      .chain((names) => fc.tuple(...names.map((of) => some.map((cannot) => order(of, cannot)))));
    fc.assert(
      fc.property(orders, (all) => {
        // A round holds no drink for somebody who cannot have it.
        const round = all.filter(({ drink: d, cannot }) => {
          const glass = inGlass(d, kinds);
          return (
            cannot.length === 0 ||
            (glass.unknown.length === 0 && !glass.allergens.some((a) => cannot.includes(a)))
          );
        });
        const dirty = new Set<Allergen>();
        for (const step of compiled(...round).steps) {
          if (step.act === 'wash') dirty.clear();
          const of = step.order === null ? undefined : round[step.order];
          if (of === undefined) continue;
          expect(
            of.cannot.filter((a) => dirty.has(a)),
            `${of.of} at ${step.act}`,
          ).toEqual([]);
          const { allergens, unknown } = inGlass(of.drink, kinds);
          for (const a of unknown.length > 0 ? ALLERGENS : allergens) dirty.add(a);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe('cautions stand where the act happens', () => {
  const things = testKinds(
    ['vodka', { abv: 0.4 }],
    ['espresso', { supply: 'fresh', work: ['heat'], tastes: ['coffee'] }],
    ['honey', { supply: 'home-made', cautionForChildren: 'No honey for infants.' }],
    ['soda', { supply: 'mixer' }],
  );
  const said = (id: string, slots: [string, string, string][], more: object = {}) => {
    const recipe = testRecipe(slots, { id, ...more });
    const steps = compileRound(
      [{ drink: recipe, of: id, count: 1, for: [], cannot: [], without: [], from: [] }],
      emptyKit(),
      testCatalogue({}),
      things,
    ).steps;
    return steps.flatMap((s) =>
      stepCautions(s, recipe, testCatalogue({}), things).map((c) => `${s.act}: ${c}`),
    );
  };

  it('hot in a closed tin when it is shaken, honey where a child could have it, and nowhere else', () => {
    const coffee: [string, string, string][] = [
      ['vodka', '50 ml', 'base'],
      ['espresso', '30 ml', 'body'],
    ];
    expect(said('martini', coffee)).toEqual([`shake: ${HOT_IN_TIN}`]);
    expect(said('layered', coffee, { method: 'build', strain: 'none' })).toEqual([]);
    expect(
      said(
        'lemonade',
        [
          ['honey', '20 ml', 'sweet'],
          ['soda', '150 ml', 'long'],
        ],
        { method: 'build' },
      ),
    ).toEqual(['pour: No honey for infants.']);
    expect(
      said(
        'toddy',
        [
          ['honey', '20 ml', 'sweet'],
          ['vodka', '50 ml', 'base'],
        ],
        { method: 'build' },
      ),
    ).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import { COUPE, kindInput, recipeInput, testCatalogue, testShop } from '../testing/trade.js';
import { garnishFaults } from './garnish-rule.js';
import { harmFaults } from './harm-rule.js';
import { glassFaults } from './glass-rule.js';
import { homeMadeFaults } from './home-made-rule.js';
import { noAlcoholFaults } from './no-alcohol-rule.js';
import { priceBandFaults } from './price-bands-rule.js';
import { syrupFaults } from './syrup-rule.js';
import { synonymFaults } from './synonym-rule.js';

const slot = (kind: string, amount: string, role = 'base', more: object = {}) => ({
  kind,
  amount,
  role,
  ...more,
});
const syrup = (sugarGPerL: number, more: object = {}) =>
  kindInput('simple-syrup', { supply: 'home-made', strength: '1:1', sugarGPerL, ...more });

describe('the glass', () => {
  const glass = (recipe: object) =>
    glassFaults(testCatalogue({ kinds: [kindInput('gin', { abv: 0.4 })], recipes: [recipe] }));
  const drink = (amount: string, more: object = {}) => recipeInput([slot('gin', amount)], more);

  it('takes the drink with its water and its ice, neither overflowing nor looking short', () => {
    expect(glass(drink('90 ml'))).toEqual([]);
    expect(glass(drink('300 ml'))[0]).toMatchObject({ code: 'glass', pointer: '/recipes/0/glass' });
    expect(glass(drink('20 ml'))[0]?.detail).toMatch(
      /^x: \d+ ml and its ice do not suit a coupe of 150 to 210 ml/,
    );
  });

  it('may be another for a reason, and the reason goes once it suits', () => {
    const because = { glass: 'Served small since it was first written down.' };
    expect(glass(drink('20 ml', { because }))).toEqual([]);
    expect(glass(drink('90 ml', { because }))[0]?.pointer).toBe('/recipes/0/because/glass');
  });

  it('is drawn as large as it says', () => {
    const narrow = {
      ...COUPE,
      inside: [
        [0, 10],
        [63, 10],
      ],
    };
    expect(glassFaults(testCatalogue({ glasses: [narrow] }))[0]).toMatchObject({
      pointer: '/glasses/0/inside',
      // A straight cylinder of 10 mm by 63 mm.
      detail: 'coupe is drawn holding 20 ml; it should hold 150 to 210',
    });
  });
});

describe('syrups', () => {
  // 50 °Brix are 615 g in a litre (NBS Circular 440, from memory).
  it.each([
    [615, []],
    [660, []],
    [700, ['/kinds/0/sugarGPerL']],
    [500, ['/kinds/0/sugarGPerL']],
  ])('at one to one hold about 615 g of sugar a litre: %d', (sugar, where) => {
    expect(syrupFaults(testCatalogue({ kinds: [syrup(sugar)] })).map((f) => f.pointer)).toEqual(where);
  });

  it('say how strong they are', () => {
    const kinds = [kindInput('mint-syrup', { supply: 'home-made', sugarGPerL: 600 })];
    expect(syrupFaults(testCatalogue({ kinds }))[0]?.detail).toBe(
      'mint-syrup is a syrup; say how strong, such as 1:1',
    );
    // What is bought under such a name is as its label says.
    expect(syrupFaults(testCatalogue({ kinds: [kindInput('cane-syrup', { sugarGPerL: 900 })] }))).toEqual([]);
  });

  it('come out of their recipe as their kind says', () => {
    const made = (sugarG: number) =>
      homeMadeFaults(
        testCatalogue({
          kinds: [syrup(615)],
          pantry: [
            { id: 'sugar', name: 'Sugar', sugar: 1, dry: true },
            { id: 'water', name: 'Water', water: 1 },
          ],
          homeMade: [
            {
              id: 'simple',
              makes: 'simple-syrup',
              effort: 1,
              from: [
                { pantry: 'sugar', g: sugarG },
                { pantry: 'water', g: 100 },
              ],
              how: 'Stir until it is clear.',
              keepsDays: 21,
            },
          ],
        }),
      );
    expect(made(100)).toEqual([]);
    expect(made(200)[0]?.detail).toMatch(
      /^simple comes out at 8\d\d g of sugar a litre against 615; correct/,
    );
  });
});

describe('a drink without alcohol', () => {
  const faults = (slots: object[], standIns: object[] = []) =>
    noAlcoholFaults(
      testCatalogue({
        kinds: [
          kindInput('juice', { supply: 'fresh' }),
          kindInput('bitters', { abv: 0.44 }),
          kindInput('rum', { abv: 0.4 }),
        ],
        recipes: [recipeInput(slots, { family: 'no-alcohol' })],
        standIns,
      }),
    );

  it('has at most half a per cent, a dash of bitters included', () => {
    expect(faults([slot('juice', '150 ml')])).toEqual([]);
    // A dash of 0.9 ml at 44 % in 180 ml is 0.2 %; ten of them are 2 %.
    expect(faults([slot('juice', '150 ml'), slot('bitters', '1 dash')])).toEqual([]);
    expect(faults([slot('juice', '150 ml'), slot('bitters', '10 dash')])[0]?.pointer).toBe(
      '/recipes/0/family',
    );
  });

  it('is not poured with a stand-in that brings it in, even where something strong may take the place of a part', () => {
    const standIns = [{ for: 'juice', with: ['rum'], match: 0.9, changes: 'It is stronger.' }];
    expect(faults([slot('juice', '150 ml')], standIns)).toEqual([]);
    const either = slot('juice', '150 ml', 'base', { or: ['bitters'] });
    expect(faults([either], standIns).map((f) => f.detail)).toEqual([
      'x could be poured with rum, which has alcohol',
    ]);
  });
});

describe('names', () => {
  const named = (id: string, name: string, also: string[] = []) => kindInput(id, { name, also });
  const drink = (id: string, name: string, more: object = {}) =>
    recipeInput([slot('gin', '30 ml')], { id, name, ...more });

  it('lead to one kind and one drink, whatever their accents and capitals', () => {
    const kinds = [named('a', 'Crème'), named('b', 'Other', ['CREME']), named('c', 'Third')];
    expect(synonymFaults(testCatalogue({ kinds })).map((f) => [f.pointer, f.detail])).toEqual([
      ['/kinds/1/also/0', '“CREME” leads to a and to b; let it lead to one'],
    ]);
  });

  it('may be shared by variants of one drink', () => {
    const two = (more: object) =>
      synonymFaults(
        testCatalogue({
          kinds: [named('gin', 'Gin')],
          recipes: [drink('a', 'Fizz', more), drink('b', 'Fizz', more)],
        }),
      );
    expect(two({ group: 'fizz', variant: 'one' })).toEqual([]);
    expect(two({})).toHaveLength(1);
  });

  it('that tell a drink by its garnish have it, cut as it can be cut', () => {
    const kinds = [
      named('gin', 'Gin'),
      { ...named('olive', 'Olive'), one: 'olive', supply: 'fresh' },
      {
        ...named('lime-whole', 'Lime'),
        one: 'lime',
        whole: { kind: 'lime-juice', pieces: 8 },
        supply: 'fresh',
      },
    ];
    const faults = (garnish: string | object[]) =>
      garnishFaults(
        testCatalogue({
          kinds,
          recipes: [recipeInput([slot('gin', '60 ml')], { name: 'Martini with an olive', garnish })],
        }),
      ).map((f) => f.detail);
    expect(faults('olive')).toEqual([]);
    expect(faults('')).toEqual([expect.stringContaining('named for its garnish')]);
    expect(faults('olive, hay smoke')).toEqual([expect.stringContaining('is a sentence')]);
    expect(faults('olive, lychee')).toEqual([expect.stringContaining('no kind "lychee"')]);
    const peeled = faults([{ kind: 'olive', form: 'twist', where: 'in' }]);
    expect(peeled).toContainEqual(expect.stringContaining('gives no twist'));
  });
});

describe('a shop', () => {
  const catalogue = testCatalogue({ kinds: ['vodka', 'dry-gin', 'cola'].map((id) => kindInput(id)) });
  const bottle = (id: string, kind: string, ml: number, priceMinor: number) => ({
    id,
    kind,
    label: id,
    ml,
    priceMinor,
    widthMm: 70,
    heightMm: 300,
  });
  const faults = (...bottles: object[]) =>
    priceBandFaults(testShop({ bottles }), catalogue).map((f) => f.detail);
  const cola = [bottle('can', 'cola', 330, 100), bottle('litre', 'cola', 1000, 150)];
  const gin = bottle('gin', 'dry-gin', 700, 2000);

  it('asks prices in the proportions that are usual, by the litre', () => {
    expect(faults(gin, bottle('vodka', 'vodka', 700, 1800), ...cola)).toEqual([]);
    expect(faults(gin, bottle('vodka', 'vodka', 700, 3000), ...cola)).toEqual([
      'by the litre vodka costs 1.50 times as much as dry-gin; 0.6 to 1.1 is usual',
    ]);
    // A larger bottle at the same price is the cheaper one.
    expect(faults(gin, bottle('vodka', 'vodka', 1500, 3000), ...cola)).toEqual([]);
  });

  it('sells what is drunk by the litre in litres, at a good deal less than in cans, and gives nothing away', () => {
    const vodka = bottle('vodka', 'vodka', 700, 1800);
    const dear = [bottle('can', 'cola', 330, 100), bottle('litre', 'cola', 1000, 280)];
    expect(faults(gin, vodka, ...dear)).toEqual([
      'sell cola by the litre too, at a good deal less than in cans',
    ]);
    expect(faults(gin, vodka, ...cola, bottle('gift', 'cola', 330, 0))).toContain(
      'gift is not free; say what it costs',
    );
  });
});

describe('what could harm', () => {
  const of = (parts: object) =>
    harmFaults(testCatalogue(parts))
      .map((f) => f.detail)
      .join('; ');
  const made = (from: object[]) => ({
    id: 'x',
    makes: 'gin',
    effort: 1,
    how: 'Stir it together.',
    keepsDays: 5,
    from,
  });

  it('is found: several things in one amount, more than the drop, what is not taken, cautions that are not there', () => {
    expect(of({ pantry: [{ id: 'mix', name: 'cloves, ginger and almonds' }] })).toMatch(
      /names several things/,
    );
    expect(of({ pantry: [{ id: 't', name: 'tobacco leaf' }] })).toMatch(/nicotine/);
    expect(of({ pantry: [{ id: 'citric', name: 'citric acid', acid: 1, dry: true }] })).toMatch(/eyes/);
    const extract = {
      id: 'extract',
      name: 'bitter-almond extract, food-grade',
      drops: true,
      caution: 'By the drop.',
    };
    expect(
      of({
        pantry: [extract],
        homeMade: [
          made([
            { pantry: 'extract', g: 0.1 },
            { kind: 'gin', g: 400 },
          ]),
        ],
      }),
    ).toBe('');
    expect(
      of({
        pantry: [extract],
        homeMade: [
          made([
            { pantry: 'extract', g: 2 },
            { kind: 'gin', g: 400 },
          ]),
        ],
      }),
    ).toMatch(/by the drop alone/);
    expect(of({ kinds: [kindInput('rum', { abv: 0.63 })] })).toMatch(/burns: say so/);
    expect(of({ kinds: [kindInput('tonic', { name: 'Tonic water', supply: 'mixer' })] })).toMatch(/quinine/);
    expect(of({ kinds: [kindInput('aquafaba', { supply: 'fresh', caution: 'Raw egg: fresh.' })] })).toMatch(
      /holds none/,
    );
    expect(
      of({
        kinds: [
          kindInput('gin', { abv: 0.4 }),
          kindInput('tonic', { name: 'Tonic water', caution: 'Contains quinine.' }),
        ],
      }),
    ).toBe('');
  });
});

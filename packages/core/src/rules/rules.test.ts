import { describe, expect, it } from 'vitest';
import { kindInput, testCatalogue, testKinds, testRecipe } from '../testing/trade.js';
import { priceListSchema } from '../catalogue/price-list.js';
import { balanceFaults } from './balance-rule.js';
import { coverage } from './coverage.js';
import { methodFault, methodFaults } from './method-rule.js';
import { idleAllowedWords, nameFaults, plainWords } from './names-rule.js';
import { priceRuleFaults } from './price-rule.js';
import { publishedFaults, publishedListSchema } from './published.js';
import { sameSpecFaults } from './same-spec.js';

const KINDS = [
  ['gin', { abv: 0.4 }],
  ['vermouth', { abv: 0.17, acidGPerL: 5 }],
  ['lime-juice', { supply: 'fresh', acidGPerL: 60 }],
  ['cream', { supply: 'fresh', tastes: ['creamy'] }],
  ['egg-white', { supply: 'fresh', tastes: ['egg'] }],
  ['soda', { supply: 'mixer', tastes: ['fizzy'] }],
  ['syrup', { supply: 'home-made', sugarGPerL: 615 }],
] as [string, object][];
const kinds = testKinds(...KINDS);
type Slots = Parameters<typeof testRecipe>[0];
const GIN: Slots[number] = ['gin', '60 ml', 'base'];
const LIME: Slots[number] = ['lime-juice', '20 ml', 'sour'];

describe('the shake and stir rule (common practice)', () => {
  it.each<[string, Slots, boolean]>([
    ['stir', [GIN, ['vermouth', '20 ml', 'aromatic']], true],
    ['shake', [GIN, ['vermouth', '20 ml', 'aromatic']], false],
    ['shake', [GIN, LIME], true],
    ['stir', [GIN, LIME], false],
    ['stir', [GIN, ['cream', '30 ml', 'body']], false],
    ['build', [GIN, ['syrup', '20 ml', 'sweet'], ['cream', '30 ml', 'body', { float: true }]], true],
    // By density: cream goes down through neat gin.
    ['build', [GIN, ['cream', '30 ml', 'body', { float: true }]], false],
    ['build', [GIN, LIME, ['soda', '90 ml', 'long']], true],
    ['build', [GIN, LIME], false],
    ['shake', [GIN, LIME, ['soda', '90 ml', 'long']], true],
    ['shake', [GIN, LIME, ['soda', '90 ml', 'base']], false],
    ['dry-shake', [GIN, LIME, ['egg-white', '1 whole', 'body']], true],
    ['stir', [GIN, ['egg-white', '1 whole', 'body']], false],
    ['dry-shake', [GIN, LIME], false],
  ])('%s of %j is right: %s', (method, slots, right) => {
    expect(methodFault(testRecipe(slots, { method }), kinds) === undefined).toBe(right);
  });

  it('lets a recipe say why it breaks it, and asks it not to say so when it does not', () => {
    const catalogue = (recipe: object) =>
      testCatalogue({ kinds: KINDS.map(([id, more]) => kindInput(id, more)), recipes: [recipe] });
    const because = { method: 'Ever since it was first written down.' };
    const written = {
      id: 'v',
      name: 'V',
      family: 'martini',
      strain: 'once',
      ice: 'none',
      glass: 'coupe',
      era: 'before-1900',
      canon: 'core',
      source: 'trade',
      slots: [{ kind: 'gin', amount: '60 ml', role: 'base' }],
    };
    expect(methodFaults(catalogue({ ...written, method: 'shake' }))[0]?.pointer).toBe('/recipes/0/method');
    expect(methodFaults(catalogue({ ...written, method: 'shake', because }))).toEqual([]);
    expect(methodFaults(catalogue({ ...written, method: 'stir', because }))[0]?.pointer).toBe(
      '/recipes/0/because/method',
    );
  });
});

describe('a family’s band', () => {
  it('names the figure that is outside, and takes a reason for it', () => {
    const family = {
      id: 'sour',
      name: 'Sours',
      idea: 'a base, a sour, a sweet',
      abv: [0.1, 0.25],
      sugarGPer100Ml: [4, 12],
      acidGPer100Ml: [0.4, 1.2],
    };
    const dry = {
      id: 'd',
      name: 'D',
      family: 'sour',
      method: 'shake',
      strain: 'once',
      ice: 'none',
      glass: 'coupe',
      era: 'before-1900',
      canon: 'core',
      source: 'trade',
      slots: [
        { kind: 'gin', amount: '45 ml', role: 'base' },
        { kind: 'lime-juice', amount: '20 ml', role: 'sour' },
      ],
    };
    const faults = (recipe: object) =>
      balanceFaults(
        testCatalogue({
          kinds: KINDS.map(([id, more]) => kindInput(id, more)),
          families: [family],
          recipes: [recipe],
        }),
      );
    expect(faults(dry)[0]?.detail).toMatch(/^d: sugar 0.00 g in 100 ml, the family has 4.00/);
    expect(faults({ ...dry, because: { balance: 'Meant to be bone dry.' } })).toEqual([]);
  });
});

describe('the same drink twice', () => {
  it('is found under another name and other measures, unless it is a variant', () => {
    const one = testRecipe([GIN, ['vermouth', '20 ml', 'aromatic']], { id: 'one' });
    const two = testRecipe(
      [
        ['vermouth', '1 oz', 'aromatic'],
        ['gin', '3 oz', 'base'],
      ],
      { id: 'two' },
    );
    const dry = testRecipe([GIN, ['vermouth', '10 ml', 'aromatic']], { id: 'dry' });
    const found = (recipes: object[]) => sameSpecFaults({ ...testCatalogue({}), recipes: recipes as never });
    expect(found([one, dry, two]).map((f) => f.pointer)).toEqual(['/recipes/2']);
    const drier = testRecipe([GIN, ['vermouth', '12 ml', 'aromatic']], { id: 'drier' });
    expect(found([one, drier]).map((f) => f.pointer)).toEqual(['/recipes/1']);
    expect(found([one, { ...drier, ice: 'cubes' }])).toEqual([]);
    expect(
      found([
        { ...one, group: 'g' },
        { ...two, group: 'g' },
      ]),
    ).toEqual([]);
  });
});

describe('names', () => {
  const catalogue = testCatalogue({ kinds: [kindInput('gin', { name: 'Dry gin', also: ['Zorblax gin'] })] });
  const common = (word: string) => ['dry', 'gin', 'coupe'].includes(word);

  it('with a word no dictionary has are shown to somebody', () => {
    expect(nameFaults(catalogue, [], common, new Set())).toMatchObject([{ pointer: '/kinds/0/also/0' }]);
    expect(nameFaults(catalogue, [], common, new Set(['zorblax']))).toEqual([]);
    expect(idleAllowedWords(catalogue, [], new Set(['zorblax', 'quux']))).toEqual(['quux']);
  });

  it('are read without accents, capitals and possessives', () => {
    expect(plainWords('Bee’s Knees à la Crème')).toEqual(['bee', 'knees', 'la', 'creme']);
  });
});

describe('a price list', () => {
  const catalogue = testCatalogue({ kinds: [kindInput('gin'), kindInput('rum')] });
  const bottle = (id: string, ml: number, priceMinor: number, more: object = {}) => ({
    id,
    kind: 'gin',
    label: id,
    ml,
    priceMinor,
    widthMm: Math.round(72 * Math.cbrt(ml / 700)),
    heightMm: 312,
    ...more,
  });
  const faults = (bottles: object[]) =>
    priceRuleFaults(
      priceListSchema.parse({
        format: 'uisce-prices/1',
        id: 'l',
        name: 'L',
        currency: 'EUR',
        provenance: 'test',
        bottles,
      }),
      catalogue,
    ).map((f) => f.detail);

  it('sells every kind, larger for less a ml, finer for more, in bottles that hold it', () => {
    const rum = bottle('rum', 700, 1500, { kind: 'rum' });
    expect(
      faults([
        rum,
        bottle('a', 350, 1000),
        bottle('b', 700, 1800),
        bottle('c', 700, 3000, { tier: 'finer' }),
      ]),
    ).toEqual([]);
    expect(faults([bottle('b', 700, 1800)])).toEqual(['l sells no rum; add a bottle']);
    expect(faults([rum, bottle('a', 350, 900), bottle('b', 700, 1800)])).toEqual([
      'b costs more a ml than the smaller a',
    ]);
    expect(faults([rum, bottle('b', 700, 1800), bottle('c', 700, 1700, { tier: 'finer' })])).toEqual([
      'c is finer and no dearer',
    ]);
    expect(faults([rum, bottle('b', 700, 1800, { widthMm: 40 })])[0]).toMatch(
      /do not suit a bottle of 40 by 312/,
    );
  });
});

describe('a published list', () => {
  it('is kept to within its tolerance', () => {
    const catalogue = {
      ...testCatalogue({}),
      recipes: [testRecipe([GIN, ['vermouth', '12 ml', 'aromatic']])],
    };
    const compare = (ml: object) =>
      publishedFaults(
        catalogue,
        publishedListSchema.parse({
          provenance: 'from memory, for a test',
          list: 'a made-up list',
          source: 'made-up',
          toleranceMl: 2.5,
          toleranceShare: 0.1,
          specs: [{ recipe: 'x', ml }],
        }),
      ).map((f) => f.detail);
    expect(compare({ gin: 65, vermouth: 10 })).toEqual([]);
    expect(compare({ gin: 50 })).toEqual(['x takes 60 ml of gin; the published list has 50']);
    expect(compare({ rum: 30 })).toEqual(['x has no rum; the published list has 30 ml']);
  });
});

describe('coverage', () => {
  it('counts variants of one drink once', () => {
    const recipes = [
      testRecipe([GIN], { id: 'a', group: 'g' }),
      testRecipe([GIN, LIME], { id: 'b', group: 'g' }),
      testRecipe([LIME], { id: 'c', family: 'no-alcohol' }),
    ];
    const figures = coverage({
      ...testCatalogue({ kinds: KINDS.map(([id, more]) => kindInput(id, more)) }),
      recipes,
    });
    expect(figures).toMatchObject({ recipes: 3, drinks: 2, withoutAlcohol: 1 });
    expect(figures.perBase).toEqual([['gin', 1]]);
    expect(figures.perKind).toEqual([
      ['lime-juice', 2],
      ['gin', 1],
    ]);
  });
});

import { describe, expect, it } from 'vitest';
import { homeMadeSchema } from '../catalogue/home-made.js';
import { abvOf } from '../bench/composition.js';
import { batchOf } from '../bench/batch.js';
import { drinkFigures } from '../drink/figures.js';
import { testCatalogue, kindInput, recipeInput } from '../testing/trade.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { batchedGlassMl, mixedKind } from '../mixed/batched.js';
import { bringOf } from './bring.js';
import type { MenuProblem } from './menu.js';
import { insteadOf } from './instead.js';
import { drinkOfMixed, fromMixed, kindsOfMixed, mixedRecipe } from '../mixed/mixed-batch.js';
import { glassPlan } from './washes.js';
import type { EveningWare } from './ware.js';

const slot = (kind: string, amount: string, role = 'base') => ({ kind, amount, role });
const catalogue = testCatalogue({
  kinds: [
    kindInput('gin', { abv: 0.4 }),
    kindInput('vermouth', {
      abv: 0.16,
      sugarGPerL: 150,
      job: 'aromatic',
      openDays: 45,
      allergens: ['sulphites'],
    }),
    kindInput('bitters', { abv: 0.44, job: 'bitter', tastes: ['bitter'] }),
  ],
  pantry: [{ id: 'water', name: 'Water', water: 1, keepsAs: 'plain' }],
  recipes: [
    recipeInput(
      [slot('gin', '60 ml'), slot('vermouth', '30 ml', 'aromatic'), slot('bitters', '2 dashes', 'seasoning')],
      { id: 'wet', name: 'Wet', method: 'stir', garnish: 'lemon twist' },
    ),
  ],
});
const kinds = kindIndex(catalogue.kinds);
const wet = catalogue.recipes[0] ?? expect.fail('the drink is there');

describe('a drink mixed ahead', () => {
  const recipe = mixedRecipe(wet, 8, kinds);

  it('is weighed like any batch, what is least first, its water last', () => {
    expect(homeMadeSchema.parse(recipe)).toEqual(recipe);
    expect(recipe.from.map((p) => p.kind ?? p.pantry)).toEqual(['bitters', 'vermouth', 'gin', 'water']);
    // 480 ml of gin at 40 % vol: 0.948 g/ml (OIML R 22) make 455 g; water of 8 glasses as Arnold's curve has it.
    expect(recipe.from[2]?.g).toBeCloseTo(455, -1);
    expect(recipe.keepsDays).toBe(45);
    expect(drinkOfMixed(recipe.makes)).toBe('wet');
    expect(drinkOfMixed('simple-syrup')).toBeUndefined();
  });

  it('is a kind of its own, as strong as the drink is served, with what its parts bring', () => {
    const inG = recipe.from.map((p) => p.g);
    const record = {
      id: '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001',
      recipeId: recipe.id,
      recipe,
      plannedG: inG,
      inG,
      jarG: 0,
      tared: true,
      bottleMl: 1000,
      actsDone: 0,
      actStartedAt: null,
      strained: [],
      toppedUpG: 0,
      madeOn: null,
      useBy: null,
      startedAt: '2026-11-25T18:00:00.000Z',
      frozen: false,
      leftDays: null,
      thawed: false,
      yieldMl: null,
      measuredBrix: null,
      remainingMl: 0,
      notes: '',
    };
    const [kind] = kindsOfMixed([record], catalogue, kinds);
    expect(kind).toMatchObject({
      id: mixedKind('wet'),
      name: 'Wet, mixed ahead',
      proper: true,
      allergens: ['sulphites'],
      tastes: ['bitter'],
    });
    expect(Math.abs((kind?.abv ?? 0) - drinkFigures(wet, kinds).abv)).toBeLessThan(0.01);
    expect(abvOf(batchOf(recipe, inG, catalogue, kinds).composition)).toBeCloseTo(kind?.abv ?? 0, 6);
    // A glass of it is one part, poured cold: as much alcohol as one that is stirred.
    const poured = fromMixed(wet, kinds);
    expect(poured.slots).toHaveLength(1);
    expect(poured.slots[0]?.amount.value).toBe(Math.round(batchedGlassMl(wet, kinds)));
    const known = new Map([...kinds, ...(kind ? [[kind.id, kind] as const] : [])]);
    expect(drinkFigures(poured, known).ethanolG).toBeCloseTo(drinkFigures(wet, kinds).ethanolG, 0);
    expect(poured.garnish).toMatchObject([{ kind: 'lemon-whole', form: 'twist' }]);
  });
});

describe('glasses', () => {
  const tumblers = { id: 't', name: 'Tumblers', type: 'rocks', capacityMl: 290, count: 4 };

  it('are washed when the clean ones are used up, as worked by hand', () => {
    const drinks = [
      { glass: tumblers, type: 'rocks', name: 'Rocks', glasses: 10 },
      { glass: undefined, type: 'coupe', name: 'Coupe', glasses: 5 },
    ];
    // 15 pours, 9 in the first hour and 6 in the second. The tumblers' 4th of 10 is the 6th pour of 15: minute 40;
    // their 8th is the 12th pour, half way through the second hour's six: minute 90.
    expect(glassPlan(drinks, [9, 6])).toEqual([
      { glass: 't', name: 'Tumblers', owned: 4, pours: 10, washes: [40, 90] },
      { glass: 'coupe', name: 'Coupe', owned: undefined, pours: 5, washes: [] },
    ]);
    expect(
      glassPlan([{ glass: { ...tumblers, count: 12 }, type: 'rocks', name: 'Rocks', glasses: 10 }], [9, 1])[0]
        ?.washes,
    ).toEqual([]);
  });
});

describe('what guests are asked to bring', () => {
  it('is what the menu lacks, then what adds most', () => {
    const ware = (kind: string, there: number, priceMinor: number): EveningWare => ({
      kind,
      unit: 'ml',
      pieceMl: 1,
      spare: 0,
      there,
      packs: [{ kind, label: kind, holds: 700, priceMinor, ware: { is: 'bottle', id: kind, ml: 700 } }],
    });
    const drink = (id: string, ...wares: number[]) => ({
      id,
      finds: [true],
      uses: wares.map((w) => ({ ware: w, amount: 30 })),
      mixed: 0,
      parts: wares,
      work: 10,
      family: id,
      method: 'stir',
      glass: 'coupe',
    });
    const problem: MenuProblem = {
      candidates: [drink('a', 0), drink('b', 1), drink('c', 2), drink('d', 2), drink('e', 1, 2)],
      seats: [{ people: 1, pours: 4, wants: 2 }],
      wares: [ware('gin', 700, 1500), ware('vermouth', 0, 900), ware('bitters', 0, 2000)],
      size: 2,
      must: [],
      never: [],
    };
    // Gin is there; with vermouth or with bitters nothing is missing any more, and bitters open two.
    const all = new Map(
      ['gin', 'vermouth', 'bitters'].map((id) => [
        id,
        { ...(kinds.get('gin') ?? expect.fail('gin is there')), id },
      ]),
    );
    expect(bringOf(problem, ['a', 'b'], all)).toEqual([
      { kind: 'bitters', adds: 2, savesMinor: 0, thenMinor: 0 },
      { kind: 'vermouth', adds: 1, savesMinor: 900, thenMinor: 0 },
    ]);
  });
});

describe('what there is no time for', () => {
  it('is bought, made by the glass, or left off the menu', () => {
    const pours = [{ drink: wet, glasses: 6, mixed: 0, brimMl: 200 }];
    const bottles = [
      {
        id: 'v',
        kind: 'orgeat',
        label: 'Orgeat',
        ml: 500,
        priceMinor: 900,
        widthMm: 70,
        heightMm: 250,
        tier: 'mixing' as const,
        homeMade: false,
      },
    ];
    expect(insteadOf({ kind: 'freeze', of: 'cube-tray' }, pours, { bottles })).toEqual({ is: 'bags' });
    expect(insteadOf({ kind: 'chill', of: 'wet' }, pours, { bottles })).toEqual({
      is: 'by-the-glass',
      drink: 'wet',
    });
    expect(insteadOf({ kind: 'make', of: 'orgeat' }, pours, { bottles })).toMatchObject({
      is: 'bought',
      label: 'Orgeat',
    });
    expect(insteadOf({ kind: 'rest', of: 'vermouth' }, pours, { bottles })).toEqual({
      is: 'off-the-menu',
      drinks: ['wet'],
    });
    expect(insteadOf({ kind: 'table' }, pours, { bottles })).toEqual({ is: 'help' });
  });
});

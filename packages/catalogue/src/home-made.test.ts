import { beforeAll, describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { homeMadeSchema, kindIndex, kindSchema, type Catalogue, type Kind } from '@uisce/core/catalogue';
import { keepingFaults } from '@uisce/core/rules';
import {
  batchOfVolume,
  batchUsingUp,
  brixOfRatio,
  keeping,
  refusedBecause,
  scaledBatch,
} from '@uisce/core/bench';
import { liquidGPerMl } from '@uisce/core/stock';
import { loadCatalogue } from './load.js';
import { madeBatch } from './testing/made-batch.js';

let catalogue: Catalogue;
let kinds: Map<string, Kind>;
beforeAll(() => {
  ({ catalogue } = loadCatalogue());
  kinds = kindIndex(catalogue.kinds);
});
const made = (id: string, factor?: number) => madeBatch(catalogue, id, factor);

describe('batches as the trade makes them', () => {
  it.each([
    // Brix of a ratio by weight is arithmetic; honey is about 82 °Brix.
    ['simple', 50],
    ['rich-1-5', 60],
    ['rich-1-75', 100 * (1.75 / 2.75)],
    ['rich', 100 * (2 / 3)],
    ['honey', brixOfRatio(3, 82)],
  ])('%s comes to %d °Brix', (id, brix) => {
    expect(made(id).brix).toBeCloseTo(brix, 1);
  });

  it('extended orange and grapefruit are as sour as fresh with 4.6 and 10 g of powder (mass balance by their own acid)', () => {
    for (const [id, powderG] of [
      ['extended-orange', 4.6],
      ['extended-grapefruit', 10],
    ] as const) {
      const recipe = catalogue.homeMade.find((h) => h.id === id);
      const powders = recipe?.from.filter((p) => p.pantry?.endsWith('-acid')) ?? [];
      expect(powders.reduce((sum, p) => sum + p.g, 0)).toBeCloseTo(powderG, 6);
      const { composition, massG: g } = made(id);
      const fresh = (kinds.get(recipe?.makes ?? '')?.acidGPerL ?? 0) / 1030;
      expect(Math.abs(composition.acidG / g / fresh - 1), id).toBeLessThan(0.04);
    }
  });

  it('saline of one to four weighs 1.148 g/ml (CRC Handbook, from memory), in its batch and in its bottle', () => {
    const { massG: g, volumeMl: ml } = made('saline');
    expect(g / ml).toBeCloseTo(1.148, 3);
    expect(liquidGPerMl(kinds.get('saline') as never)).toBeCloseTo(1.148, 2);
  });

  it('extended lime is about as sour as fresh juice, and makes 12 to 16 drinks of four limes', () => {
    // Fresh lime or lemon juice is about 6 % acid by weight (Arnold, Liquid Intelligence, 2014, from memory).
    for (const id of ['extended-lime', 'extended-lemon']) {
      const { composition, massG } = made(id);
      expect(composition.acidG / massG, id).toBeGreaterThan(0.054);
      expect(composition.acidG / massG, id).toBeLessThan(0.068);
    }
    // 435 g of water is 15 to 16.7 times the peel; half a lime, or 25 ml and more, a drink; some is lost in the sieve.
    const drinks = made('extended-lime').volumeMl / 40;
    expect(drinks).toBeGreaterThan(12);
    expect(drinks).toBeLessThan(16);
  });

  it('coffee and ginger liqueurs keep the alcohol of their spirit, thinned', () => {
    for (const id of ['coffee-liqueur', 'ginger-liqueur']) {
      expect(made(id).abv, id).toBeGreaterThan(0.15);
      expect(made(id).abv, id).toBeLessThan(0.26);
    }
  });

  it('scale to a bottle or to what is to be used up, at the same strength', () => {
    for (const recipe of catalogue.homeMade) {
      const one = scaledBatch(recipe, 1, catalogue, kinds);
      const bottle = batchOfVolume(recipe, 500, catalogue, kinds);
      expect(bottle.volumeMl, recipe.id).toBeCloseTo(500, 6);
      expect(bottle.brix, recipe.id).toBeCloseTo(one.brix, 6);
      const [first] = recipe.from;
      expect(batchUsingUp(recipe, 0, (first?.g ?? 0) * 3, catalogue, kinds).massG, recipe.id).toBeCloseTo(
        one.massG * 3,
        6,
      );
      expect(one.massG, recipe.id).toBeGreaterThan(0);
    }
  });

  it('sweeten as the kind they make says, within a tenth', () => {
    for (const recipe of catalogue.homeMade.filter(
      (h) => h.way === undefined && kinds.get(h.makes)?.strength !== undefined,
    )) {
      const { composition, volumeMl } = scaledBatch(recipe, 1, catalogue, kinds);
      const perLitre = (composition.sugarG / volumeMl) * 1000;
      const stated = kinds.get(recipe.makes)?.sugarGPerL ?? 0;
      expect(
        Math.abs(perLitre / stated - 1),
        `${recipe.id}: ${perLitre.toFixed(0)} against ${stated}`,
      ).toBeLessThan(0.16);
    }
  });
});

describe('how long a batch keeps', () => {
  const days = (id: string) => keeping(made(id), catalogue).days;

  it('stays within what the trade knows', () => {
    // Common practice, clean bottle in the fridge: 1:1 two to three weeks, rich one to three months, nuts about two weeks.
    expect(days('simple')).toBeGreaterThanOrEqual(14);
    expect(days('simple')).toBeLessThanOrEqual(21);
    expect(days('rich')).toBeGreaterThanOrEqual(30);
    expect(days('rich')).toBeLessThanOrEqual(90);
    expect(days('orgeat-nuts')).toBeLessThanOrEqual(14);
    expect(days('extended-lime')).toBeLessThanOrEqual(14);
    for (const recipe of catalogue.homeMade)
      expect(days(recipe.id), recipe.id).toBeLessThanOrEqual(recipe.keepsDays);
  });

  const ofParts = (from: object[], more: object = {}) =>
    scaledBatch(
      homeMadeSchema.parse({
        id: 'own',
        makes: 'simple-syrup',
        effort: 1,
        how: 'Stir it together.',
        keepsDays: 400,
        from,
        ...more,
      }),
      1,
      catalogue,
      kinds,
    );
  const keeps = (from: object[], more: object = {}) => keeping(ofParts(from, more), catalogue);

  it('goes by what in it turns first, however long its recipe says', () => {
    // Cream and whiskey of a fifth alcohol was given 400 days; home-made cream liqueur keeps two to four weeks (common practice).
    const creamy = [
      { kind: 'cream', g: 200 },
      { kind: 'irish-whiskey', g: 250 },
      { pantry: 'white-sugar', g: 60 },
    ];
    expect(ofParts(creamy).abv).toBeGreaterThan(0.18);
    expect(keeps(creamy).days).toBeLessThanOrEqual(14);
    expect(keeps(creamy)).toMatchObject({ frozenDays: null, why: expect.stringMatching(/cream/) });
    // Raw egg with sugar was given 14; out of its shell it keeps two to four (US FSIS, from memory).
    expect(
      keeps([
        { kind: 'egg-white', g: 100 },
        { pantry: 'white-sugar', g: 100 },
      ]),
    ).toMatchObject({ days: 2, frozenDays: null });
    expect(
      keeps([
        { kind: 'tomato-juice', g: 200 },
        { pantry: 'white-sugar', g: 40 },
      ]).days,
    ).toBeLessThanOrEqual(3);
    expect(
      keeps([
        { kind: 'chilli', g: 10 },
        { pantry: 'white-sugar', g: 200 },
        { pantry: 'water', g: 200 },
      ]).days,
    ).toBeLessThanOrEqual(7);
    expect(
      keeps([
        { pantry: 'almond-milk', g: 200 },
        { pantry: 'white-sugar', g: 20 },
      ]).days,
    ).toBe(3);
    expect(keeps([{ kind: 'espresso', g: 200 }]).days).toBe(3);
    // A spirit by itself keeps for years; with a herb steeped in it, half of one.
    expect(keeps([{ kind: 'vodka', g: 500 }]).days).toBe(400);
    expect(
      keeps([
        { kind: 'vodka', g: 500 },
        { kind: 'rosemary', g: 10, strained: true },
      ]).days,
    ).toBeLessThanOrEqual(180);
  });

  it('says three days where nothing is known, and that it is not known', () => {
    const strange = {
      ...catalogue,
      kinds: [
        ...catalogue.kinds,
        kindSchema.parse({
          id: 'own-x',
          name: 'X',
          job: 'sweet',
          supply: 'home-made',
          allergensStated: false,
        }),
      ],
    };
    const batch = ofParts([
      { kind: 'own-x', g: 100 },
      { pantry: 'white-sugar', g: 300 },
    ]);
    expect(keeping(batch, strange)).toMatchObject({
      days: 3,
      frozenDays: null,
      why: expect.stringMatching(/do not know/),
    });
  });

  it('is never longer for more of what turns, nor for less of what guards', () => {
    const turning = fc.constantFrom(
      'egg-white',
      'cream',
      'tomato-juice',
      'chilli',
      'mint',
      'espresso',
      'lime-juice',
      'coconut-cream',
    );
    fc.assert(
      fc.property(
        turning,
        turning,
        fc.integer({ min: 50, max: 400 }),
        fc.integer({ min: 0, max: 300 }),
        (a, b, sugar, spirit) => {
          const from = (...kindsIn: string[]) => [
            ...[...new Set(kindsIn)].map((kind) => ({ kind, g: 100 })),
            ...[
              { pantry: 'white-sugar', g: sugar },
              { pantry: 'neutral-spirit', g: spirit + 1 },
            ],
          ];
          // The shortest part decides: with the same guard by share, another part never lengthens its life.
          expect(keeps(from(a, b)).days).toBeLessThanOrEqual(
            Math.max(keeps(from(a)).days, keeps(from(b)).days),
          );
        },
      ),
    );
  });

  it('is one number wherever it stands: recipe, kind and sum', () => {
    expect(keepingFaults(catalogue)).toEqual([]);
    const off = {
      ...catalogue,
      homeMade: catalogue.homeMade.map((h) => (h.id === 'orgeat-nuts' ? { ...h, keepsDays: 18 } : h)),
    };
    expect(
      keepingFaults(off)
        .map((f) => f.detail)
        .join(),
    ).toMatch(/orgeat-nuts keeps 14 days .* says 18/);
  });

  it('refuses fresh things in what neither sugar, acid nor alcohol guards, and nothing that is shipped', () => {
    for (const recipe of catalogue.homeMade)
      expect(refusedBecause(made(recipe.id), catalogue), recipe.id).toBeUndefined();
    const infusion = (g: number, more: object[] = []) =>
      scaledBatch(
        homeMadeSchema.parse({
          id: 'infusion',
          makes: 'simple-syrup',
          way: 'green',
          effort: 1,
          keepsDays: 14,
          how: 'Leave it to draw.',
          from: [
            { pantry: 'water', g: 300 },
            { pantry: 'fresh-ginger', g: 50, strained: true },
            { pantry: 'white-sugar', g },
            ...more,
          ],
        }),
        1,
        catalogue,
        kinds,
      );
    expect(refusedBecause(infusion(20), catalogue)).toMatch(/botulism/);
    // What guards citrus alone guards no root.
    expect(refusedBecause(infusion(20, [{ pantry: 'citric-acid', g: 3.2 }]), catalogue)).toMatch(/botulism/);
    expect(refusedBecause(infusion(300), catalogue)).toBeUndefined();
    expect(refusedBecause(infusion(20, [{ pantry: 'citric-acid', g: 12 }]), catalogue)).toBeUndefined();
    expect(refusedBecause(infusion(20, [{ kind: 'vodka', g: 400 }]), catalogue)).toBeUndefined();
  });

  it('names both opinions for rich syrup, and lets neither put it on the shelf', () => {
    const { opinions, why } = keeping(made('rich'), catalogue);
    expect(opinions.map((s) => s.holds)).toEqual([false, false]);
    expect(why).toMatch(/water activity is 0\.8\d/);
    expect(keeping(made('simple'), catalogue).opinions).toEqual([]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { PlanSearch } from '../planner/plan-search.js';
import { ReferenceModel } from '../planner/reference/reference-model.js';
import { highsForTests } from '../testing/highs.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { answerPlan } from './answer.js';
import { emptyBrief, type Brief } from './brief.js';
import { compilePlan } from './compile.js';
import { makeUpOf } from './make-up.js';
import { kindIndex } from '../catalogue/catalogue.js';

const SIZES = [{ ml: 500, widthMm: 72, heightMm: 300 }];
const bottled = (id: string, more: object = {}) => kindInput(id, { abv: 0.4, sizes: SIZES, ...more });
const syrup = (id: string, more: object = {}) =>
  kindInput(id, {
    job: 'sweet',
    supply: 'home-made',
    storage: 'fridge',
    openDays: 20,
    sizes: SIZES,
    ...more,
  });

/** Two syrups of sugar, one of honey, one that also takes a bottle's spirit, one made from another. */
const catalogue = testCatalogue({
  kinds: [
    bottled('gin'),
    bottled('rum'),
    kindInput('syrup', { job: 'sweet', supply: 'home-made', abstract: true }),
    syrup('plain', { parent: 'syrup' }),
    syrup('rich', { parent: 'syrup' }),
    syrup('honeyed'),
    syrup('falernum', { abv: 0.11 }),
    syrup('gingered'),
    kindInput('lime', { job: 'fresh', supply: 'fresh' }),
  ],
  pantry: ['sugar', 'honey', 'spice', 'ginger'].map((id) => ({ id, name: id, sugar: 0.5 })),
  homeMade: [
    made('plain', 1, [['pantry', 'sugar', 250]]),
    made('rich', 1, [['pantry', 'sugar', 1400]]),
    made('honeyed', 1, [['pantry', 'honey', 300]]),
    made('falernum', 3, [
      ['kind', 'rum', 80],
      ['pantry', 'spice', 20],
      ['pantry', 'sugar', 200],
      ['kind', 'lime', 20],
    ]),
    made('gingered', 2, [
      ['kind', 'plain', 200],
      ['pantry', 'ginger', 90],
    ]),
  ],
  recipes: [
    drink('sour', 'gin', 'lime', 'plain'),
    drink('any-sweet', 'rum', 'syrup'),
    drink('bee', 'gin', 'honeyed'),
    drink('swizzle', 'rum', 'falernum'),
    drink('corn', 'gin', 'falernum'),
    drink('mule', 'gin', 'gingered', 'rich'),
    drink('cup', 'rum', 'gingered', 'honeyed'),
  ],
});
function made(id: string, effort: number, from: [what: string, id: string, g: number][]) {
  const parts = from.map(([what, part, g]) => ({ [what]: part, g }));
  return {
    id: `${id}-way`,
    makes: id,
    effort,
    from: parts,
    how: 'Stir it until it is clear.',
    keepsDays: 20,
  };
}
function drink(id: string, ...kinds: string[]) {
  return recipeInput(
    kinds.map((kind, i) => ({ kind, amount: '20 ml', role: i === 0 ? 'base' : 'sweet' })),
    { id },
  );
}

const bottle = (id: string, kind: string, priceMinor: number, more: object = {}) => ({
  id,
  kind,
  label: id,
  ml: 500,
  priceMinor,
  widthMm: 72,
  heightMm: 300,
  ...more,
});
/** Gin, rum, a bottled honeyed syrup, and packs at these prices. */
const shop = (prices: readonly number[]) =>
  priceListSchema.parse({
    format: 'uisce-prices/1',
    id: 'corner',
    name: 'Corner',
    currency: 'EUR',
    provenance: 'made up for the tests',
    bottles: [
      bottle('gin-50', 'gin', prices[0] ?? 1),
      bottle('rum-50', 'rum', prices[1] ?? 1),
      bottle('honeyed-50', 'honeyed', prices[2] ?? 1),
      bottle('falernum-50', 'falernum', prices[7] ?? 3000),
      ...['plain', 'rich', 'honeyed', 'falernum', 'gingered'].map((kind) =>
        bottle(`made-${kind}`, kind, 40, { homeMade: true }),
      ),
    ],
    pantry: ['sugar', 'honey', 'spice', 'ginger'].map((pantry, i) => ({
      pantry,
      g: 1000,
      priceMinor: prices[3 + i] ?? 1,
    })),
  });
const PRICES = [2000, 2400, 900, 130, 650, 280, 60];
const briefOf = (moneyNowMinor: number, more: Partial<Brief> = {}): Brief => ({
  ...emptyBrief('EUR'),
  howBig: 'taste' as const,
  moneyNowMinor,
  ...more,
});
const answered = (prices: readonly number[], brief: Brief) => {
  const compiled = compilePlan(brief, shop(prices), catalogue);
  const result = answerPlan(compiled, new PlanSearch(compiled.problem), brief.moneyNowMinor);
  if (result === undefined) throw new Error('not stopped by anybody');
  return { compiled, result };
};

/** What is open with these things in the house, by the words of the trade and nothing of the planner's. */
function openWith(have: ReadonlySet<string>, mostTrouble: number, never: readonly string[]): number {
  const can = new Set([...have, 'lime']);
  const makes: [kind: string, effort: number, from: string[]][] = [
    ['plain', 1, ['sugar']],
    ['rich', 1, ['sugar']],
    ['honeyed', 1, ['honey']],
    ['falernum', 3, ['rum', 'spice', 'sugar']],
    ['gingered', 2, ['plain', 'ginger']],
  ];
  for (const [kind, effort, from] of makes)
    if (effort <= mostTrouble && !never.includes(kind) && from.every((part) => can.has(part))) can.add(kind);
  if (can.has('plain') || can.has('rich')) can.add('syrup');
  const drinks = [
    ['gin', 'plain'],
    ['rum', 'syrup'],
    ['gin', 'honeyed'],
    ['rum', 'falernum'],
    ['gin', 'falernum'],
    ['gin', 'gingered', 'rich'],
    ['rum', 'gingered', 'honeyed'],
  ];
  return drinks.filter((d) => d.every((kind) => can.has(kind))).length;
}
const THINGS = ['gin', 'rum', 'honeyed', 'sugar', 'honey', 'spice', 'ginger', 'falernum'];

describe('whole packs', () => {
  it('give the answer of trying every set of bottles and packs, and a second solver’s', async () => {
    const highs = await highsForTests();
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 8, maxLength: 8 }),
        fc.integer({ min: 0, max: 160 }),
        fc.constantFrom(2 as const, 3 as const),
        fc.subarray(['sugar', 'honey', 'spice', 'ginger']),
        fc.subarray(['gin', 'rum', 'falernum']),
        (tens, money, mostTrouble, ownedPantry, neverKinds) => {
          const prices = tens.map((t) => t * 10);
          // A rich syrup takes 1400 g of sugar: two packs, whoever uses them.
          const cost = (thing: string, i: number) =>
            ownedPantry.includes(thing) ? 0 : (prices[i] as number) * (thing === 'sugar' ? 2 : 1);
          let best = { value: -1, spend: 0 };
          for (let set = 0; set < 1 << THINGS.length; set++) {
            const have = THINGS.filter((thing, i) => (set >> i) & 1 || ownedPantry.includes(thing));
            const spend = have.reduce((sum, thing) => sum + cost(thing, THINGS.indexOf(thing)), 0);
            if (spend > money * 10 || have.some((thing) => neverKinds.includes(thing))) continue;
            const value = openWith(new Set(have), mostTrouble, neverKinds);
            if (value > best.value || (value === best.value && spend < best.spend)) best = { value, spend };
          }
          const { compiled, result } = answered(
            prices,
            briefOf(money * 10, { mostTrouble, ownedPantry, neverKinds }),
          );
          expect([result.answer.status, result.drinksMade, result.answer.spend]).toEqual([
            'optimal',
            best.value,
            best.spend,
          ]);
          const second = new ReferenceModel(highs, compiled.problem);
          const { value, spend, items } = second.solve(money * 10);
          second.dispose();
          const { answer } = result;
          expect([value, spend, items]).toEqual([answer.value, answer.spend, answer.items]);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('are bought once for all that is made from them, and what is made is named', () => {
    const { result } = answered(PRICES, briefOf(2_260));
    // Gin 20.00 and two packs of sugar 2.60: a sour. A third thing would not fit.
    expect(result.inUse).toEqual(['gin-50', 'made-plain', 'pack:sugar']);
    expect(result.packs.find((p) => p.id === 'pack:sugar')).toMatchObject({
      packs: 2,
      g: 2000,
      priceMinor: 260,
    });
    const up = makeUpOf(result, kindIndex(catalogue.kinds));
    expect([up.bought, up.syrups]).toEqual([1, 1]);
    const all = answered(PRICES, briefOf(99_999)).result;
    expect(all.inUse.filter((id) => id.startsWith('made-')).length).toBe(5);
    expect(all.answer.spend).toBe(2000 + 2400 + 260 + 650 + 280 + 60);
  });

  it('cost nothing where they are in the cupboard, and are not bought for what is ruled out', () => {
    const owned = answered(PRICES, briefOf(2_000, { ownedPantry: ['sugar'] })).result;
    expect([owned.drinksMade, owned.answer.spend]).toEqual([1, 2000]);
    const never = answered(PRICES, briefOf(99_999, { neverKinds: ['gingered'] })).result;
    expect([never.drinksMade, never.inUse.includes('pack:ginger')]).toEqual([5, false]);
    // A batch that takes rum is out where rum is: the bottle is there in its place, dear as it is.
    const dry = answered(PRICES, briefOf(99_999, { neverKinds: ['rum'] })).result;
    expect([dry.inUse.includes('falernum-50'), dry.inUse.includes('made-falernum')]).toEqual([true, false]);
    const bottledOnly = answered(PRICES, briefOf(99_999, { makesSyrups: false })).result;
    expect([bottledOnly.drinksMade, bottledOnly.answer.spend]).toEqual([3, 2900 + 2400 + 3000]);
  });

  it('take nothing of a limit while nobody makes anything of them', () => {
    // The cap is one bottle of half a litre: falernum that could be made, and is not, must not fill it.
    const brief = briefOf(2_260, { limits: { bottles: 1, liquorMl: 500 } });
    const { result } = answered(PRICES, brief);
    expect([result.answer.status, result.drinksMade]).toEqual(['optimal', 1]);
  });

  it('come along when what is made from them is to be kept', () => {
    const { result } = answered(PRICES, briefOf(700, { keepBottles: ['made-honeyed'] }));
    expect([result.answer.status, result.answer.items.includes('pack:honey'), result.answer.spend]).toEqual([
      'optimal',
      true,
      650,
    ]);
  });
});

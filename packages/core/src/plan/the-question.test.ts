import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { ReferenceModel } from '../planner/reference/reference-model.js';
import { PlanSearch } from '../planner/plan-search.js';
import { bruteForceBest } from '../testing/brute-force.js';
import { highsForTests } from '../testing/highs.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { bestPlan, holdPlan } from './best-plan.js';
import { emptyBrief, upgradeBrief, type HouseholdBrief } from './brief.js';
import { largerBottles } from './larger-bottles.js';
import { sizesLargeEnough } from './sizes.js';
import { typicalPours } from './typical-pour.js';

// Six bottles and a wine, drinks with and without alcohol, a stand-in.
const SIZES = [350, 700];
const BOTTLES = ['gin', 'rum', 'rye', 'brandy'] as const;
const drink = (id: string, slots: [kind: string, ml: number][], more: object = {}) =>
  recipeInput(
    slots.map(([kind, ml], i) => ({ kind, amount: `${ml} ml`, role: i === 0 ? 'base' : 'long' })),
    { id, ...more },
  );
const catalogue = testCatalogue({
  kinds: [
    ...BOTTLES.map((id) => kindInput(id, { abv: 0.4 })),
    kindInput('sparkling', { abv: 0.12, job: 'long', openDays: 1 }),
    kindInput('tonic', { supply: 'mixer', job: 'long', openDays: 1 }),
    kindInput('lime', { supply: 'fresh', job: 'fresh' }),
  ],
  standIns: [{ for: 'brandy', with: ['rum'], match: 0.75, changes: 'Rounder.' }],
  recipes: [
    drink('martini', [['gin', 60]]),
    drink('gin-tonic', [
      ['gin', 50],
      ['tonic', 150],
    ]),
    drink('daiquiri', [
      ['rum', 50],
      ['lime', 20],
    ]),
    drink('old-fashioned', [['rye', 60]]),
    drink('sidecar', [
      ['brandy', 40],
      ['lime', 20],
    ]),
    drink('fifty', [
      ['gin', 30],
      ['rye', 30],
    ]),
    drink('fizz', [
      ['gin', 30],
      ['sparkling', 90],
    ]),
    drink('bubbles', [
      ['sparkling', 120],
      ['brandy', 20],
    ]),
    drink(
      'dry-tonic',
      [
        ['tonic', 150],
        ['lime', 20],
      ],
      { family: 'no-alcohol' },
    ),
  ],
  askedFor: ['daiquiri', 'old-fashioned'],
});
const SOLD = [...BOTTLES, 'sparkling', 'tonic'];
const shop = (costs: readonly number[]) =>
  priceListSchema.parse({
    format: 'uisce-prices/1',
    id: 'corner',
    name: 'Corner',
    currency: 'EUR',
    provenance: 'for the tests',
    bottles: SOLD.flatMap((kind, k) =>
      SIZES.map((ml, s) => ({
        id: `${kind}-${ml}`,
        kind,
        label: kind,
        ml,
        widthMm: 70,
        heightMm: 300,
        priceMinor: 100 * (costs[k * SIZES.length + s] as number),
      })),
    ),
  });
const costsArbitrary = fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 12, maxLength: 12 });
const briefArbitrary = fc.record({
  howBig: fc.constantFrom('taste' as const, 'small' as const, 'full' as const),
  keepsWine: fc.boolean(),
  soft: fc.constantFrom('beside' as const, 'within' as const, 'only' as const),
  attitude: fc.constantFrom('purist' as const, 'house' as const),
  askedForMore: fc.boolean(),
  variety: fc.boolean(),
  ownedKinds: fc.subarray(['gin', 'tonic', 'sparkling']),
});
const answered = (brief: HouseholdBrief, costs: readonly number[]) =>
  bestPlan({ brief, prices: shop(costs), catalogue }) ?? expect.fail('nobody stopped it');
const briefOf = (euros: number, more: Partial<HouseholdBrief> = {}): HouseholdBrief => ({
  ...emptyBrief('EUR'),
  moneyNowMinor: 100 * euros,
  ...more,
});

describe('the size of a bottle', () => {
  const pours = typicalPours(catalogue);

  it('is large enough by the glasses it pours, counted by the middle drink of the library', () => {
    // Gin: 60, 50, 30 and 30 ml; rye: 60 and 30; sparkling: 90 and 120.
    expect([pours.get('gin'), pours.get('rye'), pours.get('sparkling')]).toEqual([40, 45, 105]);
    const [half, whole] = shop(Array<number>(12).fill(9)).bottles;
    if (!half || !whole) throw new Error('two bottles of gin are sold');
    const gin = catalogue.kinds.find((k) => k.id === 'gin') ?? expect.fail('gin');
    const said = (howBig: 'taste' | 'small' | 'full', pourMl: number, days?: number) =>
      sizesLargeEnough([half, whole], { ...gin, openDays: days }, pourMl, { howBig, drinksPerWeek: 7 }).map(
        (b) => b.ml,
      );
    expect(said('taste', 40)).toEqual([350, 700]);
    expect(said('small', 50)).toEqual([350, 700]);
    expect(said('small', 51)).toEqual([700]);
    expect(said('full', 50)).toEqual([700]);
    // None pours fourteen glasses of 60 ml: the largest. What goes off in three days has to pour three.
    expect(said('full', 60)).toEqual([700]);
    expect(said('full', 110, 3)).toEqual([350, 700]);
  });

  it('hangs on nothing that is bought: whatever the money, the same are offered', () => {
    fc.assert(
      fc.property(costsArbitrary, briefArbitrary, fc.nat(120), fc.nat(120), (costs, more, a, b) => {
        const offered = (euros: number) =>
          holdPlan({ brief: briefOf(euros, more), prices: shop(costs), catalogue }).compiled.problem.items;
        expect(offered(a)).toEqual(offered(b));
      }),
      { numRuns: 40 },
    );
  });
});

describe('the best set', () => {
  it('is the best of all there are, and a second solver agrees', async () => {
    const highs = await highsForTests();
    fc.assert(
      fc.property(costsArbitrary, briefArbitrary, fc.nat(120), (costs, more, euros) => {
        const brief = briefOf(euros, { ...more, variety: false });
        const { problem } = holdPlan({ brief, prices: shop(costs), catalogue }).compiled;
        const { answer } = answered(brief, costs);
        const best = bruteForceBest(problem);
        expect([answer.status, answer.value, answer.spend]).toEqual(['optimal', best?.value, best?.spend]);
        const second = new ReferenceModel(highs, problem);
        expect(second.solve(100 * euros)).toMatchObject({ value: best?.value, spend: best?.spend });
        second.dispose();
      }),
      { numRuns: 60 },
    );
  });

  it('is never worth less with more money, with another bottle owned, at a lower price, or with a looser limit', () => {
    fc.assert(
      fc.property(
        ...([
          costsArbitrary,
          briefArbitrary,
          fc.integer({ min: 0, max: 100 }),
          fc.integer({ min: 1, max: 30 }),
          fc.nat(5),
        ] as const),
        (costs, more, euros, step, which) => {
          const brief = briefOf(euros, { ...more, limits: { bottles: 3, liquorMl: null } });
          const before = answered(brief, costs).answer.value;
          const kind = SOLD[which] as string;
          const better: [Partial<HouseholdBrief>, number[]][] = [
            [{ moneyNowMinor: brief.moneyNowMinor + 100 * step }, costs],
            [
              {
                ownedKinds: [...new Set([...more.ownedKinds, kind])],
                limits: { bottles: 4, liquorMl: null },
              },
              costs,
            ],
            [{}, costs.map((cost, i) => (i === which ? Math.max(0, cost - step) : cost))],
            [{ limits: { bottles: 3 + (step % 3), liquorMl: null } }, costs],
          ];
          for (const [change, prices] of better)
            expect(answered({ ...brief, ...change }, prices).answer.value).toBeGreaterThanOrEqual(
              before - 1e-9,
            );
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is the same from the whole frontier, and a first good set is never worth more than it', () => {
    fc.assert(
      fc.property(costsArbitrary, briefArbitrary, fc.integer({ min: 1, max: 120 }), (costs, more, euros) => {
        const brief = briefOf(euros, more);
        const shown: number[] = [];
        const matter = { brief, prices: shop(costs), catalogue };
        const { answer } =
          bestPlan(matter, { onBetter: (good) => shown.push(good.answer.value) }) ?? expect.fail('stopped');
        expect(shown.every((value) => value <= answer.value + 1e-9)).toBe(true);
        const search = new PlanSearch(holdPlan(matter).compiled.problem);
        for (const stretch of search.stretches(brief.moneyNowMinor)) search.settle(stretch);
        const curve = search.known({ low: 0, high: brief.moneyNowMinor }).at(-1);
        expect([curve?.value, curve?.spend, curve?.items]).toEqual([
          answer.value,
          answer.spend,
          answer.items,
        ]);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what stands beside the count', () => {
  const dear = [20, 30, 20, 30, 20, 30, 20, 30, 12, 16, 2, 3];

  it('is drinks without alcohol, unless they are counted among the others or are the only ones', () => {
    const at = (soft: HouseholdBrief['soft']) => {
      const { drinksMade: open, soft: beside, answer } = answered(briefOf(24, { soft }), dear);
      return [open, beside.map((d) => d.id), answer.value];
    };
    // €22 buy gin and tonic: martini, gin and tonic, fizz with a wine for the day; dry tonic beside.
    expect(at('beside')).toEqual([3, ['dry-tonic'], 3]);
    expect(at('within')).toEqual([4, [], 4]);
    expect(at('only')).toEqual([1, [], 1]);
  });

  it('is drinks with wine bought on the day, which cost the plan nothing until it is kept', () => {
    const day = answered(briefOf(24), dear);
    expect(day.forTheDay).toEqual(['fizz']);
    const owned = answered(briefOf(24, { ownedKinds: ['sparkling'] }), dear);
    expect([owned.forTheDay, owned.drinksMade]).toEqual([[], day.drinksMade]);
    const kept = answered(briefOf(24, { keepsWine: true }), dear);
    expect([kept.forTheDay, kept.drinksMade]).toEqual([[], 2]);
  });

  it('is which of the drinks that people ask for are made, and those weigh more when asked to', () => {
    // Rum makes the daiquiri, and stands in twice by 0.75: in a sidecar, and in one with wine for the day.
    const plain = answered(briefOf(20), dear);
    expect([plain.askedFor, plain.drinksMade, plain.answer.value]).toEqual([['daiquiri'], 3, 2.5]);
    // One of the twenty counts three times, the others, which most know, twice.
    expect(answered(briefOf(20, { askedForMore: true }), dear).answer.value).toBe(3 + 2 * 2 * 0.75);
  });

  it('takes money for fresh things off as an amount, and no more than there is', () => {
    expect(answered(briefOf(24, { freshMinor: 400 }), dear).answer).toEqual(
      answered(briefOf(20), dear).answer,
    );
    expect(answered(briefOf(24, { freshMinor: 9_900 }), dear).answer.spend).toBe(0);
  });
});

describe('a brief of an earlier release', () => {
  it('is brought up to date: how long it should last is how big bottles are, and what it said stays', () => {
    const { howBig: _h, broughtUp: _b, ...plain } = emptyBrief('EUR');
    const before = (lasts: string) => upgradeBrief({ ...plain, lasts, freshWeeks: 4, variety: null });
    const sizes = ['taste', 'month', 'quarter', 'half-year'].map(
      (l) => (before(l) as { howBig: string }).howBig,
    );
    expect(sizes).toEqual(['taste', 'small', 'full', 'full']);
    const liked = upgradeBrief({
      ...plain,
      lasts: 'month',
      tastes: { sour: 'like' },
      variety: { after: 3, factor: 0 },
    });
    expect(liked).toMatchObject({ likedMore: true, variety: true, broughtUp: true, moneyNowMinor: 0 });
    expect(upgradeBrief(emptyBrief('EUR'))).toEqual(emptyBrief('EUR'));
  });
});

describe('larger bottles', () => {
  it('leave the drinks as they are, and cost no more than is left', () => {
    const costs = [20, 26, 20, 30, 20, 30, 20, 30, 12, 16, 2, 3];
    const brief = briefOf(30);
    const result = answered(brief, costs);
    const lasts = [{ itemId: 'gin-350', kindId: 'gin', ml: 350, drinksIn: 8, untilEmpty: 8 }];
    const left = { moneyMinor: 800, widthMm: Infinity, liquorMl: Infinity };
    const found = largerBottles(result, lasts, shop(costs), catalogue, left);
    expect(found).toMatchObject({ moreMinor: 600, glassesNow: 8, glassesThen: 16 });
    const again = answered({ ...brief, keepBottles: ['gin-700'] }, costs);
    expect([again.answer.value, again.answer.spend]).toEqual([
      result.answer.value,
      result.answer.spend + 600,
    ]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import { emptyKit } from '@uisce/core/kit';
import { batchCost, batchOfVolume } from '@uisce/core/bench';
import { answerPlan, compilePlan, emptyBrief, schoolCurves, type HouseholdBrief } from '@uisce/core/plan';
import { PlanSearch } from '@uisce/core/planner';
import { loadCatalogue, loadPriceLists } from './load.js';

const { catalogue } = loadCatalogue();
const shops = loadPriceLists(catalogue);
const kinds = kindIndex(catalogue.kinds);
const brief = (more: Partial<HouseholdBrief> = {}, currency = 'EUR'): HouseholdBrief => ({
  ...emptyBrief(currency),
  count: 'core',
  moneyNowMinor: 24_000,
  moneyPerMonthMinor: 6_000,
  ...more,
});
const shop = (currency: string) => {
  const found = shops.find((s) => s.currency === currency);
  if (found === undefined) throw new Error(`no shop in ${currency}`);
  return found;
};
/** A kit with nothing in it, so that tools and glasses are bought from the same money. */
const bareKit = { ...emptyKit(), said: true };

/**
 * Duty on a litre of pure alcohol in spirits, in major units, and the tax on top (from memory: HMRC alcohol duty rates of
 * February 2025; German Alkoholsteuergesetz § 2; US TTB, 13.50 a proof gallon; Australian Taxation Office, August 2025).
 * India's states each have their own, and Britain's and Australia's rise every year.
 */
const DUTY: Record<string, { aLitre: number; tax: number }> = {
  GB: { aLitre: 32.79, tax: 0.2 },
  DE: { aLitre: 13.03, tax: 0.19 },
  US: { aLitre: 7.13, tax: 0 },
  AU: { aLitre: 107, tax: 0.1 },
  IN: { aLitre: 0, tax: 0 },
};

it('no shop sells a spirit for less than its duty and tax, and each says its country and year', () => {
  for (const { id, country, year, bottles } of shops) {
    expect([id, year]).toEqual([id, 2026]);
    const { aLitre, tax } = DUTY[country ?? ''] ?? expect.fail(`${id} is nowhere`);
    const below = bottles.filter(({ kind, ml, priceMinor, homeMade }) => {
      const abv = kinds.get(kind)?.abv ?? 0;
      return !homeMade && abv >= 0.2 && priceMinor <= aLitre * 100 * abv * (ml / 1000) * (1 + tax);
    });
    expect(
      below.map((b) => b.id),
      id,
    ).toEqual([]);
  }
});

describe('one price for one item', () => {
  it('what is shown of an answer adds up to what it spends, whatever was asked', () => {
    const asked = fc.record({
      currency: fc.constantFrom(...shops.map((s) => s.currency)),
      share: fc.double({ min: 0.02, max: 0.6, noNaN: true }),
      howBig: fc.constantFrom('taste' as const, 'small' as const, 'full' as const),
      attitude: fc.constantFrom('purist' as const, 'house' as const, 'pinch' as const),
      owned: fc.subarray(['dry-gin', 'bourbon', 'simple-syrup', 'aromatic-bitters', 'triple-sec']),
      keep: fc.boolean(),
      withKit: fc.boolean(),
    });
    fc.assert(
      fc.property(asked, ({ currency, share, howBig, attitude, owned, keep, withKit }) => {
        const prices = shop(currency);
        const whole = prices.bottles.reduce((sum, b) => sum + b.priceMinor, 0);
        const [kept] = prices.bottles.filter((b) => b.kind === 'white-rum');
        const compiled = compilePlan(
          brief(
            {
              howBig,
              attitude,
              ownedKinds: owned,
              keepBottles: keep && kept ? [kept.id] : [],
              moneyNowMinor: Math.round(whole * share * 0.2),
            },
            currency,
          ),
          prices,
          catalogue,
          withKit ? bareKit : undefined,
        );
        const budget = compiled.problem.budget;
        // Any good set has to add up; the search need not be proven, so it looks at its watch so many times.
        let looks = 40;
        const remainingSeconds = () => (looks-- > 0 ? 1 : 0);
        const result = answerPlan(compiled, new PlanSearch(compiled.problem), budget, { remainingSeconds });
        if (result === undefined || result.answer.status === 'infeasible') return;
        const shown = new Map([
          ...result.items.map((i) => [i.id, i.priceMinor] as const),
          ...result.kit.map((i) => [i.id, i.priceMinor] as const),
          ...result.packs.map((i) => [i.id, i.priceMinor] as const),
        ]);
        const sum = result.answer.items.reduce((so, id) => so + (shown.get(id) ?? NaN), 0);
        expect(sum).toBe(result.answer.spend);
        expect(sum).toBeLessThanOrEqual(budget);
        for (const { bottle, owned: mine, made, priceMinor } of result.items)
          expect(priceMinor).toBe(mine || made ? 0 : (bottle?.priceMinor ?? NaN));
      }),
      { numRuns: 25 },
    );
  });

  it('what is made at home costs what its parts cost, rounded up to the step of the shop', () => {
    for (const prices of shops)
      for (const bottle of prices.bottles.filter((b) => b.homeMade)) {
        const [recipe] = catalogue.homeMade
          .filter((h) => h.makes === bottle.kind)
          .sort((a, b) => a.effort - b.effort);
        if (recipe === undefined) continue;
        const { minor, unpriced } = batchCost(
          batchOfVolume(recipe, bottle.ml, catalogue, kinds),
          prices,
          kinds,
        );
        if (unpriced.length > 0) continue;
        expect(bottle.priceMinor, `${prices.id} ${bottle.id}`).toBeGreaterThanOrEqual(Math.floor(minor));
      }
  });
});

describe('what the advice is made of', () => {
  const compiled = compilePlan(brief(), shop('EUR'), catalogue);

  it('schools: what each purchase adds is new, and all of it together is what is made', () => {
    for (const curve of schoolCurves(compiled, { most: 20_000, base: 'bourbon', drinks: ['negroni'] })) {
      const added = curve.steps.flatMap((s) => s.added);
      expect(new Set(added).size, curve.id).toBe(added.length);
      const groups = new Set(added.map((id) => compiled.recipes.get(id)?.group ?? id));
      expect(curve.steps.at(-1)?.drinksMade ?? 0, curve.id).toBe(groups.size);
    }
  });
});

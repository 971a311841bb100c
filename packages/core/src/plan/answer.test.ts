import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { emptyKit } from '../kit/kit.js';
import { PlanSearch } from '../planner/plan-search.js';
import { kindInput, recipeInput, testCatalogue } from '../testing/trade.js';
import { answerPlan, outlineAnswer, type PlanResult } from './answer.js';
import { emptyBrief } from './brief.js';
import { compilePlan } from './compile.js';

const catalogue = testCatalogue({
  kinds: [kindInput('gin', { abv: 0.4, sizes: [{ ml: 700, widthMm: 72, heightMm: 300 }] })],
  recipes: [recipeInput([{ kind: 'gin', amount: '60 ml', role: 'base' }], { id: 'neat' })],
});
const shop = priceListSchema.parse({
  format: 'uisce-prices/1',
  id: 'corner',
  name: 'Corner',
  currency: 'EUR',
  provenance: 'made up for the tests',
  bottles: [{ id: 'gin', kind: 'gin', label: 'gin', ml: 700, priceMinor: 2000, widthMm: 72, heightMm: 300 }],
});
const compiled = (moneyNowMinor: number, mustDrinks: string[] = []) =>
  compilePlan(
    { ...emptyBrief('EUR'), howBig: 'taste', moneyNowMinor, mustDrinks },
    shop,
    catalogue,
    emptyKit(),
  );

describe('answering a brief', () => {
  it('says what stands in the way where there is no answer', () => {
    const asked = compiled(1000, ['neat']);
    const result = answerPlan(asked, new PlanSearch(asked.problem), 1000);
    expect([result?.answer.status, result?.obstacle]).toEqual(['infeasible', { kind: 'money', need: 2000 }]);
  });

  it('is given up without a word when it is stopped, even before any set is known', () => {
    const asked = compiled(2000, ['neat']);
    const stopped = answerPlan(asked, new PlanSearch(asked.problem), 2000, { shouldStop: () => true });
    expect(stopped).toBeUndefined();
    expect(answerPlan(asked, new PlanSearch(asked.problem), 2000)?.drinksMade).toBe(1);
  });

  it('explains a set that is settled already without searching, as the same answer', () => {
    const asked = compiled(2000);
    const found = answerPlan(asked, new PlanSearch(asked.problem), 2000);
    const settled = answerPlan(asked, new PlanSearch(asked.problem), 2000, {
      start: found?.answer.items ?? [],
      startProven: true,
    });
    expect(settled?.answer).toEqual(found?.answer);
  });

  it('tells once of the first good set on the way, and outlines what it explains', () => {
    const asked = compiled(2000);
    const search = new PlanSearch(asked.problem);
    const told: PlanResult[] = [];
    const found = answerPlan(asked, search, 2000, { onBetter: (better) => told.push(better) });
    if (!found) throw new Error('nobody stopped it');
    expect(told.length).toBeLessThanOrEqual(1);
    const outline = outlineAnswer(asked, search.prepared, found.answer, 2000);
    expect(found).toMatchObject(outline);
    expect([outline.inUse, outline.items.map((i) => i.priceMinor)]).toEqual([['gin'], [2000]]);
  });
});

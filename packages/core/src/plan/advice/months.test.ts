import { describe, expect, it } from 'vitest';
import { PlanSearch } from '../../planner/plan-search.js';
import { planProblemSchema } from '../../planner/problem.js';
import { WORKED_EXAMPLE } from '../../testing/worked-example.js';
import { monthByMonth, type MonthByMonth } from './months.js';

const problem = planProblemSchema.parse(WORKED_EXAMPLE);
const plan = { problem, recipes: new Map(), beside: [] };
const search = new PlanSearch(problem);
const ask = (
  nowMinor: number,
  perMonthMinor: number,
  months: number,
  tell?: (so: MonthByMonth, p: number) => void,
) => monthByMonth(plan, search, { nowMinor, perMonthMinor, months }, tell);

describe('month by month', () => {
  it('says what each month buys and adds, beside the best that its money could have bought', () => {
    const found = ask(1_700, 1_800, 4);
    const prices = new Map(problem.items.map((i) => [i.id, i.price]));
    let spent = 0;
    const added: string[] = [];
    expect(found?.rungs.map((r) => r.budget)).toEqual([1_700, 3_500, 5_300, 7_100, 8_900]);
    for (const rung of found?.rungs ?? []) {
      spent += rung.bought.reduce((sum, id) => sum + (prices.get(id) ?? NaN), 0);
      added.push(...rung.added);
      expect(rung.spend).toBe(spent);
      expect(rung.drinksMade).toBe(added.length);
      expect(rung.value).toBeLessThanOrEqual(rung.bestValue + 1e-9);
    }
    expect(new Set(added).size).toBe(added.length);
    expect(found?.total).toBeCloseTo(found?.rungs.reduce((sum, r) => sum + r.value, 0) ?? NaN);
  });

  it('skipping a month never gains over all months; one that buys nothing is skipped already', () => {
    const progress: number[] = [];
    const found = ask(1_700, 900, 4, (_, p) => progress.push(p));
    expect(found?.proven).toBe(true);
    const buying = found?.rungs.flatMap((r, month) =>
      month > 0 && month < 4 && r.bought.length > 0 ? [month] : [],
    );
    expect(found?.skips.map((s) => s.month)).toEqual(buying);
    for (const skip of found?.skips ?? []) expect(skip.total).toBeLessThanOrEqual(1e-9);
    expect(progress).toEqual([0.25, 0.5, 0.75]);
  });

  it('says nothing where what is asked for can never be met', () => {
    expect(
      monthByMonth({ ...plan, problem: { ...problem, mustDrinks: ['bitter-thirds'] } }, search, {
        nowMinor: 0,
        perMonthMinor: 100,
        months: 2,
      }),
    ).toBeUndefined();
  });
});

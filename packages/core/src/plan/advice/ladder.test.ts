import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judged, indicesOf } from '../../testing/brute-force.js';
import { problemArbitrary } from '../../testing/problems.js';
import { WORKED_EXAMPLE } from '../../testing/worked-example.js';
import { planProblemSchema, type PlanProblem } from '../../planner/problem.js';
import { PreparedProblem } from '../../planner/prepared.js';
import { solvePlan } from '../../planner/solve.js';
import { buyingLadder, monthlyBudgets } from './ladder.js';

/** The best ladder by trying every month for every item, "never bought" included. */
function bruteForceLadder(problem: PlanProblem, budgets: readonly number[]): number | undefined {
  const prepared = new PreparedProblem(problem);
  const withoutMust = new PreparedProblem({ ...problem, mustDrinks: [] });
  const n = problem.items.length;
  const months = budgets.length;
  let best: number | undefined;
  for (let code = 0; code < (months + 1) ** n; code++) {
    const month = Array.from({ length: n }, (_, i) => Math.floor(code / (months + 1) ** i) % (months + 1));
    let total = 0;
    const allowed = budgets.every((budget, t) => {
      const set = new Set(month.flatMap((m, i) => (m <= t ? [i] : [])));
      const { valid, value } = (t === months - 1 ? prepared : withoutMust).judge(set, budget);
      total += value;
      return valid;
    });
    if (allowed && (best === undefined || total > best)) best = total;
  }
  return best;
}

describe('the buying ladder', () => {
  it.each([false, true])('is the best there is, or says how far it may be from it; lenses: %s', (lenses) => {
    let proven = 0;
    fc.assert(
      fc.property(
        problemArbitrary({ items: 5, drinks: 7, capabilities: 4, lenses }),
        fc.nat(8),
        (problem, perMonth) => {
          const budgets = monthlyBudgets(problem.budget / 2, perMonth * 50, 3);
          const best = bruteForceLadder(problem, budgets);
          const ladder = buyingLadder(problem, budgets);
          if (ladder === undefined) {
            expect(best).toBeUndefined();
            return;
          }
          expect(ladder.total).toBeLessThanOrEqual((best ?? 0) + 1e-9);
          expect(ladder.bound).toBeGreaterThanOrEqual((best ?? 0) - 1e-9);
          if (!lenses) expect(ladder.proven).toBe(true);
          if (ladder.proven) {
            proven += 1;
            expect(ladder.total).toBeCloseTo(best ?? 0, 9);
          }
        },
      ),
      { numRuns: 120 },
    );
    expect(proven).toBeGreaterThan(30);
  });

  it('keeps what it bought, within the money of each month, and tells what is open', () => {
    fc.assert(
      fc.property(
        problemArbitrary({ items: 12, drinks: 14, capabilities: 8 }),
        fc.nat(8),
        (problem, step) => {
          const budgets = monthlyBudgets(problem.budget, step * 50, 4);
          const ladder = buyingLadder(problem, budgets);
          fc.pre(ladder !== undefined);
          let before: string[] = [];
          for (const { answer, budget, bought } of ladder?.rungs ?? []) {
            expect(before.every((id) => answer.items.includes(id))).toBe(true);
            expect(answer.spend).toBeLessThanOrEqual(budget);
            expect(judged(problem, answer.items).value).toBeCloseTo(answer.value, 9);
            expect(answer.items.filter((id) => !before.includes(id) && !problem.owned.includes(id))).toEqual(
              bought,
            );
            before = answer.items;
          }
          // No month can beat the best set at its money.
          ladder?.rungs.forEach(({ answer, budget }) => {
            const free = solvePlan({ ...problem, budget, mustDrinks: [] });
            expect(answer.value).toBeLessThanOrEqual(free.value + 1e-9);
          });
          expect(indicesOf(problem, before).size).toBe(before.length);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('saves in a month when that pays: the worked example at 1700 a month', () => {
    const problem = planProblemSchema.parse(WORKED_EXAMPLE);
    const ladder = buyingLadder(problem, monthlyBudgets(1700, 1700, 4));
    expect(ladder?.proven).toBe(true);
    expect(ladder?.total).toBeCloseTo(bruteForceLadder(problem, monthlyBudgets(1700, 1700, 4)) ?? 0, 9);
    const skipping = buyingLadder(problem, monthlyBudgets(1700, 1700, 4), {}, 1);
    expect(skipping?.rungs[1]?.bought).toEqual([]);
    expect(skipping?.total).toBeLessThanOrEqual(ladder?.total ?? 0);
  });
});

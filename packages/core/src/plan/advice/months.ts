import type { PlanSearch } from '../../planner/plan-search.js';
import type { PlanAnswer } from '../../planner/problem.js';
import type { CompiledPlan } from '../compile.js';
import { countOf } from '../beside.js';
import { buyingLadder, monthlyBudgets } from './ladder.js';

/** One month of the ladder, beside the best that its money could have bought. */
export interface MonthRung {
  budget: number;
  spend: number;
  bought: string[];
  value: number;
  drinksMade: number;
  added: string[];
  bestValue: number;
  bestOpen: number;
}

/** A buying ladder, and what skipping one month would do. */
export interface MonthByMonth {
  rungs: MonthRung[];
  total: number;
  bound: number;
  proven: boolean;
  /** For each month that could be skipped: the change over all months, and in the last one. */
  skips: { month: number; total: number; last: number }[];
}

/**
 * What to buy when, month by month, each beside the best of its money, and then what skipping each month
 * would cost.
 *
 * @param months that follow the present one.
 * @param tell how far it has come, 0 to 1, and what there is so far.
 * @returns undefined when no month can meet what is asked for.
 * @example monthByMonth(compiled, search, { nowMinor: 24_000, perMonthMinor: 6_000, months: 6 })
 */
export function monthByMonth(
  compiled: Pick<CompiledPlan, 'problem' | 'recipes' | 'beside'>,
  search: PlanSearch,
  { nowMinor, perMonthMinor, months }: { nowMinor: number; perMonthMinor: number; months: number },
  tell: (soFar: MonthByMonth, progress: number) => void = () => undefined,
): MonthByMonth | undefined {
  const { problem } = compiled;
  const budgets = monthlyBudgets(nowMinor, perMonthMinor, months + 1);
  const found = buyingLadder(problem, budgets);
  if (found === undefined) return undefined;
  let before = new Set<string>();
  const ids = (answer: PlanAnswer) => answer.drinks.map((d) => d.id);
  const rungs = found.rungs.map(({ budget, bought, answer }) => {
    const best = search.solve(budget);
    const now = ids(answer);
    const added = now.filter((d) => !before.has(d));
    before = new Set(now);
    return {
      budget,
      spend: answer.spend,
      bought,
      value: answer.value,
      drinksMade: countOf(compiled, answer.drinks),
      added,
      bestValue: best.value,
      bestOpen: countOf(compiled, best.drinks),
    };
  });
  const { total, bound, proven } = found;
  const result: MonthByMonth = { rungs, total, bound, proven, skips: [] };
  const last = rungs.at(-1)?.value ?? 0;
  for (let month = 1; month < months; month++) {
    tell(result, month / months);
    // A month in which nothing is bought is skipped already.
    if ((rungs[month]?.bought.length ?? 0) === 0) continue;
    const skipping = buyingLadder(problem, budgets, {}, month);
    if (skipping === undefined) continue;
    const atEnd = skipping.rungs.at(-1)?.answer.value ?? 0;
    result.skips.push({ month, total: skipping.total - total, last: atEnd - last });
  }
  return result;
}

import { PlanSearch, type SolveControl } from '../../planner/plan-search.js';
import type { PlanAnswer, PlanProblem } from '../../planner/problem.js';
import { boundOfLadder } from './ladder-bound.js';

/** One rung: what is bought in a month, and what is open from then on. */
interface Rung {
  /** Money there has been up to and with this month, minor units. */
  budget: number;
  bought: string[];
  answer: PlanAnswer;
}

/** A buying order, month by month; every month keeps what was bought. */
export interface Ladder {
  rungs: Rung[];
  /** Sum of the values over all months: what is to be greatest. */
  total: number;
  /** No ladder can come to more. */
  bound: number;
  proven: boolean;
}

/** Money in hand at the end of each month: now, and so much more every month after. */
export function monthlyBudgets(nowMinor: number, perMonthMinor: number, months: number): number[] {
  return Array.from({ length: months }, (_, t) => nowMinor + t * perMonthMinor);
}

/**
 * The buying order that adds most drinks over time: the sum over months of the value in reach.
 *
 * Months are improved in turn, each the best set between the month before and the month after
 * (a planning problem of its own, solved exactly), from two beginnings: buying the best each month,
 * and buying towards the best set of the last month. The bound comes from the time-expanded problem,
 * and small ladders are proven by searching that.
 *
 * @param budgets money there has been by each month, rising.
 * @param skipped a month in which nothing is bought.
 */
export function buyingLadder(
  problem: PlanProblem,
  budgets: readonly number[],
  control: SolveControl = {},
  skipped?: number,
): Ladder | undefined {
  const months = new Months(problem, budgets, skipped);
  const aim = new PlanSearch(problem).solve(budgets.at(-1) as number);
  const candidates = [months.upwards(), months.upwards(aim)].flatMap((sets) =>
    sets ? [months.improve(sets, control)] : [],
  );
  if (candidates.length === 0) return undefined;
  const found = candidates.reduce((a, b) => (totalOf(b) > totalOf(a) ? b : a));
  const { sets, bound, proven } = boundOfLadder(problem, budgets, found, control, skipped);
  const rungs = sets.map((answer, t) => ({
    budget: budgets[t] as number,
    answer,
    bought: answer.items.filter(
      (id) => !problem.owned.includes(id) && !(sets[t - 1]?.items.includes(id) ?? false),
    ),
  }));
  return { rungs, total: totalOf(sets), bound, proven };
}

/** Sum of the values of all months. */
function totalOf(sets: readonly PlanAnswer[]): number {
  return sets.reduce((sum, s) => sum + s.value, 0);
}

/** The months of a ladder, each a planning problem between its neighbours. */
class Months {
  constructor(
    private readonly problem: PlanProblem,
    private readonly budgets: readonly number[],
    private readonly skipped: number | undefined,
  ) {}

  /** The best of each month on top of the month before, within a last set if there is one. */
  upwards(last?: PlanAnswer): PlanAnswer[] | undefined {
    const sets: PlanAnswer[] = [];
    for (let t = 0; t < this.budgets.length; t++) {
      const set = this.between(t, sets[t - 1], last);
      if (set.status === 'infeasible') return undefined;
      sets.push(set);
    }
    return sets;
  }

  /** Improve one month after the other until none gets better. */
  improve(sets: PlanAnswer[], { shouldStop, remainingSeconds }: SolveControl): PlanAnswer[] {
    const best = [...sets];
    for (let again = true; again;) {
      again = false;
      for (let t = best.length - 1; t >= 0; t--) {
        if ((shouldStop?.() ?? false) || (remainingSeconds?.() ?? Infinity) <= 0) return best;
        const set = this.between(t, best[t - 1], best[t + 1]);
        if (set.status === 'infeasible' || set.value <= (best[t] as PlanAnswer).value) continue;
        best[t] = set;
        again = true;
      }
    }
    return best;
  }

  private between(t: number, before: PlanAnswer | undefined, after: PlanAnswer | undefined): PlanAnswer {
    const { problem } = this;
    if (t === this.skipped && before !== undefined) return before;
    const held = new Set(before?.items ?? []);
    const roof = after && problem.items.map((i) => i.id).filter((id) => !after.items.includes(id));
    const isLast = t === this.budgets.length - 1;
    const search = new PlanSearch({
      ...problem,
      must: [...new Set([...problem.must, ...held])].filter((id) => !problem.owned.includes(id)),
      never: [...new Set([...problem.never, ...(roof ?? [])])],
      // What must be open must be so in the end, not before there is money for it.
      mustDrinks: isLast ? problem.mustDrinks : [],
    });
    return search.solve(this.budgets[t] as number);
  }
}

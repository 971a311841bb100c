import { Cover } from '../../planner/cover.js';
import { PlanSearch, type SolveControl } from '../../planner/plan-search.js';
import { PreparedProblem } from '../../planner/prepared.js';
import type { PlanAnswer, PlanProblem } from '../../planner/problem.js';
import { MeritWeights, SearchModel, type CoverShape } from '../../planner/search/search-model.js';
import { ParetoFront } from '../../planner/search/pareto-front.js';
import { WindowSearch } from '../../planner/search/window-search.js';

/** Rounds of steps at the root of a time-expanded problem. */
const ROOT_ROUNDS = 8;
/** Time-expanded problems with at most so many items are searched until they are proven. */
const SEARCHED_ITEMS = 400;

/**
 * Bound a ladder from above, and better or prove it where it is small.
 *
 * The time-expanded problem has every item once a month and every drink once a month; a drink is
 * open in a month when what it needs has been bought by then. Where lenses are on, each month's own
 * best is the bound instead, as if nothing had to be kept.
 */
export function boundOfLadder(
  problem: PlanProblem,
  budgets: readonly number[],
  found: PlanAnswer[],
  control: SolveControl,
  skipped?: number,
): { sets: PlanAnswer[]; bound: number; proven: boolean } {
  const total = found.reduce((sum, s) => sum + s.value, 0);
  const last = budgets.length - 1;
  const apart = new PlanSearch({ ...problem, mustDrinks: [] });
  const whole = new PlanSearch(problem);
  const best = budgets.reduce((sum, b, t) => sum + (t === last ? whole : apart).solve(b).value, 0);
  const { scale, lenses } = whole.prepared;
  const reached = (bound: number) => scale.stepsOf(bound) <= scale.stepsOf(total);
  if (reached(best)) return { sets: found, bound: total, proven: true };
  if (!lenses.plain) return { sets: found, bound: best, proven: false };

  const expanded = new ExpandedLadder(problem, budgets, skipped);
  const { sets, boundSteps } = expanded.search(found, control);
  const value = sets.reduce((sum, s) => sum + s.value, 0);
  const bound = Math.max(value, Math.min(best, scale.value(boundSteps)));
  return { sets, bound, proven: scale.stepsOf(bound) <= scale.stepsOf(value) };
}

/** A ladder as one problem: item i bought in month t is item t × n + i. */
class ExpandedLadder {
  private readonly prepared: PreparedProblem;
  private readonly cover: Cover;
  private readonly n: number;
  private readonly forcedSpend: number;

  constructor(
    problem: PlanProblem,
    private readonly budgets: readonly number[],
    private readonly skipped: number | undefined,
  ) {
    this.prepared = new PreparedProblem(problem);
    this.cover = new Cover(this.prepared);
    this.n = this.cover.items.length;
    this.forcedSpend = [...this.prepared.forced].reduce((sum, i) => sum + this.prepared.price(i), 0);
  }

  /** Search from a known ladder on; a large one is only bounded. */
  search(
    found: readonly PlanAnswer[],
    { shouldStop, remainingSeconds }: SolveControl,
  ): { sets: PlanAnswer[]; boundSteps: number } {
    const { n, budgets, prepared } = this;
    const size = n * budgets.length;
    const shape = this.shape();
    const prices = Float64Array.from({ length: size }, (_, j) => this.price(j % n));
    const byId = Array.from({ length: size }, (_, j) => j);
    const weights = new MeritWeights(shape, prices, prepared.lenses);
    const model = new SearchModel(shape, prices, byId, prepared.lenses, weights);
    const front = new ParetoFront(model);
    const windows = new WindowSearch(model, front);
    windows.offer(this.marks(found));
    let asked = 0;
    const stop = () =>
      (shouldStop?.() ?? false) ||
      (remainingSeconds?.() ?? Infinity) <= 0 ||
      (size > SEARCHED_ITEMS && ++asked > ROOT_ROUNDS);
    const free = (budgets.at(-1) as number) - this.forcedSpend;
    const end = windows.settle(free, free, { shouldStop: stop, onBetter: () => undefined }, ROOT_ROUNDS);
    const point = front.at(free);
    return { sets: point ? this.sets(point.chosen) : [...found], boundSteps: end.boundAt(free) };
  }

  private price(i: number): number {
    return this.prepared.price(this.cover.items[i] as number);
  }

  private shape(): CoverShape {
    const { n, cover, budgets, skipped } = this;
    const months = budgets.map((_, t) => t);
    const items = n * budgets.length;
    const { columns } = cover;
    /** Members that supply one by month t: the item bought in any month up to it, or the month's column. */
    const by = (t: number, members: readonly number[]) =>
      members.flatMap((m) =>
        m < n ? months.filter((s) => s <= t).map((s) => s * n + m) : [items + t * columns.length + (m - n)],
      );
    const sum = (t: number, of: (i: number) => number) =>
      Array.from({ length: items }, (_, j) => (Math.floor(j / n) <= t ? of(j % n) : 0));
    const last = budgets.length - 1;
    const limits = [
      ...cover.limits.map(({ of, limit }) => ({ of: sum(last, (i) => of[i] ?? 0), limit })),
      ...months.slice(0, -1).map((t) => ({
        of: sum(t, (i) => this.price(i)),
        limit: (budgets[t] as number) - this.forcedSpend,
      })),
    ];
    if (skipped !== undefined) {
      const inThatMonth = Array.from({ length: items }, (_, j) => (Math.floor(j / n) === skipped ? 1 : 0));
      limits.push({ of: inThatMonth, limit: 0 });
    }
    return {
      columns: months.flatMap((t) =>
        columns.map((c) => ({ ...c, clauses: c.clauses.map((clause) => by(t, clause)) })),
      ),
      limits,
      needs: cover.needs.map((clause) => by(last, clause)),
      given: cover.given.map((g) => g * budgets.length),
    };
  }

  private marks(found: readonly PlanAnswer[]): Uint8Array {
    const { n, cover, prepared } = this;
    const marks = new Uint8Array(n * found.length);
    cover.items.forEach((item, i) => {
      const t = found.findIndex((s) => s.items.includes(prepared.problem.items[item]?.id ?? ''));
      if (t >= 0) marks[t * n + i] = 1;
    });
    return marks;
  }

  private sets(chosen: Uint8Array): PlanAnswer[] {
    const { n, cover, prepared, budgets } = this;
    const id = (item: number) => prepared.problem.items[item]?.id ?? '';
    const held = [...prepared.forced].map(id);
    return budgets.map((_, t) => {
      cover.items.forEach((item, i) => {
        if (chosen[t * n + i] === 1) held.push(id(item));
      });
      return prepared.answerOf(held);
    });
  }
}

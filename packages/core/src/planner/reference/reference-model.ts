import type { Highs } from 'highs';
import { gcd } from '../../base/numbers.js';
import { better, sameSet, type Incumbent } from './incumbent.js';
import { PreparedProblem } from '../prepared.js';
import {
  INFEASIBLE,
  type Frontier,
  type FrontierPoint,
  type PlanAnswer,
  type PlanProblem,
} from '../problem.js';
import { Formulation } from './formulation.js';
import { HighsSession } from './highs-session.js';

/** Sorted ids are settled this many at a time, so that their powers of two stay exact. */
const TIE_CHUNK = 16;
/** Objectives past this lose the difference of one unit in the solver's tolerances. */
const LARGEST_OBJECTIVE = 1e9;

type Improve = (sense: 'minimize' | 'maximize', costs: readonly number[]) => void;

/**
 * The reference that the product's own search is measured and checked against: the same problem as
 * a mixed-integer program in HiGHS. It must find the same answers, and is not shipped.
 *
 * Every answer is found in stages: greatest value and least spend at that value, then fewest items,
 * then the first list of sorted ids.
 */
export class ReferenceModel {
  readonly prepared: PreparedProblem;
  private readonly formulation: Formulation;
  /** Absent when there is nothing to choose. */
  private readonly session: HighsSession | undefined;

  constructor(highs: Highs, problem: PlanProblem) {
    this.prepared = new PreparedProblem(problem);
    this.formulation = new Formulation(this.prepared);
    const { impossible, items } = this.formulation;
    if (!impossible && items.length > 0) this.session = new HighsSession(highs, this.formulation);
  }

  /** Free the solver's memory. The model cannot be used afterwards. */
  dispose(): void {
    this.session?.dispose();
  }

  /** Best set at `budget` (minor units), proven and with every tie settled. */
  solve(budget: number): PlanAnswer {
    const { session, prepared, formulation } = this;
    const free = budget - this.forcedSpend();
    if (formulation.impossible || free < 0) return INFEASIBLE;
    if (session === undefined) {
      const judgement = prepared.judge(prepared.forced, budget);
      return judgement.valid ? this.answer({ items: new Set(prepared.forced), judgement }) : INFEASIBLE;
    }
    session.relax(free);
    const { costs, settlesSpend } = this.valueThenSpend(free);
    const first = this.stage('maximize', costs, budget);
    return first === undefined
      ? INFEASIBLE
      : this.answer(this.breakTies(session, first, budget, settlesSpend));
  }

  /** Every efficient point, walking down: the best set spends S, so the next lies at S − 1 or below. */
  frontier(): Frontier {
    const points: FrontierPoint[] = [];
    let { budget } = this.prepared.problem;
    while (budget >= 0) {
      const { status, spend, value, items } = this.solve(budget);
      if (status === 'infeasible') break;
      points.push({ spend, value, items });
      budget = spend - 1;
    }
    return { status: points.length === 0 ? 'infeasible' : 'optimal', points: points.reverse() };
  }

  private forcedSpend(): number {
    return [...this.prepared.forced].reduce((sum, i) => sum + this.prepared.price(i), 0);
  }

  /**
   * One objective for the first two aims: each step of value outweighs all the money there is.
   * Where the numbers would grow too large for the solver to keep apart, value alone.
   */
  private valueThenSpend(free: number): { costs: number[]; settlesSpend: boolean } {
    const { formulation, prepared } = this;
    const prices = formulation.items.map((i) => prepared.price(i));
    const unit = prices.reduce(gcd, 0) || 1;
    const all = prices.reduce((a, b) => a + b, 0);
    const worth = Math.floor(Math.min(free, all) / unit) + 1;
    const settlesSpend = worth * formulation.mostSteps < LARGEST_OBJECTIVE;
    const costs = formulation.valueSteps.map((v, c) =>
      settlesSpend ? v * worth - (prices[c] ?? 0) / unit : v,
    );
    return { costs, settlesSpend };
  }

  /** Least spend, fewest items, first ids. */
  private breakTies(
    session: HighsSession,
    first: Incumbent,
    budget: number,
    spendSettled: boolean,
  ): Incumbent {
    const { prepared, formulation } = this;
    let best = first;
    const target = first.judgement.steps;
    const improve: Improve = (sense, costs) => {
      const found = this.stage(sense, costs, budget);
      if (found !== undefined && found.judgement.steps >= target && !better(best, found)) best = found;
    };
    session.valueAtLeast(target - formulation.baseSteps - 0.5);
    if (!spendSettled) {
      improve(
        'minimize',
        this.itemCosts((i) => prepared.price(i)),
      );
    }
    session.atMost('spend', best.judgement.spend - this.forcedSpend() + 0.5);

    // Fewest items first, and among those the fewest shared with the set we have: when that comes
    // back unchanged, the set has no rival and its ids need no comparing. Most sets have none.
    const before = best;
    const one = formulation.items.length + 1;
    improve(
      'minimize',
      this.itemCosts((i) => one + (before.items.has(i) ? 1 : 0)),
    );
    if (sameSet(before.items, best.items)) return best;
    session.atMost('size', best.items.size - prepared.forced.size + 0.5);
    this.firstIds(session, improve, () => best);
    return best;
  }

  /** Settle ids in sorted order, a chunk at a time: an earlier id outweighs all later ones. */
  private firstIds(session: HighsSession, improve: Improve, best: () => Incumbent): void {
    const { formulation, prepared } = this;
    const id = (item: number) => prepared.problem.items[item]?.id ?? '';
    const order = formulation.items
      .map((item, column) => ({ item, column }))
      .sort((a, b) => (id(a.item) < id(b.item) ? -1 : 1));
    for (let from = 0; from < order.length; from += TIE_CHUNK) {
      const chunk = order.slice(from, from + TIE_CHUNK);
      const weight = new Map(chunk.map(({ item }, rank) => [item, 2 ** (chunk.length - 1 - rank)]));
      improve(
        'maximize',
        this.itemCosts((i) => weight.get(i) ?? 0),
      );
      for (const { item, column } of chunk) session.fix(column, best().items.has(item));
    }
    for (const { column } of order) session.release(column);
  }

  private itemCosts(of: (item: number) => number): number[] {
    const { items, columns } = this.formulation;
    return Array.from({ length: columns }, (_, c) => (c < items.length ? of(items[c] as number) : 0));
  }

  /** Run one objective and judge what comes back; undefined when no set is allowed. */
  private stage(
    sense: 'minimize' | 'maximize',
    costs: readonly number[],
    budget: number,
  ): Incumbent | undefined {
    const chosen = this.session?.run(sense, costs);
    if (chosen === undefined) return undefined;
    const items = new Set([...this.prepared.forced, ...chosen]);
    const judgement = this.prepared.judge(items, budget);
    if (!judgement.valid) throw new Error('HiGHS returned a set that breaks a rule');
    return { items, judgement };
  }

  private answer({ items, judgement }: Incumbent): PlanAnswer {
    const { prepared } = this;
    const { value, spend, fits } = judgement;
    const drinks = prepared.openDrinks(fits);
    return { status: 'optimal', value, bound: value, spend, items: prepared.ids(items), drinks };
  }
}

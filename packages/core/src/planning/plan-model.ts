import type { Highs } from 'highs';
import { gcd } from './exact-value.js';
import { Formulation } from './formulation.js';
import { greedySet } from './greedy.js';
import { HighsSession, type StageEnd } from './highs-session.js';
import { better, pick, sameSet, type Incumbent } from './incumbent.js';
import { PreparedProblem } from './prepared.js';
import type { PlanAnswer, PlanProblem } from './problem.js';

/** Sorted ids are settled this many at a time, so that their powers of two stay exact. */
const TIE_CHUNK = 16;
/** Values are whole steps, so a bound within this of a whole number is one. */
const WHOLE = 1e-4;
/** Objectives past this lose the difference of one unit in the solver's tolerances. */
const LARGEST_OBJECTIVE = 1e9;

/** How a solve is watched and stopped from outside; the core has no clock of its own. */
export interface SolveControl {
  /** Seconds left, asked before every stage. */
  remainingSeconds?: () => number;
  /** Asked often while solving; true ends the solve with the best found so far. */
  shouldStop?: () => boolean;
  /** Called with every better or more certain answer. */
  onAnswer?: (answer: PlanAnswer) => void;
  /** A set to begin from; used when it is valid. */
  start?: readonly string[];
}

/** No answer, good or bad, could be found in the time given. */
export class OutOfTimeError extends Error {
  constructor() {
    super('no set that meets every rule was found in the time allowed');
    this.name = 'OutOfTimeError';
  }
}

interface FirstObjective {
  settlesSpend: boolean;
  costs: number[];
  /** Steps of value that the solver's bound on this objective allows. */
  bound: (dual: number) => number;
}

/** One solve at one budget: what it may spend and how it is stopped. */
interface Solving {
  budget: number;
  remaining: () => number;
  shouldStop: () => boolean;
}

/** Of the time given, the most that the first fair set may take. */
const GREEDY_SHARE = 0.2;
const UNHURRIED = { remaining: () => Infinity, shouldStop: () => false };

type Improve = (sense: 'minimize' | 'maximize', costs: readonly number[]) => boolean;

/**
 * One problem held open in HiGHS, to be solved at one budget or many.
 *
 * Every answer is found in stages: greatest value and least spend at that value, then fewest items,
 * then the first list of sorted ids. After each stage the set is judged anew by PreparedProblem, so a
 * rounding slip in the solver can cost the word "proven" but never the truth.
 */
export class PlanModel {
  readonly prepared: PreparedProblem;
  private readonly formulation: Formulation;
  /** Absent when there is nothing to choose. */
  private readonly session: HighsSession | undefined;

  constructor(highs: Highs, problem: PlanProblem) {
    this.prepared = new PreparedProblem(problem);
    this.formulation = new Formulation(this.prepared);
    const { impossible, columns } = this.formulation;
    if (!impossible && columns > 0) this.session = new HighsSession(highs, this.formulation);
  }

  /** Free the solver's memory. The model cannot be used afterwards. */
  dispose(): void {
    this.session?.dispose();
  }

  /**
   * Best set at `budget` (minor units).
   *
   * @throws OutOfTimeError when time ran out before any valid set was found.
   */
  solve(budget: number, control: SolveControl = {}): PlanAnswer {
    const { session } = this;
    const solving: Solving = {
      budget,
      remaining: control.remainingSeconds ?? (() => Infinity),
      shouldStop: control.shouldStop ?? (() => false),
    };
    const free = budget - this.forcedSpend();
    if (this.formulation.impossible || free < 0) return INFEASIBLE;
    let best = this.startSet(control.start, budget) ?? this.greedyStart(solving);
    if (session === undefined) return best ? this.answer('optimal', best, best.judgement.steps) : INFEASIBLE;
    if (best) control.onAnswer?.(this.answer('feasible', best, this.mostSteps()));

    session.relax(free);
    const objective = this.valueThenSpend(free);
    const first = this.stage(solving, 'maximize', objective.costs, best);
    if (first.end === 'infeasible') return INFEASIBLE;
    best = pick(best, first.found);
    if (best === undefined) throw new OutOfTimeError();
    const { steps } = best.judgement;
    const proven = first.end === 'proven';
    const boundSteps = proven ? steps : Math.max(steps, objective.bound(first.bound));
    let answer = this.answer('feasible', best, boundSteps);
    control.onAnswer?.(answer);
    if (!proven) return answer;

    const settled = this.breakTies(solving, best, objective.settlesSpend);
    answer = this.answer(settled.proven ? 'optimal' : 'feasible', settled.best, boundSteps);
    control.onAnswer?.(answer);
    return answer;
  }

  /**
   * Least money that meets every rule at all, whatever it opens; undefined when no money does.
   * Only a proven figure is given.
   */
  leastSpend(): number | undefined {
    const { formulation, session, prepared } = this;
    if (formulation.impossible) return undefined;
    if (session === undefined) return this.forcedSpend();
    session.relax(Infinity);
    const solving = { budget: Infinity, ...UNHURRIED };
    const { end, found } = this.stage(
      solving,
      'minimize',
      this.itemCosts((i) => prepared.price(i)),
      undefined,
    );
    return end === 'proven' && found?.judgement.valid ? found.judgement.spend : undefined;
  }

  /** A fair set without a search, at once; undefined when greedy buying meets no valid one. */
  first(budget: number): PlanAnswer | undefined {
    const set = this.formulation.impossible ? undefined : this.greedyStart({ budget, ...UNHURRIED });
    return set && this.answer('feasible', set, this.mostSteps());
  }

  private forcedSpend(): number {
    return [...this.prepared.forced].reduce((sum, i) => sum + this.prepared.price(i), 0);
  }

  /**
   * One objective for the first two aims: each step of value outweighs all the money there is.
   * Where the numbers would grow too large for the solver to keep apart, value alone.
   */
  private valueThenSpend(free: number): FirstObjective {
    const { formulation, prepared } = this;
    const prices = formulation.items.map((i) => prepared.price(i));
    const unit = prices.reduce(gcd, 0) || 1;
    const mostSpend = Math.floor(
      Math.min(
        free,
        prices.reduce((a, b) => a + b, 0),
      ) / unit,
    );
    const settlesSpend = (mostSpend + 1) * this.mostSteps() < LARGEST_OBJECTIVE;
    const worth = settlesSpend ? mostSpend + 1 : 1;
    const spendInBound = settlesSpend ? mostSpend : 0;
    return {
      settlesSpend,
      costs: formulation.valueSteps.map((v, c) => v * worth - (settlesSpend ? (prices[c] ?? 0) / unit : 0)),
      bound: (dual) =>
        Math.min(this.mostSteps(), Math.floor((dual + spendInBound) / worth + WHOLE) + formulation.baseSteps),
    };
  }

  /** Value, in steps, that no set can pass. */
  private mostSteps(): number {
    return this.formulation.valueSteps.reduce((sum, v) => sum + v, this.formulation.baseSteps);
  }

  /** Least spend, fewest items, first ids; `proven` when every one of them is. */
  private breakTies(
    solving: Solving,
    first: Incumbent,
    spendSettled: boolean,
  ): { best: Incumbent; proven: boolean } {
    const { session, prepared, formulation } = this;
    let best = first;
    if (session === undefined) return { best, proven: true };
    const target = first.judgement.steps;
    const improve: Improve = (sense, costs) => {
      const { end, found } = this.stage(solving, sense, costs, best);
      if (!found?.judgement.valid || found.judgement.steps < target) return false;
      if (!better(best, found)) best = found;
      return end === 'proven';
    };
    session.valueAtLeast(target - formulation.baseSteps - 0.5);
    if (
      !spendSettled &&
      !improve(
        'minimize',
        this.itemCosts((i) => prepared.price(i)),
      )
    ) {
      return { best, proven: false };
    }
    session.atMost('spend', best.judgement.spend - this.forcedSpend() + 0.5);

    // Fewest items first, and among those the fewest shared with the set we have: when that comes
    // back unchanged, the set has no rival and its ids need no comparing. Most sets have none.
    const before = best;
    const one = formulation.items.length + 1;
    if (
      !improve(
        'minimize',
        this.itemCosts((i) => one + (before.items.has(i) ? 1 : 0)),
      )
    ) {
      return { best, proven: false };
    }
    if (sameSet(before.items, best.items)) return { best, proven: true };
    session.atMost('size', best.items.size - prepared.forced.size + 0.5);
    const proven = this.firstIds(session, improve, () => best);
    return { best, proven };
  }

  /** Settle ids in sorted order, a chunk at a time: an earlier id outweighs all later ones. */
  private firstIds(session: HighsSession, improve: Improve, best: () => Incumbent): boolean {
    const { formulation, prepared } = this;
    const id = (item: number) => prepared.problem.items[item]?.id ?? '';
    const order = formulation.items
      .map((item, column) => ({ item, column }))
      .sort((a, b) => (id(a.item) < id(b.item) ? -1 : 1));
    let proven = true;
    for (let from = 0; from < order.length && proven; from += TIE_CHUNK) {
      const chunk = order.slice(from, from + TIE_CHUNK);
      const weight = new Map(chunk.map(({ item }, rank) => [item, 2 ** (chunk.length - 1 - rank)]));
      proven = improve(
        'maximize',
        this.itemCosts((i) => weight.get(i) ?? 0),
      );
      for (const { item, column } of chunk) session.fix(column, best().items.has(item));
    }
    for (const { column } of order) session.release(column);
    return proven;
  }

  private itemCosts(of: (item: number) => number): number[] {
    const { items, columns } = this.formulation;
    return Array.from({ length: columns }, (_, c) => (c < items.length ? of(items[c] as number) : 0));
  }

  /** Run one objective and judge what comes back. */
  private stage(
    { budget, remaining, shouldStop }: Solving,
    sense: 'minimize' | 'maximize',
    costs: readonly number[],
    start: Incumbent | undefined,
  ): { end: StageEnd; bound: number; found?: Incumbent } {
    if (this.session === undefined) return { end: 'infeasible', bound: 0 };
    const { end, bound, chosen } = this.session.run({
      sense,
      costs,
      seconds: remaining(),
      shouldStop,
      start: start?.items,
    });
    if (chosen === undefined) return { end, bound };
    const items = new Set([...this.prepared.forced, ...chosen]);
    return { end, bound, found: { items, judgement: this.prepared.judge(items, budget) } };
  }

  private startSet(ids: readonly string[] | undefined, budget: number): Incumbent | undefined {
    if (ids === undefined) return undefined;
    const wanted = new Set(ids);
    const items = new Set(this.prepared.forced);
    this.prepared.problem.items.forEach((item, i) => wanted.has(item.id) && items.add(i));
    return this.judged(items, budget);
  }

  private greedyStart({ budget, remaining, shouldStop }: Solving): Incumbent | undefined {
    const until = remaining() * (1 - GREEDY_SHARE);
    const items = greedySet(this.prepared, budget, () => shouldStop() || remaining() < until);
    return items && this.judged(items, budget);
  }

  private judged(items: Set<number>, budget: number): Incumbent | undefined {
    const judgement = this.prepared.judge(items, budget);
    return judgement.valid ? { items, judgement } : undefined;
  }

  private answer(
    status: 'optimal' | 'feasible',
    { items, judgement }: Incumbent,
    boundSteps: number,
  ): PlanAnswer {
    const { prepared } = this;
    return {
      status,
      value: judgement.value,
      bound: prepared.scale.value(boundSteps),
      spend: judgement.spend,
      items: prepared.ids(items),
      drinks: prepared.openDrinks(judgement.fits),
    };
  }
}

const INFEASIBLE: PlanAnswer = { status: 'infeasible', value: 0, bound: 0, spend: 0, items: [], drinks: [] };

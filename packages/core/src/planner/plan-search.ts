import { Cover } from './cover.js';
import { PreparedProblem } from './prepared.js';
import { INFEASIBLE, type PlanAnswer, type PlanProblem, type PlanStatus } from './problem.js';
import { MeritWeights, SearchModel } from './search/search-model.js';
import { ParetoFront, type FrontPoint } from './search/pareto-front.js';
import type { SearchControl } from './search/tree-search.js';
import { WindowSearch, type SearchEnd } from './search/window-search.js';

/** Rounds at the root of a single budget, and of a window among many. */
const ALONE_ROUNDS = 8;
const WINDOW_ROUNDS = 3;
/** A stretch is scanned for good sets at so many budgets before it is settled. */
const SCANS = 2;
/** Rounds that make a fair set, seldom more. */
const GLANCE_ROUNDS = 2;
/** A bound is far above the best set known from this share of it on. */
const FAR_OFF = 0.05;
/** Money left over is much from this share of it on. */
const MUCH_LEFT = 0.03;
/** A frontier is settled in so many windows: more of them search the same sets again, fewer make each too wide to bound well. */
const FRONTIER_WINDOWS = 64;

/** How a solve is watched and stopped from outside; the core has no clock of its own. */
export interface SolveControl {
  /** Seconds left, asked often. */
  remainingSeconds?: () => number;
  /** Asked often while solving; true ends the solve with the best found so far. */
  shouldStop?: () => boolean;
  /** Called with every better answer. */
  onAnswer?: (answer: PlanAnswer) => void;
  /** A set to begin from; used when it is allowed. */
  start?: readonly string[];
}

/** No answer, good or bad, could be found in the time given. */
export class OutOfTimeError extends Error {
  constructor() {
    super('no set that meets every rule was found in the time allowed');
    this.name = 'OutOfTimeError';
  }
}

/** A stretch of budgets, both ends included, minor units. */
export interface Stretch {
  low: number;
  high: number;
}

/**
 * One problem held open, to be solved at one budget, at many, or at all of them. What is settled
 * once is remembered, and every set found anywhere is a beginning everywhere.
 *
 * The search works on a cover of the problem; every set it returns is judged anew by
 * PreparedProblem, by the letter of the problem.
 */
export class PlanSearch {
  readonly prepared: PreparedProblem;
  private readonly cover: Cover;
  private readonly model: SearchModel;
  private readonly front: ParetoFront;
  private readonly windows: WindowSearch;
  /** Stretches proven, of money on top of what is forced. */
  private readonly settled: Stretch[] = [];
  /** Low ends of the stretches in which good sets have been looked for. */
  private readonly scanned = new Set<number>();
  private readonly forcedSpend: number;

  constructor(problem: PlanProblem) {
    this.prepared = new PreparedProblem(problem);
    this.cover = new Cover(this.prepared);
    const { items } = this.cover;
    const id = (i: number) => problem.items[items[i] as number]?.id ?? '';
    const prices = Float64Array.from(items, (i) => this.prepared.price(i));
    const byId = items.map((_, i) => i).sort((a, b) => (id(a) < id(b) ? -1 : 1));
    const weights = new MeritWeights(this.cover, prices, this.prepared.lenses);
    this.model = new SearchModel(this.cover, prices, byId, this.prepared.lenses, weights);
    this.front = new ParetoFront(this.model);
    this.windows = new WindowSearch(this.model, this.front);
    this.forcedSpend = [...this.prepared.forced].reduce((sum, i) => sum + this.prepared.price(i), 0);
  }

  /** Price of everything that might be worth having, what is forced included. */
  get wholePrice(): number {
    return this.forcedSpend + this.model.prices.reduce((a, b) => a + b, 0);
  }

  /**
   * Best set at `budget` (minor units).
   *
   * @throws OutOfTimeError when it was stopped before any allowed set was found.
   */
  solve(budget: number, control: SolveControl = {}): PlanAnswer {
    const free = Math.min(budget, this.wholePrice) - this.forcedSpend;
    if (this.cover.impossible || free < 0) return INFEASIBLE;
    if (!this.isSettled(free)) {
      this.windows.offer(new Uint8Array(this.model.n));
      if (control.start) this.windows.offer(this.marks(control.start));
      // What is known is of other budgets: good sets around this one are looked for first, else thousands of times the
      // nodes may be opened.
      if (this.settled.length > 0) this.windows.scan(free);
    }
    let boundSteps = this.cover.mostSteps;
    let settled = this.isSettled(free);
    if (!settled) {
      const onBetter = () => {
        const point = this.front.at(free);
        if (point) control.onAnswer?.(this.answer('feasible', point, this.cover.mostSteps));
      };
      onBetter();
      const search = { shouldStop: () => isOver(control), onBetter };
      const end = this.settleOne(free, search);
      settled = end.settled;
      boundSteps = Math.min(boundSteps, end.boundAt(free));
    }
    const point = this.front.at(free);
    if (point === undefined) {
      if (settled) return INFEASIBLE;
      throw new OutOfTimeError();
    }
    const answer = this.answer(settled ? 'optimal' : 'feasible', point, settled ? point.steps : boundSteps);
    control.onAnswer?.(answer);
    return answer;
  }

  /**
   * Settle one budget. Where the best set leaves much of the money over, one multiplier of the budget cannot
   * serve both questions, whether more can be opened and whether as much can be had for less: they
   * are put one after the other.
   */
  private settleOne(free: number, first: SearchControl): SearchEnd {
    const { windows, front, cover } = this;
    let end = windows.settle(free, free, stopsAfter(GLANCE_ROUNDS, first), ALONE_ROUNDS);
    const best = () => front.at(free) as FrontPoint;
    const control = this.exploring(free, end, first);
    const leavesMuch = () => front.at(free) !== undefined && free - best().spend > free * MUCH_LEFT;
    if (!end.settled && !leavesMuch()) end = windows.settle(free, free, control, ALONE_ROUNDS);
    else if (!end.settled) {
      if (best().steps < cover.mostSteps)
        end = windows.settle(free, free, control, ALONE_ROUNDS, -1, 'apart');
      else end = { settled: true, boundAt: () => cover.mostSteps, nodes: 0 };
      const { spend, steps } = best();
      if (end.settled && !this.isSettled(spend)) {
        const { settled, nodes } = windows.settle(spend, spend, control, ALONE_ROUNDS);
        if (settled) this.settled.push({ low: spend, high: free });
        end = { settled, boundAt: () => steps, nodes };
      }
    }
    if (end.settled) this.settled.push({ low: free, high: free });
    return end;
  }

  /**
   * Where a glance leaves the bound far above the best set known, sets are what is missing: those one item away from good
   * ones are looked for now, and whenever a better one is found.
   */
  private exploring(free: number, { settled, boundAt }: SearchEnd, control: SearchControl): SearchControl {
    const known = this.front.at(free)?.steps ?? Infinity;
    if (settled || boundAt(free) <= (1 + FAR_OFF) * known) return control;
    const onBetter = () => {
      this.windows.explore(free - this.wholePrice / FRONTIER_WINDOWS, free, control.shouldStop);
      control.onBetter();
    };
    onBetter();
    return { ...control, onBetter };
  }

  /** Look for fair sets around a budget, a few milliseconds long; `known` tells what came of it. */
  glance(budget: number): void {
    const free = Math.min(budget, this.wholePrice) - this.forcedSpend;
    if (this.cover.impossible || free < 0 || this.isSettled(free)) return;
    this.windows.offer(new Uint8Array(this.model.n));
    this.windows.scan(free);
  }

  /**
   * A set of the same value and spend as an answer to a looser problem, and as many items; undefined
   * when this problem has none. Nothing short of that is looked for, so most questions end at once.
   */
  equal({ value, spend, items }: PlanAnswer): PlanAnswer | undefined {
    const free = spend - this.forcedSpend;
    if (this.cover.impossible || free < 0) return undefined;
    const least = this.prepared.scale.stepsOf(value) - 1;
    const search = { shouldStop: () => false, onBetter: () => undefined };
    this.windows.settle(free, free, search, ALONE_ROUNDS, least);
    const point = this.front.at(free);
    const found = point && this.answer('optimal', point, point.steps);
    return found?.value === value && found.items.length === items.length ? found : undefined;
  }

  /**
   * The stretches in which to settle every budget up to `budget`, cheapest first. They can be
   * settled in any order, and in several places at once.
   */
  stretches(budget: number): Stretch[] {
    const top = Math.min(budget, this.wholePrice) - this.forcedSpend;
    if (this.cover.impossible || top < 0) return [];
    const width = Math.max(this.model.weights.unit, Math.ceil((top + 1) / FRONTIER_WINDOWS));
    const count = Math.ceil((top + 1) / width);
    return Array.from({ length: count }, (_, i) => ({
      low: this.forcedSpend + i * width,
      high: this.forcedSpend + Math.min(top, (i + 1) * width - 1),
    }));
  }

  /** Prove the best set at every budget of a stretch; false when it was stopped before that. */
  settle({ low, high }: Stretch, control: SolveControl = {}): boolean {
    const stretch = { low: low - this.forcedSpend, high: high - this.forcedSpend };
    if (this.settled.some((s) => s.low <= stretch.low && stretch.high <= s.high)) return true;
    this.windows.offer(new Uint8Array(this.model.n));
    this.lookAround(stretch, control);
    const search = { shouldStop: () => isOver(control), onBetter: () => undefined };
    const end = this.windows.settle(stretch.low, stretch.high, search, WINDOW_ROUNDS);
    if (!end.settled) return false;
    // What is best at the low end is best from its own spend on.
    const spend = this.front.at(stretch.low)?.spend ?? stretch.low;
    this.settled.push({ low: spend, high: stretch.high });
    return true;
  }

  /**
   * Good sets first: a search that knows them opens a small part of the nodes. The stretches on either side are scanned
   * too, since a set one item away often lies there.
   */
  private lookAround({ low, high }: Stretch, control: SolveControl): void {
    const width = high - low + 1;
    for (const at of [low, low - width, low + width]) {
      if (at < 0 || this.scanned.has(at)) continue;
      this.scanned.add(at);
      for (let scan = 1; scan <= SCANS && !isOver(control); scan++)
        this.windows.scan(at + (width * scan) / SCANS);
    }
    this.windows.explore(low - width, high + width, () => isOver(control));
  }

  /** The efficient sets known that hold anywhere in a stretch, cheapest first; the first may spend less than its low end. */
  known({ low, high }: Stretch): PlanAnswer[] {
    const from = Math.max(0, this.front.place(low - this.forcedSpend) - 1);
    return this.front.points
      .slice(from)
      .filter((s) => s.spend <= high - this.forcedSpend)
      .map((point) =>
        this.isSettled(point.spend)
          ? this.answer('optimal', point, point.steps)
          : this.answer('feasible', point, this.cover.mostSteps),
      );
  }

  private isSettled(free: number): boolean {
    return this.settled.some(({ low, high }) => low <= free && free <= high);
  }

  private marks(ids: readonly string[]): Uint8Array {
    const wanted = new Set(ids);
    const { items } = this.prepared.problem;
    return Uint8Array.from(this.cover.items, (i) => (wanted.has(items[i]?.id ?? '') ? 1 : 0));
  }

  private answer(status: PlanStatus, { chosen, steps, spend }: FrontPoint, boundSteps: number): PlanAnswer {
    const { prepared } = this;
    const items = new Set(prepared.forced);
    this.cover.items.forEach((item, i) => chosen[i] === 1 && items.add(item));
    const judgement = prepared.judge(items, Infinity);
    // The search counts by the cover; should it ever disagree with the problem's own words, say so.
    if (!judgement.valid || judgement.steps !== steps || judgement.spend !== spend + this.forcedSpend) {
      throw new Error('the search and the judge disagree about a set');
    }
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

/** A control that also stops once it has been asked so often. */
function stopsAfter(most: number, { shouldStop, onBetter }: SearchControl): SearchControl {
  let asked = 0;
  return { onBetter, shouldStop: () => ++asked > most || shouldStop() };
}

function isOver({ shouldStop, remainingSeconds }: SolveControl): boolean {
  return (shouldStop?.() ?? false) || (remainingSeconds?.() ?? Infinity) <= 0;
}

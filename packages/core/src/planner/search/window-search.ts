import { Multipliers } from './multipliers.js';
import { FREE, IN, NodeView, OUT } from './node-view.js';
import { NodeBound } from './node-bound.js';
import { Rounding } from './rounding.js';
import { Scope } from './scope.js';
import type { SearchModel } from './search-model.js';
import type { FrontPoint, ParetoFront } from './pareto-front.js';
import { BranchRecord, TreeSearch, type SearchControl } from './tree-search.js';
import { BudgetWindow, type PointBelow } from './window.js';

/** Steps in each round at the root; a set is rounded after each. */
const ROOT_STEPS = 20;

/** Steps of a scan, and so many items at the most are tried in every way. */
const SCAN_STEPS = 40;
const SCAN_ITEMS = 10;

/** How a search ended: everything settled, or the nodes it had yet to open. */
export interface SearchEnd {
  settled: boolean;
  /** Greatest whole value, in steps, that may be possible at a budget of the window. */
  boundAt: (budget: number) => number;
  /** Nodes of the tree that were opened. */
  nodes: number;
}

/**
 * Settles windows of budgets one after the other. The root of each is bounded on the whole model
 * from where the last one ended; what it leaves undecided is made a model of its own and searched.
 */
export class WindowSearch {
  private readonly multipliers: Multipliers;
  private readonly record: BranchRecord;
  private readonly allView: NodeView;
  private readonly rootView: NodeView;
  private readonly whole: Rounding;
  /** Sets whose neighbours have been tried. */
  private readonly explored = new WeakSet<FrontPoint>();

  constructor(
    private readonly model: SearchModel,
    private readonly front: ParetoFront,
  ) {
    this.multipliers = Multipliers.even(model);
    this.record = new BranchRecord(model.n);
    this.allView = new NodeView(model);
    this.rootView = new NodeView(model);
    this.whole = new Rounding(Scope.whole(model), front);
  }

  /** Take in a set from elsewhere: a beginning, used when it is allowed. */
  offer(chosen: Uint8Array): void {
    this.whole.offer(chosen);
  }

  /**
   * Look for good sets at and around a budget. The items that the bound is least sure about are tried in every way, all
   * others as it has them: each set of those is looked at for every budget.
   */
  scan(budget: number): void {
    const { model, front, multipliers, rootView, whole } = this;
    const bounds = new NodeBound(
      new BudgetWindow(model, front, budget, budget, -1, 'apart'),
      multipliers.copy(),
    );
    const { relaxation } = bounds;
    const state = new Int8Array(model.n).fill(FREE);
    const excess = bounds.bound(state, SCAN_STEPS, false, rootView, this.allView);
    multipliers.take(relaxation.multipliers);
    if (excess < 0) return;
    whole.round(relaxation, state, budget);
    whole.round(relaxation, state, budget, bounds.average);
    const { reduced } = relaxation;
    const free = [...rootView.free.subarray(0, rootView.freeCount)];
    free.sort((a, b) => Math.abs(reduced[a]!) - Math.abs(reduced[b]!));
    const unsure = free.splice(0, SCAN_ITEMS);
    for (const i of free) state[i] = reduced[i]! > 0 ? IN : OUT;
    whole.tryAll(Int32Array.from(unsure), state, Infinity);
  }

  /** Go on from every good set that spends `low` to `high` to those one item away, until nothing better comes of it. */
  explore(low: number, high: number, shouldStop: () => boolean): void {
    const { front, explored, whole } = this;
    for (;;) {
      const fresh = front.between(low, high).filter((point) => !explored.has(point));
      if (fresh.length === 0) return;
      for (const point of fresh) {
        if (shouldStop()) return;
        explored.add(point);
        // One that has been beaten meanwhile is left: its better is explored.
        if (front.at(point.spend) === point) whole.tryBeside(point.chosen);
      }
    }
  }

  /**
   * Settle every budget from `low` to `high`, or stop.
   *
   * @param rounds of steps and rounding at the root.
   * @param floor sets worth no more steps than this are of no interest.
   * @param below whether the point just below the window is settled with it.
   */
  settle(
    low: number,
    high: number,
    control: SearchControl,
    rounds: number,
    floor = -1,
    below: PointBelow = 'too',
  ): SearchEnd {
    const { model, front, multipliers } = this;
    const window = new BudgetWindow(model, front, low, high, floor, below);
    const bounds = new NodeBound(window, multipliers.copy());
    const { relaxation } = bounds;
    const state = new Int8Array(model.n).fill(FREE);
    const best = (budget: number) => front.at(budget)?.steps ?? 0;
    const stopped = (boundAt = (_: number) => Infinity) => ({ settled: false, boundAt, nodes: 0 });
    if (control.shouldStop()) return stopped();
    for (let round = 0; round < rounds; round++) {
      const excess = bounds.bound(
        state,
        ROOT_STEPS,
        false,
        this.rootView,
        round === 0 ? this.allView : this.rootView,
      );
      multipliers.take(relaxation.multipliers);
      if (excess < 0) return { settled: true, boundAt: best, nodes: 0 };
      const by = relaxation.bindingBudget;
      const better = [undefined, bounds.average].map((average) =>
        this.whole.round(relaxation, state, by, average),
      );
      if (better.includes(true)) {
        control.onBetter();
        window.refresh();
      }
      if (control.shouldStop()) {
        return stopped((b) => Math.max(best(b), BudgetWindow.wholeSteps(relaxation.meritAt(b))));
      }
    }
    const { scope, multipliers: smaller } = Scope.reduced(
      model,
      state,
      this.rootView,
      relaxation.multipliers,
      relaxation.columnIncome,
    );
    const rootMerit = { constant: relaxation.constant, money: relaxation.multipliers.budget };
    window.enter(scope);
    const tree = new TreeSearch(window, front, smaller, this.record, control);
    const settled = tree.run();
    const { perMoney, perItem } = model.weights;
    const boundAt = (budget: number) => {
      const inTree = tree.meritAt(budget - scope.spent) - perMoney * scope.spent - perItem * scope.count;
      const atRoot = rootMerit.constant + rootMerit.money * budget;
      return Math.max(best(budget), BudgetWindow.wholeSteps(Math.min(inTree, atRoot)));
    };
    return { settled, boundAt, nodes: tree.nodes };
  }
}

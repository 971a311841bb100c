import type { Cutoff } from './budget-multiplier.js';
import { IN, OUT } from './node-view.js';
import { Scope } from './scope.js';
import type { SearchModel } from './search-model.js';
import type { FrontPoint, ParetoFront } from './pareto-front.js';

/** A whole step is worth finding; what money and items take off is less than this. */
const SMALL_CHANGE = 0.45;

/** Whether the point just below a window is to be settled with it, or is left to another. */
export type PointBelow = 'too' | 'apart';

/** A cutoff, and the point that a set clearing it exactly would have to beat by its ids. */
export interface WindowCutoff extends Cutoff {
  tie?: FrontPoint;
}

/**
 * A stretch of budgets to be settled at once: at every budget from `low` to `high`, no set may be
 * better than the point known there. The point just below `low` is settled too unless told otherwise,
 * so that a window of a single budget answers it in full.
 */
export class BudgetWindow {
  /** In the terms of the scope: what its decided items cost is taken off. */
  cutoffs: WindowCutoff[] = [];
  /** Those of them that are cleared best at some multiplier of the budget: whatever clears none of these clears none at all. */
  hull: WindowCutoff[] = [];
  scope: Scope;

  constructor(
    private readonly model: SearchModel,
    private readonly front: ParetoFront,
    private readonly low: number,
    private readonly high: number,
    private readonly floor: number,
    private readonly below: PointBelow,
  ) {
    this.scope = Scope.whole(model);
    this.refresh();
  }

  /** Most that the items of the scope may cost. */
  get budgetLeft(): number {
    return this.high - this.scope.spent;
  }

  /** Look at the window through a smaller model. */
  enter(scope: Scope): void {
    this.scope = scope;
    this.refresh();
  }

  /** Set the cutoffs anew after the front has changed. */
  refresh(): void {
    const { front, low, high, scope } = this;
    const { unit, perItem, perMoney, noise } = this.model.weights;
    const taken = perMoney * scope.spent + perItem * scope.count;
    const first = Math.max(0, front.place(low) - 1);
    this.cutoffs = [];
    const add = (budget: number, merit: number, tie?: FrontPoint) =>
      this.cutoffs.push({ budget: budget - scope.spent, merit: merit + taken, ...(tie ? { tie } : {}) });
    let before = this.floor;
    for (const point of front.points.slice(first, front.place(high))) {
      const under = point.spend - unit;
      // Below the first point of all, any set that is allowed would do.
      if (point.steps <= this.floor) continue;
      if (under >= low) add(under, before + 1 - SMALL_CHANGE);
      if (point.spend >= low || this.below === 'too')
        add(point.spend, point.merit - perItem / 4 - noise, point);
      before = point.steps;
    }
    add(high, before + 1 - SMALL_CHANGE);
    this.hull = lowerHull(this.cutoffs, noise);
  }

  /** Greatest whole value that a bound on merit leaves room for. */
  static wholeSteps(merit: number): number {
    return Math.floor(merit + SMALL_CHANGE);
  }

  /**
   * Whether all that a node still promises is to tie with known points, and its decided items rule
   * out a first list of ids in every such tie.
   *
   * @param meritAt the node's bound at a budget.
   */
  onlyLosesTies(meritAt: (budget: number) => number, state: Int8Array): boolean {
    const { perItem } = this.model.weights;
    let whole: Int8Array | undefined;
    for (const { budget, merit, tie } of this.cutoffs) {
      const promised = meritAt(budget);
      if (promised < merit) continue;
      // Past the tie itself by as much as the least there is: it might be better, not just equal.
      if (tie === undefined || promised >= merit + (perItem * 3) / 4) return false;
      whole ??= this.scope.expandState(state);
      if (this.couldBeEarlier(whole, tie)) return false;
    }
    return true;
  }

  /** Whether a node holds a set, as many items as the point has, with an earlier list of ids. */
  private couldBeEarlier(state: Int8Array, { chosen, count }: FrontPoint): boolean {
    let seen = 0;
    for (const item of this.model.byId) {
      if (chosen[item] === IN) {
        if (state[item] === OUT) return false;
        if (++seen === count) return false;
      } else if (state[item] !== OUT) return true;
    }
    return false;
  }
}

/** The cutoffs, in rising order of budget, that no line between two others passes under by more than noise (A. M. Andrew 1979). */
function lowerHull(cutoffs: readonly WindowCutoff[], noise: number): WindowCutoff[] {
  const hull: WindowCutoff[] = [];
  for (const cutoff of cutoffs) {
    const before = hull.at(-1);
    if (before?.budget === cutoff.budget) {
      if (before.merit <= cutoff.merit) continue;
      hull.pop();
    }
    for (let last = hull.at(-1); hull.length > 1 && last; last = hull.at(-1)) {
      const { budget, merit } = hull.at(-2) as WindowCutoff;
      const along = (last.budget - budget) / (cutoff.budget - budget);
      if (merit + along * (cutoff.merit - merit) >= last.merit - noise) break;
      hull.pop();
    }
    hull.push(cutoff);
  }
  return hull;
}

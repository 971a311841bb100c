import type { Hurdle } from './price-of-money.js';
import { IN, OUT } from './node-view.js';
import { Scope } from './scope.js';
import type { SearchModel } from './search-model.js';
import type { Stair, Staircase } from './staircase.js';

/** A whole step is worth finding; what money and items take off is less than this. */
const SMALL_CHANGE = 0.45;

/** Whether the stair just below a window is to be settled with it, or is left to another. */
export type StairBelow = 'too' | 'apart';

/** A hurdle, and the stair that a set clearing it exactly would have to beat by its ids. */
export interface WindowHurdle extends Hurdle {
  tie?: Stair;
}

/**
 * A stretch of budgets to be settled at once: at every budget from `low` to `high`, no set may be
 * better than the stair known there. The stair just below `low` is settled too unless told otherwise,
 * so that a window of a single budget answers it in full.
 */
export class BudgetWindow {
  /** In the terms of the scope: what its decided items cost is taken off. */
  hurdles: WindowHurdle[] = [];
  /** Those of them that are cleared best at some price of money: whatever clears none of these clears none at all. */
  hull: WindowHurdle[] = [];
  scope: Scope;

  constructor(
    private readonly model: SearchModel,
    private readonly staircase: Staircase,
    private readonly low: number,
    private readonly high: number,
    private readonly floor: number,
    private readonly below: StairBelow,
  ) {
    this.scope = Scope.whole(model);
    this.refresh();
  }

  /** Most that the items of the scope may cost. */
  get purse(): number {
    return this.high - this.scope.spent;
  }

  /** Look at the window through a smaller model. */
  enter(scope: Scope): void {
    this.scope = scope;
    this.refresh();
  }

  /** Set the hurdles anew after the staircase has changed. */
  refresh(): void {
    const { staircase, low, high, scope } = this;
    const { unit, perItem, perMoney, noise } = this.model.weights;
    const taken = perMoney * scope.spent + perItem * scope.count;
    const first = Math.max(0, staircase.place(low) - 1);
    this.hurdles = [];
    const add = (budget: number, merit: number, tie?: Stair) =>
      this.hurdles.push({ budget: budget - scope.spent, merit: merit + taken, ...(tie ? { tie } : {}) });
    let before = this.floor;
    for (const stair of staircase.stairs.slice(first, staircase.place(high))) {
      const under = stair.spend - unit;
      // Below the first stair of all, any set that is allowed would do.
      if (stair.steps <= this.floor) continue;
      if (under >= low) add(under, before + 1 - SMALL_CHANGE);
      if (stair.spend >= low || this.below === 'too')
        add(stair.spend, stair.merit - perItem / 4 - noise, stair);
      before = stair.steps;
    }
    add(high, before + 1 - SMALL_CHANGE);
    this.hull = lowerHull(this.hurdles, noise);
  }

  /** Greatest whole value that a bound on merit leaves room for. */
  static wholeSteps(merit: number): number {
    return Math.floor(merit + SMALL_CHANGE);
  }

  /**
   * Whether all that a node still promises is to tie with known stairs, and its decided items rule
   * out a first list of ids in every such tie.
   *
   * @param meritAt the node's bound at a budget.
   */
  onlyLosesTies(meritAt: (budget: number) => number, state: Int8Array): boolean {
    const { perItem } = this.model.weights;
    let whole: Int8Array | undefined;
    for (const { budget, merit, tie } of this.hurdles) {
      const promised = meritAt(budget);
      if (promised < merit) continue;
      // Past the tie itself by as much as the least there is: it might be better, not just equal.
      if (tie === undefined || promised >= merit + (perItem * 3) / 4) return false;
      whole ??= this.scope.expandState(state);
      if (this.couldBeEarlier(whole, tie)) return false;
    }
    return true;
  }

  /** Whether a node holds a set, as many items as the stair has, with an earlier list of ids. */
  private couldBeEarlier(state: Int8Array, { chosen, count }: Stair): boolean {
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

/** The hurdles, in rising order of budget, that no line between two others passes under by more than noise (A. M. Andrew 1979). */
function lowerHull(hurdles: readonly WindowHurdle[], noise: number): WindowHurdle[] {
  const hull: WindowHurdle[] = [];
  for (const hurdle of hurdles) {
    const before = hull.at(-1);
    if (before?.budget === hurdle.budget) {
      if (before.merit <= hurdle.merit) continue;
      hull.pop();
    }
    for (let last = hull.at(-1); hull.length > 1 && last; last = hull.at(-1)) {
      const { budget, merit } = hull.at(-2) as WindowHurdle;
      const along = (last.budget - budget) / (hurdle.budget - budget);
      if (merit + along * (hurdle.merit - merit) >= last.merit - noise) break;
      hull.pop();
    }
    hull.push(hurdle);
  }
  return hull;
}

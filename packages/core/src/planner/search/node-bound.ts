import type { Multipliers } from './multipliers.js';
import { FREE, IN, NodeView, OUT } from './node-view.js';
import { Relaxation } from './relaxation.js';
import type { BudgetWindow } from './window.js';

/** A node is given up to its children when ten steps gain less than this. */
const MIN_GAIN = 0.02;
/** Steps without gain before the pace falls, and to what. */
const PATIENCE = 6;
const SLOWER = 0.7;
/** How much of the running average of what is bought stays from one step to the next. */
const MEMORY = 0.9;

/** Bounds nodes of one scope: moves the multipliers, and decides what the bound leaves no choice about. */
export class NodeBound {
  readonly relaxation: Relaxation;
  /**
   * How far each free item was bought of late: near a half, it is worth branching on. It runs on until
   * whoever bounds an unrelated node empties it.
   */
  readonly average: Float64Array;
  /** Of the steps: 1 at first, and slower as progress ends. It goes on where the same node is bounded further. */
  private pace = 1;

  constructor(
    private readonly window: BudgetWindow,
    multipliers: Multipliers,
  ) {
    this.relaxation = new Relaxation(window.scope.model, multipliers);
    this.average = new Float64Array(window.scope.model.n);
  }

  /**
   * Bound a node by so many steps, deciding items in `state` on the way. Below 0 there is nothing in it.
   *
   * @param view set out here, from the view of a node above it.
   */
  bound(state: Int8Array, steps: number, mayGiveUp: boolean, view: NodeView, from: NodeView): number {
    const { relaxation, average, window } = this;
    relaxation.view = view;
    if (!this.load(state, from)) return -1;
    if (from !== view) this.pace = 1;
    let best = Infinity;
    let waited = 0;
    let before = Infinity;
    for (let step = 0; step < steps; step++) {
      const excess = relaxation.bound(window.hull);
      if (excess < 0) return -1;
      if (view.freeCount === 0) return excess;
      if (this.decide(state, excess)) {
        if (!this.load(state, view)) return -1;
        best = Infinity;
        continue;
      }
      if (excess < best - 1e-3) {
        best = excess;
        waited = 0;
      } else if (++waited > PATIENCE) {
        this.pace *= SLOWER;
        waited = 0;
      }
      for (let q = 0; q < view.freeCount; q++) {
        const i = view.free[q]!;
        average[i] = MEMORY * average[i]! + (1 - MEMORY) * relaxation.bought[i]!;
      }
      if (mayGiveUp && step % 10 === 9) {
        if (before - best < MIN_GAIN * best) return excess;
        before = best;
      }
      if (!relaxation.step(this.pace)) return excess;
    }
    return relaxation.bound(window.hull);
  }

  /** Load a node and follow its needs; false when it can meet no limit or no need. */
  private load(state: Int8Array, from: NodeView): boolean {
    const { relaxation, window } = this;
    const { view, model } = relaxation;
    for (;;) {
      relaxation.load(state, from);
      from = view;
      if (view.spent > window.budgetLeft) return false;
      if (model.limits.some(({ limit }, l) => view.used[l]! > limit + 1e-6)) return false;
      let decided = false;
      for (const clause of model.needs) {
        const live = view.clause(clause, state);
        if (live === 'dead') return false;
        const only = live === 'met' || live.length > 1 ? undefined : live[0]!;
        if (only !== undefined && only < model.n && state[only] === FREE) {
          state[only] = IN;
          decided = true;
        }
      }
      if (!decided) return true;
    }
  }

  /** Decide every item that the last bound leaves no choice about. */
  private decide(state: Int8Array, excess: number): boolean {
    const { view, reduced, model } = this.relaxation;
    const { prices, limits } = model;
    const left = this.window.budgetLeft - view.spent;
    let any = false;
    for (let q = 0; q < view.freeCount; q++) {
      const i = view.free[q]!;
      const tooMuch = limits.some(({ of, limit }, l) => of[i]! > limit - view.used[l]! + 1e-6);
      if (prices[i]! > left || tooMuch) {
        state[i] = OUT;
        any = true;
      } else if (excess < Math.abs(reduced[i]!)) {
        state[i] = reduced[i]! > 0 ? IN : OUT;
        any = true;
      }
    }
    return any;
  }
}

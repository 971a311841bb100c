import { LensSlopes } from './lens-slopes.js';
import { toSimplex, type Multipliers } from './multipliers.js';
import { NodeView } from './node-view.js';
import { bindingBudget, budgetMultiplier, type Cutoff } from './budget-multiplier.js';
import type { SearchModel } from './search-model.js';

/** Below this income a column's shares are not moved: it answers with its cheapest clause. */
const MIN_INCOME = 0.5;
/** An item this near the multiplier of the budget, relatively, is the one bought in part. */
const MARGINAL = 1e-2;
/** Brings the multipliers of limits into step with the shares. */
const LIMIT_SCALE = 20;
/** How much of the last direction the next one keeps. */
const INERTIA = 0.6;

/**
 * The Lagrangian bound of a node. Every drink's worth is shared out among the clauses that it needs,
 * and through them to the items; an item whose income beats its price is bought. Whatever the shares,
 * no set of the node can be worth more than what is counted so. The shares are moved by projected
 * subgradients with Polyak's step (B. T. Polyak 1969; Held, Wolfe and Crowder 1974), which comes to
 * the bound of the linear relaxation; the multiplier of the budget is found by bisection each time.
 */
export class Relaxation {
  view: NodeView;
  /** Income of each free item; what is left of it when everything is paid. */
  readonly income: Float64Array;
  readonly reduced: Float64Array;
  /** How far each free item is bought. */
  readonly bought: Float64Array;
  /** No set of the node has more merit than `constant + multipliers.budget × budget`. */
  constant = 0;
  /** By how much that clears the cutoff it clears best; below 0 the node holds nothing of use. */
  excess = 0;
  /** The budget of that cutoff. */
  bindingBudget = 0;

  private readonly weights: Float64Array;
  /** Worth of each live column: its own, and what those above pay it. */
  readonly columnIncome: Float64Array;
  private readonly columnOpen: Float64Array;
  private readonly cost: Float64Array;
  private readonly direction: Float64Array;
  private readonly limitDirection: Float64Array;
  private readonly limitUnit: Float64Array;
  private readonly lenses: LensSlopes;
  private readonly scratch: Float64Array;
  /** Live columns whose shares the next step moves. */
  private readonly moves: Uint8Array;

  constructor(
    readonly model: SearchModel,
    readonly multipliers: Multipliers,
  ) {
    const { n, columns, clauses, limits, given } = model;
    this.view = new NodeView(model);
    this.income = new Float64Array(n);
    this.reduced = new Float64Array(n);
    this.bought = new Float64Array(n);
    this.weights = new Float64Array(given.length).fill(1);
    this.columnIncome = new Float64Array(columns);
    this.columnOpen = new Float64Array(columns);
    this.moves = new Uint8Array(columns);
    this.cost = new Float64Array(clauses);
    this.direction = new Float64Array(clauses + columns);
    this.limitDirection = new Float64Array(limits.length);
    this.lenses = new LensSlopes(model, multipliers);
    let longest = 0;
    for (let c = 0; c < columns; c++)
      longest = Math.max(longest, model.columnStart[c + 1]! - model.columnStart[c]!);
    this.scratch = new Float64Array(longest + 1);
    this.limitUnit = Float64Array.from(limits, ({ of }) => {
      const taking = of.filter((x) => x > 0);
      return taking.length === 0 ? 1 : (LIMIT_SCALE * taking.length) / taking.reduce((a, b) => a + b, 0);
    });
  }

  /** Take up the node of a state, seen from one above it. */
  load(state: Int8Array, from: NodeView): void {
    this.view.load(state, from, this.multipliers.shares);
    this.direction.fill(0);
    this.limitDirection.fill(0);
  }

  /** Bound the loaded node with the multipliers as they are. Returns `excess`. */
  bound(cutoffs: readonly Cutoff[]): number {
    const base = this.shareOut(this.weighParts());
    return this.buy(base, cutoffs);
  }

  /** Greatest merit at a budget by the last bound. */
  meritAt(budget: number): number {
    return this.constant + this.multipliers.budget * budget;
  }

  /** What is counted whatever is bought: open columns, and what the lenses' caps add. */
  private weighParts(): number {
    const { weights, view } = this;
    let base = this.lenses.weigh(weights);
    for (let p = 0; p < weights.length; p++) base += view.openSums[p]! * weights[p]!;
    return base;
  }

  /** Pay every live column's worth down to the items; returns the base with the fixed shares added. */
  private shareOut(base: number): number {
    const { view, income, columnIncome, weights } = this;
    const { n, clauses, steps, part } = this.model;
    const { shares } = this.multipliers;
    for (let q = 0; q < view.freeCount; q++) income[view.free[q]!] = 0;
    for (let q = 0; q < view.live; q++) {
      const c = view.columns[q]!;
      columnIncome[c] = steps[c]! * weights[part[c]!]!;
    }
    for (let q = view.live - 1; q >= 0; q--) {
      const c = view.columns[q]!;
      const worth = columnIncome[c]!;
      if (worth === 0) continue;
      base += worth * shares[clauses + c]!;
      for (let j = view.clauseStart[q]!; j < view.clauseStart[q + 1]!; j++) {
        const paid = worth * shares[view.clauses[j]!]!;
        if (paid === 0) continue;
        for (let e = view.memberStart[j]!; e < view.memberStart[j + 1]!; e++) {
          const member = view.members[e]!;
          if (member < n) income[member]! += paid;
          else columnIncome[member - n]! += paid;
        }
      }
    }
    return base;
  }

  /** Find the multiplier of the budget at which the best cutoff is cleared by least, and buy at that price. */
  private buy(base: number, cutoffs: readonly Cutoff[]): number {
    const { view, reduced, bought, multipliers } = this;
    const { prices, limits } = this.model;
    const { perMoney, perItem } = this.model.weights;
    const { free, freeCount, spent } = view;
    for (let q = 0; q < freeCount; q++) {
      const i = free[q]!;
      let rest = this.income[i]! - perItem - perMoney * prices[i]!;
      for (let l = 0; l < limits.length; l++) rest -= multipliers.limits[l]! * limits[l]!.of[i]!;
      reduced[i] = rest;
    }
    const money = budgetMultiplier(view, prices, reduced, cutoffs, multipliers.budget);
    multipliers.budget = money;
    let constant = base - (perMoney + money) * spent - perItem * view.inCount;
    for (let l = 0; l < limits.length; l++) {
      constant += multipliers.limits[l]! * (limits[l]!.limit - view.used[l]!);
    }
    let left = bindingBudget(cutoffs, money) - spent;
    let marginal = -1;
    let nearest = MARGINAL * money;
    for (let q = 0; q < freeCount; q++) {
      const i = free[q]!;
      const price = prices[i]!;
      const rest = (reduced[i]! -= money * price);
      bought[i] = rest > 0 ? 1 : 0;
      if (rest > 0) {
        constant += rest;
        left -= price;
      } else if (-rest < nearest * price) {
        nearest = -rest / price;
        marginal = i;
      }
    }
    if (marginal >= 0 && left > 0) bought[marginal] = Math.min(1, left / prices[marginal]!);
    this.constant = constant;
    let excess = -Infinity;
    for (const { budget, merit } of cutoffs) {
      const clear = this.meritAt(budget) - merit;
      if (clear > excess) {
        excess = clear;
        this.bindingBudget = budget;
      }
    }
    this.excess = excess;
    return excess;
  }

  /**
   * Move the multipliers to where the bound is likely lower.
   *
   * @param pace of Polyak's step, falling from 1 as progress ends.
   * @returns false when there is nowhere to go.
   */
  step(pace: number): boolean {
    const { view } = this;
    const gap = this.excess + 1;
    const norm = this.slopes() + this.lenses.measure(view, this.columnOpen) + this.limitSlopes();
    if (norm < 1e-12) return false;
    const length = (pace * gap) / norm;
    for (let q = 0; q < view.live; q++) if (this.moves[q] === 1) this.moveShares(q, length);
    const { limits } = this.multipliers;
    for (let l = 0; l < limits.length; l++)
      limits[l] = Math.max(0, limits[l]! + length * this.limitDirection[l]! * this.limitUnit[l]!);
    this.lenses.move(length);
    return true;
  }

  /** How open every column is at what is bought, and the direction of its shares; squared length. */
  private slopes(): number {
    const { view, cost, bought, columnOpen, direction, moves } = this;
    const { n, clauses } = this.model;
    const { shares } = this.multipliers;
    let norm = 0;
    const lean = (k: number, down: number, held: boolean) => {
      const d = down + INERTIA * direction[k]!;
      direction[k] = d;
      if (held || d > 0) norm += d * d;
    };
    for (let q = 0; q < view.live; q++) {
      const c = view.columns[q]!;
      if (this.lonely(q)) {
        // It pays its one item all it is worth, and no other share could bound it better.
        const member = view.members[view.memberStart[view.clauseStart[q]!]!]!;
        shares[view.clauses[view.clauseStart[q]!]!] = 1;
        shares[clauses + c] = 0;
        columnOpen[c] = bought[member]!;
        moves[q] = 0;
        continue;
      }
      const fixed = shares[clauses + c]!;
      let open = fixed;
      let cheapest = 1;
      let cheapestClause = clauses + c;
      const [from, to] = [view.clauseStart[q]!, view.clauseStart[q + 1]!];
      for (let j = from; j < to; j++) {
        let sum = 0;
        for (let e = view.memberStart[j]!; e < view.memberStart[j + 1]!; e++) {
          const member = view.members[e]!;
          sum += member < n ? bought[member]! : columnOpen[member - n]!;
        }
        const k = view.clauses[j]!;
        cost[k] = sum;
        open += shares[k]! * sum;
        if (sum < cheapest) {
          cheapest = sum;
          cheapestClause = k;
        }
      }
      const worth = this.columnIncome[c]!;
      if (worth < MIN_INCOME) {
        // Too poor for a step to move it: it answers with its cheapest clause at once.
        for (let j = from; j < to; j++) shares[view.clauses[j]!] = 0;
        shares[clauses + c] = 0;
        shares[cheapestClause] = 1;
        columnOpen[c] = cheapest;
        moves[q] = 0;
        continue;
      }
      moves[q] = 1;
      columnOpen[c] = open;
      lean(clauses + c, (open - 1) * worth, fixed > 0);
      for (let j = from; j < to; j++) {
        const k = view.clauses[j]!;
        lean(k, (open - cost[k]!) * worth, shares[k]! > 0);
      }
    }
    return norm;
  }

  /** Whether a column hangs on a single item. */
  private lonely(q: number): boolean {
    const { clauseStart, memberStart, members } = this.view;
    const first = clauseStart[q]!;
    if (clauseStart[q + 1]! - first > 1) return false;
    const member = memberStart[first]!;
    return memberStart[first + 1]! - member === 1 && members[member]! < this.model.n;
  }

  private moveShares(q: number, length: number): void {
    const { view, scratch, direction } = this;
    const { shares } = this.multipliers;
    const fixed = this.model.clauses + view.columns[q]!;
    const [from, to] = [view.clauseStart[q]!, view.clauseStart[q + 1]!];
    scratch[0] = shares[fixed]! + length * direction[fixed]!;
    for (let j = from; j < to; j++) {
      const k = view.clauses[j]!;
      scratch[1 + j - from] = shares[k]! + length * direction[k]!;
    }
    toSimplex(scratch, 1 + to - from);
    shares[fixed] = scratch[0]!;
    for (let j = from; j < to; j++) shares[view.clauses[j]!] = scratch[1 + j - from]!;
  }

  private limitSlopes(): number {
    const { view, bought, limitDirection, limitUnit } = this;
    const { limits } = this.model;
    let norm = 0;
    for (let l = 0; l < limits.length; l++) {
      const { of, limit } = limits[l]!;
      let over = view.used[l]! - limit;
      for (let q = 0; q < view.freeCount; q++) over += of[view.free[q]!]! * bought[view.free[q]!]!;
      const d = over * limitUnit[l]! + INERTIA * limitDirection[l]!;
      limitDirection[l] = d;
      if (this.multipliers.limits[l]! > 0 || d > 0) norm += d * d;
    }
    return norm;
  }
}

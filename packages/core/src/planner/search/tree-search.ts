import type { Multipliers } from './multipliers.js';
import { FREE, IN, NodeView, OUT } from './node-view.js';
import { NodeBound } from './node-bound.js';
import type { Relaxation } from './relaxation.js';
import { Rounding } from './rounding.js';
import type { ParetoFront } from './pareto-front.js';
import type { BudgetWindow } from './window.js';

/** Most steps in a node, and in a trial of a branch. */
const NODE_STEPS = 30;
const TRIAL_STEPS = 6;
/** Items tried before one is branched on; once tried so often, its record is trusted. */
const TRIALS = 8;
const TRUSTED = 4;
/** Findings on an item weigh as those of its last so many decisions. */
const MEMORY = 30;
/** Up to so many free items, trying every set is quicker than bounding. */
const ENUMERATED = 7;

/** How a search is watched and stopped. */
export interface SearchControl {
  shouldStop: () => boolean;
  /** The front has got better. */
  onBetter: () => void;
}

/** What deciding each item of the whole model has gained, on average, as a share of what was promised. */
export class BranchRecord {
  private readonly sums: [Float64Array, Float64Array];
  private readonly counts: [Int32Array, Int32Array];

  constructor(n: number) {
    this.sums = [new Float64Array(n), new Float64Array(n)];
    this.counts = [new Int32Array(n), new Int32Array(n)];
  }

  add(item: number, value: typeof IN | typeof OUT, gain: number): void {
    // Old findings fade, so that those of another stretch of budgets do not rule this one.
    const count = Math.min(this.counts[value][item]!, MEMORY);
    this.sums[value][item] =
      (this.sums[value][item]! * count) / Math.max(this.counts[value][item]!, 1) + gain;
    this.counts[value][item] = count + 1;
  }

  isTrusted(item: number): boolean {
    return this.counts[OUT][item]! >= TRUSTED && this.counts[IN][item]! >= TRUSTED;
  }

  gain(item: number, value: typeof IN | typeof OUT): number {
    return this.sums[value][item]! / this.counts[value][item]!;
  }
}

interface Node {
  /** Decisions by branching above it. */
  depth: number;
  state: Int8Array;
  multipliers: Multipliers;
  /** Promise over the cutoffs when it was last bounded; its bound is `constant + money × budget`. */
  excess: number;
  constant: number;
  money: number;
  /** The decision that made it of its parent, and what that promised; none for one tried already. */
  from?: { item: number; value: typeof IN | typeof OUT; excess: number };
}

/**
 * Depth-first branch and bound over the items of a scope, for a whole window of budgets at once.
 * Every node is bounded by the relaxation; the item to branch on is the one whose two branches both
 * promise least, tried for a few steps and remembered (reliability branching: Achterberg, Koch and
 * Martin 2005).
 */
export class TreeSearch {
  nodes = 0;
  private readonly bounds: NodeBound;
  private readonly relaxation: Relaxation;
  private readonly rounding: Rounding;
  private readonly stack: Node[] = [];
  private readonly rootView: NodeView;
  /**
   * The node opened last at each depth. Going depth first, a node's parent is still the last that was opened one level
   * up when its turn comes, so that it is set out from there.
   */
  private readonly views: NodeView[] = [];
  private nodeView: NodeView;
  private readonly trialView: NodeView;
  /** Multipliers of nodes that are done with, for the next ones. */
  private readonly spare: Multipliers[] = [];

  constructor(
    private readonly window: BudgetWindow,
    front: ParetoFront,
    multipliers: Multipliers,
    private readonly record: BranchRecord,
    private readonly control: SearchControl,
  ) {
    const { scope } = window;
    const { model } = scope;
    this.bounds = new NodeBound(window, multipliers.copy());
    this.relaxation = this.bounds.relaxation;
    this.rounding = new Rounding(scope, front);
    this.rootView = new NodeView(model);
    this.nodeView = this.rootView;
    this.trialView = new NodeView(model, 'room');
    const state = new Int8Array(model.n).fill(FREE);
    this.stack.push({ depth: 0, state, multipliers, excess: Infinity, constant: Infinity, money: 0 });
  }

  /** Search until nothing is left or it is stopped; true when nothing is left. */
  run(): boolean {
    const { stack, control } = this;
    while (stack.length > 0 && !control.shouldStop()) {
      const next = stack.pop() as Node;
      if (this.promises(next)) {
        this.nodes++;
        stack.push(...this.open(next));
      }
      this.spare.push(next.multipliers);
    }
    return stack.length === 0;
  }

  /** Whether a node still clears a cutoff by its last bound: better sets may have been found since. */
  private promises({ constant, money }: Node): boolean {
    return this.window.hull.some(({ budget, merit }) => constant + money * budget >= merit);
  }

  /** Greatest merit that the nodes left may hold at a budget of the scope. */
  meritAt(budget: number): number {
    return Math.max(-Infinity, ...this.stack.map((n) => n.constant + n.money * budget));
  }

  private keep(depth: number, state: Int8Array, excess: number): Node {
    const multipliers = this.copyOf(this.relaxation.multipliers);
    return {
      depth,
      state,
      multipliers,
      excess,
      constant: this.relaxation.constant,
      money: multipliers.budget,
    };
  }

  private copyOf(multipliers: Multipliers): Multipliers {
    const copy = this.spare.pop();
    if (copy === undefined) return multipliers.copy();
    copy.take(multipliers);
    return copy;
  }

  /** Nodes that were tried and are not opened. */
  private leave(...nodes: (Node | undefined)[]): void {
    for (const node of nodes) if (node) this.spare.push(node.multipliers);
  }

  private better(): void {
    this.control.onBetter();
    this.window.refresh();
  }

  /** What is left of a node: nothing, or the nodes that between them hold all it may be worth. */
  private open({ depth, state, multipliers, from }: Node): Node[] {
    const { relaxation, rounding, window, bounds, views } = this;
    const nodeView = (views[depth] ??= new NodeView(relaxation.model, 'room'));
    this.nodeView = nodeView;
    relaxation.multipliers.take(multipliers);
    bounds.average.fill(0);
    const above = depth === 0 ? this.rootView : (views[depth - 1] as NodeView);
    const excess = bounds.bound(state, NODE_STEPS, true, nodeView, above);
    if (from) this.record.add(from.item, from.value, gainOf(from.excess, excess));
    if (excess < 0) return [];
    if (nodeView.freeCount <= ENUMERATED) {
      const free = nodeView.free.slice(0, nodeView.freeCount);
      if (rounding.tryAll(free, state, window.budgetLeft)) this.better();
      return [];
    }
    if (rounding.round(relaxation, state, relaxation.bindingBudget)) this.better();
    if (window.onlyLosesTies((b) => relaxation.meritAt(b), state)) return [];
    return this.branch(this.keep(depth, state, excess));
  }

  /** Items worth branching on, likeliest first: those of an unmet need before all others. */
  private candidates(state: Int8Array): number[] {
    const { relaxation, nodeView } = this;
    const { average } = this.bounds;
    for (const clause of relaxation.model.needs) {
      const live = nodeView.clause(clause, state);
      if (Array.isArray(live)) return [this.itemOf(live, state)];
    }
    const score = (i: number) =>
      (Math.min(average[i]!, 1 - average[i]!) + 0.02) * (relaxation.income[i]! + 1e-6);
    return [...nodeView.free.subarray(0, nodeView.freeCount)]
      .sort((a, b) => score(b) - score(a))
      .slice(0, TRIALS);
  }

  /** A free item that some live member hangs on. */
  private itemOf(live: readonly number[], state: Int8Array): number {
    const { n, columnStart, clauseStart, members } = this.relaxation.model;
    const item = live.find((m) => m < n);
    if (item !== undefined) return item;
    const c = live[0]! - n;
    for (let k = columnStart[c]!; k < columnStart[c + 1]!; k++) {
      const below = this.nodeView.clause(members.subarray(clauseStart[k], clauseStart[k + 1]), state);
      if (Array.isArray(below)) return this.itemOf(below, state);
    }
    return this.nodeView.free[0]!;
  }

  private branch(node: Node): Node[] {
    const { record, window } = this;
    const { excess } = node;
    let best: { item: number; out?: Node; in?: Node } | undefined;
    let bestScore = -1;
    for (const item of this.candidates(node.state)) {
      const known = window.scope.items[item]!;
      let trial: { out?: Node; in?: Node } = {};
      if (!record.isTrusted(known)) {
        const out = this.trial(node, item, OUT);
        const inside = this.trial(node, item, IN);
        record.add(known, OUT, gainOf(excess, out?.excess ?? -1));
        record.add(known, IN, gainOf(excess, inside?.excess ?? -1));
        if (out === undefined || inside === undefined) return [out, inside].filter((n) => n !== undefined);
        trial = { out, in: inside };
      }
      const lossOut = trial.out ? excess - trial.out.excess : record.gain(known, OUT) * excess;
      const lossIn = trial.in ? excess - trial.in.excess : record.gain(known, IN) * excess;
      const least = excess * 1e-3;
      const score = Math.max(lossOut, least) * Math.max(lossIn, least);
      if (score > bestScore) {
        this.leave(best?.out, best?.in);
        bestScore = score;
        best = { item, ...trial };
      } else this.leave(trial.out, trial.in);
    }
    if (best === undefined) return [];
    const out = best.out ?? this.child(node, best.item, OUT);
    const inside = best.in ?? this.child(node, best.item, IN);
    return out.excess <= inside.excess ? [out, inside] : [inside, out];
  }

  private child(node: Node, item: number, value: typeof IN | typeof OUT): Node {
    const state = node.state.slice();
    state[item] = value;
    return {
      ...node,
      depth: node.depth + 1,
      state,
      multipliers: this.copyOf(node.multipliers),
      from: { item: this.window.scope.items[item]!, value, excess: node.excess },
    };
  }

  private trial(node: Node, item: number, value: typeof IN | typeof OUT): Node | undefined {
    const state = node.state.slice();
    state[item] = value;
    this.relaxation.multipliers.take(node.multipliers);
    const excess = this.bounds.bound(state, TRIAL_STEPS, false, this.trialView, this.nodeView);
    return excess < 0 ? undefined : this.keep(node.depth + 1, state, excess);
  }
}

/** What a decision gained of what was promised before it: all of it when nothing is left. */
function gainOf(before: number, after: number): number {
  return after < 0 ? 1 : Math.max(0, before - after) / before;
}

import { Multipliers } from './multipliers.js';
import { FREE, IN, type NodeView } from './node-view.js';
import { SearchModel } from './search-model.js';

/** A column of the smaller model: its clauses, and what each is paid. */
interface Merged {
  steps: number;
  part: number;
  clauses: number[][];
  paid: number[];
  fixed: number;
}

/**
 * A model small enough to search, and the way back to the whole one: items decided at the root of a
 * window are taken for granted, columns that have come to need the same things are one.
 */
export class Scope {
  private constructor(
    readonly outer: SearchModel,
    readonly model: SearchModel,
    /** Item of the whole model for each item of this one. */
    readonly items: Int32Array,
    /** What is decided of every item of the whole model. */
    readonly decided: Int8Array,
    /** What the decided items cost, and how many are in. */
    readonly spent: number,
    readonly count: number,
  ) {}

  static whole(model: SearchModel): Scope {
    const items = Int32Array.from({ length: model.n }, (_, i) => i);
    return new Scope(model, model, items, new Int8Array(model.n).fill(FREE), 0, 0);
  }

  /**
   * What is left of the whole model in a node of it.
   *
   * @param worth what each column came to in the last bound: columns merge their shares by it.
   */
  static reduced(
    outer: SearchModel,
    state: Int8Array,
    view: NodeView,
    multipliers: Multipliers,
    worth: Float64Array,
  ): { scope: Scope; multipliers: Multipliers } {
    const items = view.free.slice(0, view.freeCount);
    const local = new Int32Array(outer.n + outer.columns).fill(-1);
    items.forEach((item, i) => (local[item] = i));
    const columns: Merged[] = [];
    const known = new Map<string, number>();
    for (let q = 0; q < view.live; q++) {
      const c = view.columns[q]!;
      const merged = mergedColumn(outer, view, q, local, multipliers, worth[c]!);
      const key = `${merged.part}|${merged.clauses.join(';')}`;
      const at = known.get(key);
      const same = at === undefined ? undefined : columns[at];
      if (same === undefined) {
        known.set(key, columns.length);
        local[outer.n + c] = items.length + columns.length;
        columns.push(merged);
      } else {
        local[outer.n + c] = items.length + (at as number);
        same.steps += merged.steps;
        same.fixed += merged.fixed;
        merged.paid.forEach((paid, k) => (same.paid[k]! += paid));
      }
    }
    const limits = outer.limits.map(({ of, limit }, l) => ({
      of: Array.from(items, (i) => of[i]!),
      limit: limit - view.used[l]!,
    }));
    const needs = outer.needs.flatMap((clause) => {
      const live = view.clause(clause, state);
      return Array.isArray(live) ? [live.map((m) => local[m]!)] : [];
    });
    const model = outer.smaller({ columns, limits, needs, given: [...view.openSums] }, items);
    const scope = new Scope(outer, model, items, state.slice(), view.spent, view.inCount);
    return { scope, multipliers: mergedMultipliers(model, columns, multipliers) };
  }

  /** Marks of the whole model for marks of this one. */
  expand(chosen: ArrayLike<number>): Uint8Array {
    const { decided, items } = this;
    const out = new Uint8Array(decided.length);
    for (let i = 0; i < out.length; i++) out[i] = decided[i] === IN ? 1 : 0;
    for (let i = 0; i < items.length; i++) out[items[i]!] = chosen[i]!;
    return out;
  }

  /** State of the whole model for a state of this one. */
  expandState(state: Int8Array): Int8Array {
    const out = this.decided.slice();
    this.items.forEach((item, i) => (out[item] = state[i]!));
    return out;
  }
}

function mergedColumn(
  outer: SearchModel,
  view: NodeView,
  q: number,
  local: Int32Array,
  { shares }: Multipliers,
  worth: number,
): Merged {
  const c = view.columns[q]!;
  // Even a column that is worth nothing now keeps some say in the shares it is merged into.
  const say = worth + 1e-6;
  const clauses: { members: number[]; paid: number }[] = [];
  for (let j = view.clauseStart[q]!; j < view.clauseStart[q + 1]!; j++) {
    const members = Array.from(
      view.members.subarray(view.memberStart[j], view.memberStart[j + 1]),
      (m) => local[m]!,
    ).sort((a, b) => a - b);
    clauses.push({ members, paid: say * shares[view.clauses[j]!]! });
  }
  clauses.sort(
    (a, b) => a.members.length - b.members.length || (String(a.members) < String(b.members) ? -1 : 1),
  );
  const kept: typeof clauses = [];
  for (const clause of clauses) {
    const narrower = kept.find((k) => k.members.every((m) => clause.members.includes(m)));
    if (narrower === undefined) kept.push(clause);
    else narrower.paid += clause.paid;
  }
  return {
    steps: outer.steps[c]!,
    part: outer.part[c]!,
    clauses: kept.map((k) => k.members),
    paid: kept.map((k) => k.paid),
    fixed: say * shares[outer.clauses + c]!,
  };
}

function mergedMultipliers(model: SearchModel, columns: readonly Merged[], from: Multipliers): Multipliers {
  const out = Multipliers.even(model);
  out.takePrices(from);
  let k = 0;
  columns.forEach(({ paid, fixed }, c) => {
    const sum = paid.reduce((a, b) => a + b, fixed);
    for (const p of paid) out.shares[k++] = p / sum;
    out.shares[model.clauses + c] = fixed / sum;
  });
  return out;
}

import type { SearchModel } from './search-model.js';

/** A set of items that grows and shrinks by one at a time, its worth kept up to date. */
export class TrackedSet {
  readonly chosen: Uint8Array;
  spend = 0;
  count = 0;
  readonly used: Float64Array;
  private readonly sums: Float64Array;
  /** Members chosen of every clause; clauses still unmet of every column. */
  private readonly held: Int32Array;
  private readonly unmet: Int32Array;
  /** Clauses that every member is in, items first; and the column of each clause. */
  private readonly start: Int32Array;
  private readonly clausesOf: Int32Array;
  private readonly columnOf: Int32Array;

  constructor(private readonly model: SearchModel) {
    const { n, columns, clauses, columnStart, clauseStart, members } = model;
    this.chosen = new Uint8Array(n);
    this.used = new Float64Array(model.limits.length);
    this.sums = Float64Array.from(model.given);
    this.held = new Int32Array(clauses);
    this.unmet = new Int32Array(columns);
    this.columnOf = new Int32Array(clauses);
    for (let c = 0; c < columns; c++) {
      this.unmet[c] = columnStart[c + 1]! - columnStart[c]!;
      this.columnOf.fill(c, columnStart[c], columnStart[c + 1]);
    }
    this.start = new Int32Array(n + columns + 1);
    for (const member of members) this.start[member + 1]!++;
    for (let m = 0; m < n + columns; m++) this.start[m + 1]! += this.start[m]!;
    const next = this.start.slice();
    this.clausesOf = new Int32Array(members.length);
    for (let k = 0; k < clauses; k++) {
      for (let e = clauseStart[k]!; e < clauseStart[k + 1]!; e++) this.clausesOf[next[members[e]!]!++] = k;
    }
  }

  /** Hold exactly the items marked 1. */
  reset(chosen: ArrayLike<number>): void {
    for (let i = 0; i < this.model.n; i++) {
      if (this.chosen[i] === chosen[i]) continue;
      if (chosen[i] === 1) this.add(i);
      else this.remove(i);
    }
  }

  add(item: number): void {
    this.take(item, 1);
    this.gain(item);
  }

  remove(item: number): void {
    this.take(item, -1);
    this.lose(item);
  }

  /** Steps of value that one more item would bring. */
  gainOf(item: number): number {
    const before = this.steps;
    this.gain(item);
    const after = this.steps;
    this.lose(item);
    return after - before;
  }

  get steps(): number {
    return this.model.lenses.steps(this.sums);
  }

  /** Whether one more item stays within a budget and the limits. */
  fits(item: number, budget: number): boolean {
    const { prices, limits } = this.model;
    if (this.spend + prices[item]! > budget) return false;
    for (let l = 0; l < limits.length; l++) {
      if (this.used[l]! + limits[l]!.of[item]! > limits[l]!.limit + 1e-6) return false;
    }
    return true;
  }

  /** What the set comes to, and whether every limit and need is met; the budget is the asker's to compare. */
  worth(): { steps: number; count: number; valid: boolean } {
    const { model, chosen, unmet } = this;
    const within = model.limits.every(({ limit }, l) => this.used[l]! <= limit + 1e-6);
    const met = model.needs.every((clause) =>
      clause.some((m) => (m < model.n ? chosen[m] === 1 : unmet[m - model.n] === 0)),
    );
    return { steps: this.steps, count: this.count, valid: within && met };
  }

  private take(item: number, times: number): void {
    const { prices, limits } = this.model;
    this.chosen[item] = times === 1 ? 1 : 0;
    this.spend += times * prices[item]!;
    this.count += times;
    for (let l = 0; l < limits.length; l++) this.used[l]! += times * limits[l]!.of[item]!;
  }

  private gain(member: number): void {
    const { start, clausesOf, held, unmet, columnOf, model } = this;
    for (let q = start[member]!; q < start[member + 1]!; q++) {
      const k = clausesOf[q]!;
      if (held[k]!++ > 0) continue;
      const c = columnOf[k]!;
      if (--unmet[c]! > 0) continue;
      this.sums[model.part[c]!]! += model.steps[c]!;
      this.gain(model.n + c);
    }
  }

  private lose(member: number): void {
    const { start, clausesOf, held, unmet, columnOf, model } = this;
    for (let q = start[member]!; q < start[member + 1]!; q++) {
      const k = clausesOf[q]!;
      if (--held[k]! > 0) continue;
      const c = columnOf[k]!;
      if (unmet[c]!++ > 0) continue;
      this.sums[model.part[c]!]! -= model.steps[c]!;
      this.lose(model.n + c);
    }
  }
}

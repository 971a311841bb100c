import type { SearchModel } from './search-model.js';

/** An item of a node is still free, or decided. */
export const FREE = -1;
export const OUT = 0;
export const IN = 1;

/** What has become of a column or clause: it cannot be met, is met, or hangs on free items. */
const DEAD = 0;
const OPEN = 1;
const LIVE = 2;

/**
 * What is left to decide in a node of the search tree: the columns, clauses and items still live.
 * A view is made from that of a node above it, so that deep nodes are quick to set out.
 */
export class NodeView {
  /** Free items, in the first `freeCount` places. */
  readonly free: Int32Array;
  freeCount = 0;
  /** Items that are in: how many, what they cost, what they use of each limit. */
  inCount = 0;
  spent = 0;
  readonly used: Float64Array;
  /** Live columns in rising order; clauses of the q-th from `clauseStart[q]`, members likewise. */
  live = 0;
  readonly columns: Int32Array;
  readonly clauseStart: Int32Array;
  readonly clauses: Int32Array;
  readonly memberStart: Int32Array;
  readonly members: Int32Array;
  /** Steps of open columns, by part. */
  readonly openSums: Float64Array;
  private readonly columnState: Uint8Array;

  /**
   * The view of the root, with everything still to decide; or one that is only room for a node to be set out in.
   */
  constructor(
    readonly model: SearchModel,
    as: 'root' | 'room' = 'root',
  ) {
    const { n, columns, columnStart, clauses, clauseStart, members, limits, given } = model;
    this.free = new Int32Array(n);
    this.used = new Float64Array(limits.length);
    this.columns = new Int32Array(columns);
    this.columnState = new Uint8Array(columns);
    this.clauseStart = new Int32Array(columnStart.length);
    this.clauses = new Int32Array(clauses);
    this.memberStart = new Int32Array(clauseStart.length);
    this.members = new Int32Array(members.length);
    this.openSums = given.slice();
    if (as === 'room') return;
    this.freeCount = n;
    this.live = columns;
    for (let i = 0; i < n; i++) this.free[i] = i;
    for (let c = 0; c < columns; c++) this.columns[c] = c;
    for (let k = 0; k < clauses; k++) this.clauses[k] = k;
    this.columnState.fill(LIVE);
    this.clauseStart.set(columnStart);
    this.memberStart.set(clauseStart);
    this.members.set(members);
  }

  /**
   * Set out the node of a state from the view of a node above it, which may be this view itself.
   * Shares of clauses that are met go to those still to be met.
   */
  load(state: Int8Array, from: NodeView, shares: Float64Array): void {
    this.countItems(state, from);
    if (from !== this) {
      this.openSums.set(from.openSums);
      this.columnState.set(from.columnState);
    }
    const live = from.live;
    this.live = 0;
    // Written places never run ahead of those read; a start is read before it may be overwritten.
    let clauseFrom = from.clauseStart[0]!;
    let memberFrom = from.memberStart[0]!;
    for (let q = 0; q < live; q++) {
      const c = from.columns[q]!;
      const clauseTo = from.clauseStart[q + 1]!;
      memberFrom = this.follow(c, state, from, clauseFrom, clauseTo, memberFrom, shares);
      clauseFrom = clauseTo;
    }
  }

  /** What a clause has come to: met, dead, or the live members it hangs on. */
  clause(members: Int32Array, state: Int8Array): 'met' | 'dead' | number[] {
    const live: number[] = [];
    for (const member of members) {
      const became = this.member(member, state);
      if (became === OPEN) return 'met';
      if (became === LIVE) live.push(member);
    }
    return live.length === 0 ? 'dead' : live;
  }

  private member(member: number, state: Int8Array): number {
    if (member >= this.model.n) return this.columnState[member - this.model.n]!;
    const s = state[member]!;
    return s === FREE ? LIVE : s;
  }

  private countItems(state: Int8Array, from: NodeView): void {
    const { prices, limits } = this.model;
    let { inCount, spent } = from;
    if (from !== this) this.used.set(from.used);
    let freeCount = 0;
    for (let q = 0; q < from.freeCount; q++) {
      const i = from.free[q]!;
      if (state[i] === FREE) this.free[freeCount++] = i;
      else if (state[i] === IN) {
        inCount++;
        spent += prices[i]!;
        for (let l = 0; l < limits.length; l++) this.used[l]! += limits[l]!.of[i]!;
      }
    }
    this.freeCount = freeCount;
    this.inCount = inCount;
    this.spent = spent;
  }

  /** Copy what is still live of one column; returns where the members of the next one begin. */
  private follow(
    c: number,
    state: Int8Array,
    from: NodeView,
    clauseFrom: number,
    clauseTo: number,
    memberFrom: number,
    shares: Float64Array,
  ): number {
    const { clauses, part, steps } = this.model;
    const first = this.clauseStart[this.live]!;
    let at = first;
    let end = this.memberStart[at]!;
    let sum = shares[clauses + c]!;
    let dead = false;
    for (let j = clauseFrom; j < clauseTo; j++) {
      const k = from.clauses[j]!;
      const memberTo = from.memberStart[j + 1]!;
      if (!dead) {
        const begun = end;
        let met = false;
        for (let e = memberFrom; e < memberTo; e++) {
          const member = from.members[e]!;
          const became = this.member(member, state);
          if (became === OPEN) {
            met = true;
            break;
          }
          if (became === LIVE) this.members[end++] = member;
        }
        if (met) end = begun;
        else if (end === begun) dead = true;
        else {
          this.clauses[at++] = k;
          this.memberStart[at] = end;
          sum += shares[k]!;
        }
      }
      memberFrom = memberTo;
    }
    if (dead || at === first) {
      this.columnState[c] = dead ? DEAD : OPEN;
      if (!dead) this.openSums[part[c]!]! += steps[c]!;
      return memberFrom;
    }
    this.columns[this.live++] = c;
    this.clauseStart[this.live] = at;
    // With next to nothing left to scale up, start again from even shares.
    const even = sum < 1e-3;
    for (let j = first; j < at; j++) {
      const k = this.clauses[j]!;
      shares[k] = even ? 1 / (at - first) : shares[k]! / sum;
    }
    shares[clauses + c] = even ? 0 : shares[clauses + c]! / sum;
    return memberFrom;
  }
}

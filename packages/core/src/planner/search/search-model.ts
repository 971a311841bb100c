import type { Cover } from '../cover.js';
import { gcd } from '../../base/numbers.js';
import type { Lenses } from '../lenses.js';

/** Steps of value are whole; all the money there is together weighs less than half a step. */
const MONEY_WEIGHT = 0.4;

/** Relative error allowed for a sum of doubles. */
const NOISE = 1e-14;

/** What a model is made from. */
export type CoverShape = Pick<Cover, 'columns' | 'limits' | 'needs' | 'given'>;

/**
 * The whole order of the format in one number, but for the ids: value, less this much for every
 * unit of money, less this much for every item. A step of value outweighs all money, and the least
 * difference in money all items.
 */
export class MeritWeights {
  /** Greatest common divisor of the prices. */
  readonly unit: number;
  readonly perMoney: number;
  readonly perItem: number;
  /** What rounding may have done to a sum of all the steps there are. */
  readonly noise: number;

  constructor(cover: CoverShape, prices: Float64Array, lenses: Lenses) {
    this.unit = prices.reduce(gcd, 0) || 1;
    const all = prices.reduce((a, b) => a + b, 0) / this.unit;
    this.perMoney = MONEY_WEIGHT / (all + 1) / this.unit;
    this.perItem = (this.perMoney * this.unit) / (prices.length + 2);
    const steps = cover.columns.reduce((sum, c) => sum + c.steps, 0) + cover.given.reduce((a, b) => a + b, 1);
    this.noise = NOISE * steps * Math.max(1, ...lenses.oneIn);
  }
}

/** What an item takes of a limit, scaled so that multipliers of all limits are of one size. */
export interface SearchLimit {
  of: Float64Array;
  limit: number;
}

/**
 * A cover laid out in flat arrays for the search. Column c has the clauses `columnStart[c]` up to
 * `columnStart[c + 1]`, clause k the members `clauseStart[k]` up to `clauseStart[k + 1]`. A member
 * below `n` is an item, n + c a column; columns only have members of lower number.
 */
export class SearchModel {
  readonly n: number;
  readonly columns: number;
  readonly clauses: number;
  readonly steps: Float64Array;
  readonly part: Int32Array;
  readonly columnStart: Int32Array;
  readonly clauseStart: Int32Array;
  readonly members: Int32Array;
  readonly limits: SearchLimit[];
  /** Clauses of the must-drinks, by member. */
  readonly needs: Int32Array[];
  readonly given: Float64Array;

  /**
   * @param prices of each item of the cover, minor units.
   * @param byId items in the order of their ids, to break ties.
   */
  constructor(
    cover: CoverShape,
    readonly prices: Float64Array,
    readonly byId: readonly number[],
    readonly lenses: Lenses,
    readonly weights: MeritWeights,
  ) {
    this.n = prices.length;
    this.columns = cover.columns.length;
    this.steps = Float64Array.from(cover.columns, (c) => c.steps);
    this.part = Int32Array.from(cover.columns, (c) => c.part);
    this.columnStart = starts(cover.columns.map((c) => c.clauses.length));
    this.clauses = this.columnStart[this.columns]!;
    this.clauseStart = new Int32Array(this.clauses + 1);
    let clause = 0;
    for (const column of cover.columns)
      for (const members of column.clauses) {
        this.clauseStart[clause + 1] = this.clauseStart[clause]! + members.length;
        clause += 1;
      }
    this.members = new Int32Array(this.clauseStart[this.clauses]!);
    let at = 0;
    for (const column of cover.columns)
      for (const members of column.clauses) for (const member of members) this.members[at++] = member;
    this.limits = cover.limits.map(({ of, limit }) => ({ of: Float64Array.from(of), limit }));
    this.needs = cover.needs.map((clause) => Int32Array.from(clause));
    this.given = Float64Array.from(cover.given);
  }

  /** A model of some of the items only, weighed alike. */
  smaller(cover: CoverShape, items: Int32Array): SearchModel {
    const place = new Map(Array.from(items, (item, i) => [item, i]));
    const byId = this.byId.flatMap((item) => place.get(item) ?? []);
    const prices = Float64Array.from(items, (i) => this.prices[i]!);
    return new SearchModel(cover, prices, byId, this.lenses, this.weights);
  }

  /** Value less the small change for money and items: greater is better, ids aside. */
  merit(steps: number, spend: number, count: number): number {
    return steps - this.weights.perMoney * spend - this.weights.perItem * count;
  }
}

function starts(lengths: readonly number[]): Int32Array {
  const out = new Int32Array(lengths.length + 1);
  lengths.forEach((length, i) => (out[i + 1] = out[i]! + length));
  return out;
}

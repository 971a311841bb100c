import type { SearchModel } from './search-model.js';

/** Multipliers of the relaxation: any values give a true bound, good values a close one. */
export class Multipliers {
  /** Of each column's worth, the share that each clause pays out; then each column's fixed share. */
  readonly shares: Float64Array;
  /** Multiplier of the budget, in steps a minor unit. */
  budget = 1;
  /** Price of each limit. */
  readonly limits: Float64Array;
  /** How far each family's cap binds, 0 to 1. */
  readonly families: Float64Array;
  /** Weights of the plain sum and of each share's sum; they add up to 1. */
  readonly wholes: Float64Array;

  constructor(private readonly model: SearchModel) {
    const { clauses, columns, lenses } = model;
    this.shares = new Float64Array(clauses + columns);
    this.limits = new Float64Array(model.limits.length);
    this.families = new Float64Array(lenses.familyCount);
    this.wholes = new Float64Array(lenses.oneIn.length + 1);
  }

  /** Multipliers that share every column's worth evenly among its clauses. */
  static even(model: SearchModel): Multipliers {
    const out = new Multipliers(model);
    out.wholes[0] = 1;
    for (let c = 0; c < model.columns; c++) {
      const [from, to] = [model.columnStart[c]!, model.columnStart[c + 1]!];
      out.shares.fill(1 / (to - from), from, to);
    }
    return out;
  }

  copy(): Multipliers {
    const out = new Multipliers(this.model);
    out.take(this);
    return out;
  }

  take(from: Multipliers): void {
    this.shares.set(from.shares);
    this.takePrices(from);
  }

  /** All but the shares, which are of one model only. */
  takePrices(from: Multipliers): void {
    this.budget = from.budget;
    this.limits.set(from.limits);
    this.families.set(from.families);
    this.wholes.set(from.wholes);
  }
}

/** Move a point, held in the first `size` places, to the nearest one whose parts are ≥ 0 and add up to 1. */
export function toSimplex(point: Float64Array, size: number): void {
  let count = size;
  let sum = 0;
  for (let t = 0; t < size; t++) sum += point[t]!;
  let cut = (sum - 1) / count;
  for (let again = true; again;) {
    let kept = 0;
    sum = 0;
    for (let t = 0; t < size; t++) {
      if (point[t]! <= cut) continue;
      sum += point[t]!;
      kept++;
    }
    again = kept < count;
    count = kept;
    cut = (sum - 1) / count;
  }
  for (let t = 0; t < size; t++) point[t] = Math.max(0, point[t]! - cut);
}

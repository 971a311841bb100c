import type { SearchModel } from './search-model.js';

/** What an allowed set comes to. */
export interface SetWorth {
  steps: number;
  spend: number;
  count: number;
}

/** An efficient set as far as is known: no known set is worth as much for less. */
export interface FrontPoint extends SetWorth {
  chosen: Uint8Array;
  merit: number;
}

/** The best known sets at every spend: value rises from point to point. */
export class ParetoFront {
  /** In rising order of spend and of value. */
  points: FrontPoint[] = [];

  constructor(private readonly model: SearchModel) {}

  /** The best known point at a budget. */
  at(budget: number): FrontPoint | undefined {
    return this.points[this.place(budget) - 1];
  }

  /** Whether a set is worth less than what is known at its spend: most are, and need no closer look. */
  passes(steps: number, spend: number): boolean {
    const below = this.at(spend);
    return below === undefined || steps > below.steps || (steps === below.steps && spend <= below.spend);
  }

  /** Take a set in if it is better, by the whole order of the format, than what is known at its spend. */
  offer(chosen: Uint8Array, worth: SetWorth): boolean {
    const { points, model } = this;
    if (!this.passes(worth.steps, worth.spend)) return false;
    const merit = model.merit(worth.steps, worth.spend, worth.count);
    const below = this.at(worth.spend);
    if (below?.steps === worth.steps && below.spend === worth.spend) {
      if (below.count < worth.count) return false;
      if (below.count === worth.count && !this.earlier(chosen, below.chosen)) return false;
    }
    const place = this.place(worth.spend);
    const from = below?.spend === worth.spend ? place - 1 : place;
    let to = from;
    while (to < points.length && points[to]!.steps <= worth.steps) to++;
    points.splice(from, to - from, { ...worth, merit, chosen: chosen.slice() });
    return true;
  }

  /** The points that spend from `low` to `high`, both included. */
  between(low: number, high: number): FrontPoint[] {
    return this.points.slice(this.place(low - 1), this.place(high));
  }

  /** Number of points that spend no more than the budget. */
  place(budget: number): number {
    let low = 0;
    let high = this.points.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.points[middle]!.spend <= budget) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /** Whether, of two sets of one size, the first has the first list of sorted ids. */
  private earlier(a: Uint8Array, b: Uint8Array): boolean {
    for (const item of this.model.byId) if (a[item] !== b[item]) return a[item] === 1;
    return false;
  }
}

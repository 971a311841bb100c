import type { ValueScale } from './exact-value.js';
import type { PlanProblem } from './problem.js';

/** Drinks that the lenses treat alike: one family (−1: none), and the shares they count towards. */
export interface Part {
  family: number;
  shares: number[];
}

/**
 * How the values of open drinks add up. Without a lens they are simply summed. The variety lens lets
 * a family's value past its first drinks count for less; the share lens caps the whole at so many
 * times what a tag brings. Both are least-of-sums, so the exact search can bound them.
 */
export class Lenses {
  readonly parts: Part[] = [];
  /** Steps of a family that count in full. */
  readonly familyCap: number;
  /** What counts of the rest. */
  readonly familyFactor: number;
  readonly familyCount: number;
  /** For each share: the whole is at most so many times its own sum. */
  readonly oneIn: number[];
  private readonly partOfGroup: number[] = [];

  constructor(problem: PlanProblem, scale: ValueScale, drinks: readonly { group: number }[]) {
    const { variety, shares = [] } = problem;
    this.familyCap = variety ? variety.after * scale.steps(1, 1) : Infinity;
    this.familyFactor = variety?.factor ?? 1;
    this.oneIn = shares.map((s) => s.oneIn);
    const families = new Map<string, number>();
    const known = new Map<string, number>();
    problem.drinks.forEach(({ family, tags = [] }, d) => {
      let number = -1;
      if (variety !== undefined && family !== undefined) {
        number = families.get(family) ?? families.size;
        families.set(family, number);
      }
      const counted = shares.flatMap(({ tag }, s) => (tags.includes(tag) ? [s] : []));
      const key = JSON.stringify([number, counted]);
      let part = known.get(key);
      if (part === undefined) {
        part = this.parts.push({ family: number, shares: counted }) - 1;
        known.set(key, part);
      }
      this.partOfGroup[drinks[d]?.group ?? -1] = part;
    });
    if (this.parts.length === 0) this.parts.push({ family: -1, shares: [] });
    this.familyCount = families.size;
  }

  /** Whether values are simply summed. */
  get plain(): boolean {
    return this.oneIn.length === 0 && this.familyCount === 0;
  }

  partOf(group: number): number {
    return this.partOfGroup[group] ?? 0;
  }

  /** Steps of the whole from the steps of every part. */
  steps(sums: ArrayLike<number>): number {
    if (this.plain) return sums[0] ?? 0;
    const families = new Float64Array(this.familyCount);
    const shares = new Float64Array(this.oneIn.length);
    let whole = 0;
    this.parts.forEach((part, p) => {
      const sum = sums[p] ?? 0;
      if (part.family < 0) whole += sum;
      else families[part.family] = (families[part.family] ?? 0) + sum;
      for (const s of part.shares) shares[s] = (shares[s] ?? 0) + sum;
    });
    for (const sum of families) {
      whole += Math.min(sum, this.familyCap + (sum - this.familyCap) * this.familyFactor);
    }
    return this.oneIn.reduce((least, times, s) => Math.min(least, times * (shares[s] ?? 0)), whole);
  }
}

import { toSimplex, type Multipliers } from './multipliers.js';
import type { NodeView } from './node-view.js';
import type { SearchModel } from './search-model.js';

/** Brings the multipliers of lenses into step with the shares. */
const LENS_SCALE = 0.2;

/** Worth of a step in every part through the lenses, and how their multipliers would move. */
export class LensSlopes {
  private readonly sums: Float64Array;
  private readonly familySums: Float64Array;
  private readonly shareSums: Float64Array;
  private readonly familyDirection: Float64Array;
  private readonly wholeDirection: Float64Array;

  constructor(
    private readonly model: SearchModel,
    private readonly multipliers: Multipliers,
  ) {
    const { given, lenses } = model;
    this.sums = new Float64Array(given.length);
    this.familySums = new Float64Array(lenses.familyCount);
    this.shareSums = new Float64Array(lenses.oneIn.length);
    this.familyDirection = new Float64Array(lenses.familyCount);
    this.wholeDirection = new Float64Array(lenses.oneIn.length + 1);
  }

  /** Write the worth of a step in every part; returns what is counted whatever is bought. */
  weigh(weights: Float64Array): number {
    const { lenses } = this.model;
    const { families, wholes } = this.multipliers;
    if (lenses.plain) return 0;
    const lost = wholes[0]! * (1 - lenses.familyFactor);
    lenses.parts.forEach((part, p) => {
      let weight = wholes[0]! - (part.family < 0 ? 0 : lost * families[part.family]!);
      for (const s of part.shares) weight += wholes[s + 1]! * lenses.oneIn[s]!;
      weights[p] = weight;
    });
    return families.reduce((base, binds) => base + lost * binds * lenses.familyCap, 0);
  }

  /** Find how each lens would move; returns the squared length of that. */
  measure(view: NodeView, columnOpen: Float64Array): number {
    const { lenses } = this.model;
    const { families, wholes } = this.multipliers;
    if (lenses.plain) return 0;
    let whole = this.addUp(view, columnOpen);
    const lost = 1 - lenses.familyFactor;
    let norm = 0;
    this.familySums.forEach((sum, f) => {
      whole += sum + lost * families[f]! * (lenses.familyCap - sum);
      const d = LENS_SCALE * wholes[0]! * lost * (sum - lenses.familyCap);
      this.familyDirection[f] = d;
      if ((d < 0 && families[f]! > 0) || (d > 0 && families[f]! < 1)) norm += d * d;
    });
    const worth = (s: number) => (s === 0 ? whole : lenses.oneIn[s - 1]! * this.shareSums[s - 1]!);
    const mean = wholes.reduce((sum, weight, s) => sum + weight * worth(s), 0);
    this.wholeDirection.forEach((_, s) => {
      const d = LENS_SCALE * (mean - worth(s));
      this.wholeDirection[s] = d;
      if (wholes[s]! > 0 || d > 0) norm += d * d;
    });
    return norm;
  }

  move(length: number): void {
    const { families, wholes } = this.multipliers;
    if (this.model.lenses.plain) return;
    this.familyDirection.forEach((d, f) => {
      families[f] = Math.min(1, Math.max(0, families[f]! + LENS_SCALE * length * d));
    });
    this.wholeDirection.forEach((d, s) => (wholes[s]! += LENS_SCALE * length * d));
    toSimplex(wholes, wholes.length);
  }

  /** Sums by family and by share at what is bought; returns the sum of what is in no family. */
  private addUp(view: NodeView, columnOpen: Float64Array): number {
    const { sums, familySums, shareSums } = this;
    const { lenses, part, steps } = this.model;
    sums.set(view.openSums);
    for (let q = 0; q < view.live; q++) {
      const c = view.columns[q]!;
      sums[part[c]!]! += steps[c]! * columnOpen[c]!;
    }
    familySums.fill(0);
    shareSums.fill(0);
    let loose = 0;
    lenses.parts.forEach(({ family, shares }, p) => {
      if (family >= 0) familySums[family]! += sums[p]!;
      else loose += sums[p]!;
      for (const s of shares) shareSums[s]! += sums[p]!;
    });
    return loose;
  }
}

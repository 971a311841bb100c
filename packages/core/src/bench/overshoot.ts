/** What to do after more than planned went in. */
export interface Rebalanced {
  /** How many times the planned batch it has become; 1 when nothing was overshot. */
  factor: number;
  /** Grams of each part in all. */
  partsG: number[];
  /** Grams still to add of each part; never less than nothing. */
  toAddG: number[];
}

/**
 * Put a batch back into proportion: nothing can be taken out again, so the part that is most over
 * sets the size, and everything else is added up to it.
 *
 * @param plannedG grams of each part as planned.
 * @param inG grams of each part that are in already.
 * @example rebalance([700, 400], [706, 0]).toAddG // [0, 403.4…]
 */
export function rebalance(plannedG: readonly number[], inG: readonly number[]): Rebalanced {
  const factor = Math.max(1, ...plannedG.map((g, i) => (inG[i] ?? 0) / g));
  const partsG = plannedG.map((g) => g * factor);
  return { factor, partsG, toAddG: partsG.map((g, i) => Math.max(0, g - (inG[i] ?? 0))) };
}

/** What the scale shows when a part is in, if it was last tared before `since` parts were in: the jar and all before it. */
export function targetReadingG(jarG: number, inG: readonly number[], addG: number): number {
  return jarG + inG.reduce((a, b) => a + b, 0) + addG;
}

/**
 * Water to give back to a batch that was heated.
 *
 * @param plannedG mass that it should have; @param weighedG what it weighs.
 * @returns grams of water to add; 0 when it weighs as much or more.
 */
export function waterLostG(plannedG: number, weighedG: number): number {
  return Math.max(0, plannedG - weighedG);
}

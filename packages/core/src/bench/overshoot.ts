/** What to do after more than planned went in, or less came through. */
export interface Rebalanced {
  /** How many times the planned batch it has become; 1 when nothing was overshot or lost. */
  factor: number;
  /** Grams of each part in all. */
  partsG: number[];
  /** Grams still to add of each part; never less than nothing. */
  toAddG: number[];
}

/** How the parts of a batch are put into proportion. */
export interface Proportion {
  /** Parts that never enlarge it: traces, and what was strained out again. */
  ignored?: readonly boolean[];
  /** Parts of which no more is added: they were strained out. */
  gone?: readonly boolean[];
  /** It may become smaller than planned: some of it was lost in straining. */
  mayShrink?: boolean;
}

/** A part below this share of its batch never enlarges it: flower water, extract, bitters, a pinch of acid. */
const TRACE_SHARE = 0.02;

/**
 * Which parts of a batch are traces. Too much of one is no reason to make a larger batch.
 *
 * @param plannedG grams of each part.
 */
export function tracesOf(plannedG: readonly number[]): boolean[] {
  const all = plannedG.reduce((a, b) => a + b, 0);
  return plannedG.map((g) => g < all * TRACE_SHARE);
}

/**
 * Put a batch back into proportion: nothing can be taken out again, so the part that is most over
 * sets the size, and everything else is added up to it.
 *
 * @param plannedG grams of each part as planned.
 * @param inG grams of each part that are in already.
 * @example rebalance([700, 400], [706, 0]).toAddG // [0, 403.4…]
 */
export function rebalance(
  plannedG: readonly number[],
  inG: readonly number[],
  { ignored = [], gone = [], mayShrink = false }: Proportion = {},
): Rebalanced {
  const ratios = plannedG.flatMap((g, i) => (ignored[i] || gone[i] ? [] : [(inG[i] ?? 0) / g]));
  const factor = Math.max(mayShrink && ratios.some((r) => r > 0) ? 0 : 1, ...ratios);
  const partsG = plannedG.map((g, i) => (gone[i] ? (inG[i] ?? 0) : g * factor));
  return { factor, partsG, toAddG: partsG.map((g, i) => Math.max(0, g - (inG[i] ?? 0))) };
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

/** Two numbers nearer than this are one. */
const ROUNDING_G = 1e-6;

/**
 * What a reading says went in: the target itself where the scale cannot tell the two apart.
 *
 * @param divisionG the scale's own step.
 * @example metG(301, 300.6, 1) // 300.6
 */
export function metG(shownG: number, targetG: number, divisionG: number): number {
  return Math.abs(shownG - targetG) < divisionG - ROUNDING_G ? targetG : shownG;
}

import type { Stretch } from './plan-search.js';

/** Rough points are found at this many equal steps of the way to "everything". */
export const WATERLINE_STEPS = 20;

/**
 * Budgets to begin the waterline curve with: every 5 % of the way to the price of everything worth
 * having, in whole minor units, 0 and the end included. Past the end nothing more can be opened.
 */
export function waterlineBudgets(everythingMinor: number): number[] {
  const budgets = Array.from({ length: WATERLINE_STEPS + 1 }, (_, i) =>
    Math.round((everythingMinor * i) / WATERLINE_STEPS),
  );
  return [...new Set(budgets)];
}

/** One point of the curve: an efficient set, and whether that is proven. */
export interface CurvePoint {
  spend: number;
  value: number;
  drinksMade: number;
  items: string[];
  proven: boolean;
}

/** What is settled of a curve: a stretch of budgets and the points that hold in it, the first perhaps from below it. */
export interface SettledStretch {
  stretch: Stretch;
  points: CurvePoint[];
}

/** A point of the curve as it is drawn. */
export interface DrawnPoint extends CurvePoint {
  /** The highest budget up to which nothing is better, as far as that is settled; below its spend where it is not proven. */
  provenTo: number;
}

/**
 * The curve as far as it is known: exact points where a stretch is settled, rough ones elsewhere, in
 * rising order of spend and of value.
 */
export function mergeCurve(rough: readonly CurvePoint[], settled: Iterable<SettledStretch>): DrawnPoint[] {
  const exact = [...settled];
  const inside = ({ spend }: CurvePoint) =>
    exact.some(({ stretch }) => stretch.low <= spend && spend <= stretch.high);
  // The exact come first: of two that are alike the first stays.
  const points = [...exact.flatMap((s) => s.points), ...rough.filter((p) => !inside(p))];
  let best = -Infinity;
  const rising = points
    .sort((a, b) => a.spend - b.spend || b.value - a.value)
    .filter((p) => {
      const better = p.value > best;
      if (better) best = p.value;
      return better;
    });
  // What holds at the low end of a stretch holds from its own spend on.
  const known = exact
    .map(({ stretch, points: [first] }) => ({
      low: Math.min(stretch.low, first?.spend ?? stretch.low),
      high: stretch.high,
    }))
    .sort((a, b) => a.low - b.low);
  return rising.map((point, i) => {
    let provenTo = point.proven ? point.spend : point.spend - 1;
    for (const { low, high } of known)
      if (point.proven && low <= provenTo + 1) provenTo = Math.max(provenTo, high);
    return { ...point, provenTo: Math.min(provenTo, (rising[i + 1]?.spend ?? Infinity) - 1) };
  });
}

/**
 * The last point at or below a budget. Points are in rising order of spend, so it is found by
 * halving.
 */
export function pointAtOrBelow<P extends CurvePoint>(points: readonly P[], budget: number): P | undefined {
  let low = 0;
  let high = points.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((points[middle] as P).spend <= budget) low = middle + 1;
    else high = middle;
  }
  return points[low - 1];
}

/**
 * The order in which one of several solvers takes the stretches: from where it is looked at upwards, or downwards, and
 * then from the other far end. Going from one stretch to the next, each begins with what the last one taught; solvers
 * that share what they take (`claim`) meet in the middle.
 *
 * @param here the budget that is looked at, minor units.
 */
export function settleOrder(stretches: readonly Stretch[], here: number, part: number): Stretch[] {
  const upwards = stretches.filter(({ high }) => high >= here);
  const downwards = stretches.filter(({ high }) => high < here).reverse();
  return part % 2 === 0 ? [...upwards, ...downwards.reverse()] : [...downwards, ...upwards.reverse()];
}

/**
 * Take a stretch for oneself; false where another solver has it.
 *
 * @param claims one place a stretch, in memory that the solvers share.
 */
export function claim(claims: Int32Array, at: number): boolean {
  return Atomics.compareExchange(claims, at, 0, 1) === 0;
}

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
  open: number;
  items: string[];
  proven: boolean;
}

/** What is settled of a curve: a stretch of budgets and its points. */
export interface SettledStretch {
  stretch: Stretch;
  points: CurvePoint[];
}

/**
 * The curve as far as it is known: exact points where a stretch is settled, rough ones elsewhere, in
 * rising order of spend and of value.
 */
export function mergeCurve(rough: readonly CurvePoint[], settled: Iterable<SettledStretch>): CurvePoint[] {
  const exact = [...settled];
  const inside = ({ spend }: CurvePoint) =>
    exact.some(({ stretch }) => stretch.low <= spend && spend <= stretch.high);
  const points = [...rough.filter((p) => !inside(p)), ...exact.flatMap((s) => s.points)];
  let best = -Infinity;
  return points
    .sort((a, b) => a.spend - b.spend || b.value - a.value)
    .filter((p) => {
      const better = p.value > best;
      if (better) best = p.value;
      return better;
    });
}

/**
 * The last point at or below a budget. Points are in rising order of spend, so it is found by
 * halving.
 */
export function pointAtOrBelow(points: readonly CurvePoint[], budget: number): CurvePoint | undefined {
  let low = 0;
  let high = points.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((points[middle] as CurvePoint).spend <= budget) low = middle + 1;
    else high = middle;
  }
  return points[low - 1];
}

/** The curve is first drawn at this many equal steps of the way to "everything". */
export const WATERLINE_STEPS = 20;

/**
 * Budgets to draw the waterline curve at: every 5 % of the way to the price of everything worth
 * having, in whole minor units, 0 and the end included. Past the end nothing more can be opened.
 */
export function waterlineBudgets(everythingMinor: number): number[] {
  const budgets = Array.from({ length: WATERLINE_STEPS + 1 }, (_, i) =>
    Math.round((everythingMinor * i) / WATERLINE_STEPS),
  );
  return [...new Set(budgets)];
}

/** One computed point of the curve. */
export interface CurvePoint {
  budget: number;
  spend: number;
  value: number;
  open: number;
  items: string[];
  proven: boolean;
}

/**
 * The last computed point at or below a budget: a set that is certainly affordable there, to show
 * at once while the exact answer is on its way. Points are in rising order of budget.
 */
export function pointAtOrBelow(points: readonly CurvePoint[], budget: number): CurvePoint | undefined {
  return points.findLast((p) => p.spend <= budget);
}

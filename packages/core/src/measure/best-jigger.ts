import type { Jigger } from '../catalogue/jigger.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';
import { measuringLines, measuringPlan, type MeasuringLine } from './measuring-plan.js';

/** Below this an amount is dashed or dropped, and no jigger is asked. */
export const MIN_MEASURED_ML = 2.5;
/** Above this it is topped up by eye. */
const MAX_MEASURED_ML = 90;

/** How well measures serve a library of drinks. */
export interface MeasureScore {
  /** Share of measured amounts within 5 %. */
  met: number;
  /** Fills an amount takes on average. */
  fills: number;
  /** Mean error as a share of the amount. */
  error: number;
}

/** The same for one jigger, with the spoons that every kitchen has. */
export interface JiggerScore extends MeasureScore {
  jigger: Jigger;
}

/** Amounts that drinks measure, in ml, with how often each is asked for. */
export function measuredAmounts(recipes: readonly Recipe[]): Map<number, number> {
  const amounts = new Map<number, number>();
  for (const slot of recipes.flatMap((r) => r.slots)) {
    const ml = amountMl(slot.amount);
    if (ml === undefined || ml < MIN_MEASURED_ML || ml > MAX_MEASURED_ML || slot.amount.measure === 'dash')
      continue;
    const rounded = Math.round(ml * 10) / 10;
    amounts.set(rounded, (amounts.get(rounded) ?? 0) + 1);
  }
  return amounts;
}

/** How well these lines measure the amounts, each as often as it is asked for. */
export function scoreMeasures(
  amounts: ReadonlyMap<number, number>,
  lines: readonly MeasuringLine[],
): MeasureScore {
  let all = 0;
  const sum: MeasureScore = { met: 0, fills: 0, error: 0 };
  for (const [ml, times] of amounts) {
    const plan = measuringPlan(ml, lines);
    all += times;
    sum.met += plan?.meets ? times : 0;
    sum.fills += (plan?.fills.length ?? 0) * times;
    sum.error += (plan?.share ?? 1) * times;
  }
  return all === 0 ? sum : { met: sum.met / all, fills: sum.fills / all, error: sum.error / all };
}

/**
 * Jiggers by how well each alone, with the kitchen's spoons, measures the amounts: most met, fewest
 * fills, least error.
 */
export function rankJiggers(amounts: ReadonlyMap<number, number>, jiggers: readonly Jigger[]): JiggerScore[] {
  const spoons = jiggers.filter((j) => j.spoons);
  return jiggers
    .filter((j) => !j.spoons)
    .map((jigger) => ({ jigger, ...scoreMeasures(amounts, measuringLines([jigger, ...spoons])) }))
    .sort((a, b) => b.met - a.met || a.fills - b.fills || a.error - b.error);
}

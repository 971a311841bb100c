import type { Jigger } from '../catalogue/jigger.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../units/amount.js';
import { measuringLines, measuringPlan } from './measuring-plan.js';

/** Below this an amount is dashed or dropped, and no jigger is asked. */
const LEAST_ML = 2.5;
/** Above this it is topped up by eye. */
const MOST_ML = 90;

/** How well one jigger, with the spoons every kitchen has, measures a library of drinks. */
export interface JiggerScore {
  jigger: Jigger;
  /** Share of measured amounts within 5 %. */
  met: number;
  /** Fills an amount takes on average. */
  fills: number;
  /** Mean error as a share of the amount. */
  error: number;
}

/** Amounts that drinks measure, in ml, with how often each is asked for. */
export function measuredAmounts(recipes: readonly Recipe[]): Map<number, number> {
  const amounts = new Map<number, number>();
  for (const slot of recipes.flatMap((r) => r.slots)) {
    const ml = amountMl(slot.amount);
    if (ml === undefined || ml < LEAST_ML || ml > MOST_ML || slot.amount.measure === 'dash') continue;
    const rounded = Math.round(ml * 10) / 10;
    amounts.set(rounded, (amounts.get(rounded) ?? 0) + 1);
  }
  return amounts;
}

/** Jiggers by how well each alone, with the kitchen's spoons, measures the amounts: most met, fewest fills, least error. */
export function rankJiggers(amounts: ReadonlyMap<number, number>, jiggers: readonly Jigger[]): JiggerScore[] {
  const spoons = jiggers.filter((j) => j.spoons);
  return jiggers
    .filter((j) => !j.spoons)
    .map((jigger) => {
      const lines = measuringLines([jigger, ...spoons]);
      let all = 0, met = 0, fills = 0, error = 0; // prettier-ignore
      for (const [ml, times] of amounts) {
        const plan = measuringPlan(ml, lines);
        all += times;
        met += plan?.meets ? times : 0;
        fills += (plan?.fills.length ?? 0) * times;
        error += (plan?.share ?? 1) * times;
      }
      return { jigger, met: met / all, fills: fills / all, error: error / all };
    })
    .sort((a, b) => b.met - a.met || a.fills - b.fills || a.error - b.error);
}

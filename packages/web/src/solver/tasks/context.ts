import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import { compilePlan, countDrinks, type Brief, type CompiledPlan } from '@uisce/core/plan';
import { PlanSearch } from '@uisce/core/planner';

/** A brief compiled, and its search held open while only the money changes. */
export interface Held {
  compiled: CompiledPlan;
  search: PlanSearch;
  /** Drinks in a list of recipe ids, variants of one drink counted once. */
  count: (ids: readonly string[]) => number;
}

let latest: { key: string; held: Held } | undefined;

/** The search for a brief at these prices with this kit; the last one is kept. */
export function heldFor(brief: Brief, prices: PriceList, kit: Kit, catalogue: Catalogue): Held {
  const key = JSON.stringify([{ ...brief, moneyNowMinor: 0 }, prices, kit]);
  if (latest?.key !== key) {
    const compiled = compilePlan(brief, prices, catalogue, kit);
    const count = (ids: readonly string[]) => countDrinks(ids, compiled.recipes);
    latest = { key, held: { compiled, search: new PlanSearch(compiled.problem), count } };
  }
  return latest.held;
}

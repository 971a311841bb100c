import type { Catalogue } from '@uisce/core/catalogue';
import { compilePlan, type CompiledPlan } from '@uisce/core/plan';
import { PlanSearch } from '@uisce/core/planner';
import type { About } from '../about';

/** A brief compiled, and its search held open while only the money changes. */
export interface Held {
  compiled: CompiledPlan;
  search: PlanSearch;
}

let latest: { key: string; catalogue: Catalogue; held: Held } | undefined;

/** The search for a brief at these prices with this kit; the last one is kept. */
export function heldFor({ brief, prices, kit }: About, catalogue: Catalogue): Held {
  const key = JSON.stringify([{ ...brief, moneyNowMinor: 0 }, prices, kit]);
  if (latest?.key !== key || latest.catalogue !== catalogue) {
    const compiled = compilePlan(brief, prices, catalogue, kit);
    latest = { key, catalogue, held: { compiled, search: new PlanSearch(compiled.problem) } };
  }
  return latest.held;
}

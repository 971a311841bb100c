import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { PreparedProblem } from '../planner/prepared.js';
import type { Brief } from './brief.js';
import { compilePlan } from './compile.js';
import type { Uses } from './uses.js';

/** Which drinks the kit is judged by: those that the plan's bottles open, the must-haves, or all that count. */
export const KIT_SCOPES = ['planned', 'wanted', 'counted'] as const;
export type KitScope = (typeof KIT_SCOPES)[number];

/**
 * The drinks in question, whatever tools and glasses they lack.
 *
 * @param items what the plan's answer buys, of sizes for its `uses`; without a plan nothing is bought.
 * @example drinksInQuestion('counted', { brief, prices, catalogue }, [])
 */
export function drinksInQuestion(
  scope: KitScope,
  { brief, prices, catalogue, uses }: { brief: Brief; prices: PriceList; catalogue: Catalogue; uses?: Uses },
  items: readonly string[],
): Recipe[] {
  const { problem, recipes } = compilePlan(brief, prices, catalogue, undefined, uses);
  if (scope === 'counted') return [...recipes.values()];
  const wanted = new Set(brief.mustDrinks);
  if (scope === 'wanted') return [...recipes.values()].filter((r) => wanted.has(r.id));
  const open = new PreparedProblem(problem).answerOf(items).drinks;
  return open.flatMap((d) => recipes.get(d.id) ?? []);
}

import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { PreparedProblem } from '../planner/prepared.js';
import type { HouseholdBrief } from './brief.js';
import { compilePlan } from './compile.js';
import { countOf } from './beside.js';

/** Which drinks the kit is judged by: those that the plan makes, the must-haves, or all that count. */
export type KitScope = 'planned' | 'wanted' | 'counted';

/**
 * The drinks in question.
 *
 * @param planned ids of the recipes that the plan's answer makes.
 * @example drinksInQuestion('planned', { brief, prices, catalogue }, result.answer.drinks.map((d) => d.id))
 */
export function drinksInQuestion(
  scope: KitScope,
  { brief, prices, catalogue }: { brief: HouseholdBrief; prices: PriceList; catalogue: Catalogue },
  planned: readonly string[],
): Recipe[] {
  if (scope === 'counted') return [...compilePlan(brief, prices, catalogue).recipes.values()];
  const asked = new Set(scope === 'planned' ? planned : brief.mustDrinks);
  return catalogue.recipes.filter((r) => asked.has(r.id));
}

/** How many drinks (variants counted once) a set's bottles would open if every tool and glass were there. */
export function openWithAnyKit(
  { brief, prices, catalogue }: { brief: HouseholdBrief; prices: PriceList; catalogue: Catalogue },
  items: readonly string[],
): number {
  const compiled = compilePlan(brief, prices, catalogue);
  return countOf(compiled, new PreparedProblem(compiled.problem).answerOf(items).drinks);
}

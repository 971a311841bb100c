import { drinkKey, type Recipe } from '../catalogue/recipe.js';

/** How many drinks a list of recipe ids is, variants of one drink counted once. */
export function countDrinks(ids: readonly string[], recipes: ReadonlyMap<string, Recipe>): number {
  return new Set(ids.map((id) => drinkKey(recipes.get(id) ?? { id, group: undefined }))).size;
}

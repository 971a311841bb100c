import { ALLERGENS, type Allergen, type Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';

/** What must be said of a drink before it is handed over. */
export interface DrinkWarnings {
  allergens: Allergen[];
  /** Cautions of its kinds, each once, in the order of the recipe. */
  cautions: string[];
}

/** Allergens and cautions of everything a drink may hold, optional and equal parts included. */
export function drinkWarnings(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): DrinkWarnings {
  const all = recipe.slots.flatMap((s) => [s.kind, ...s.or].flatMap((id) => kinds.get(id) ?? []));
  const has = new Set(all.flatMap((k) => k.allergens));
  return {
    allergens: ALLERGENS.filter((a) => has.has(a)),
    cautions: [...new Set(all.flatMap((k) => k.caution ?? []))],
  };
}

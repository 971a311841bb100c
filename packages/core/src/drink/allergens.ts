import { ALLERGENS, type Allergen, type Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';

/** What must be said of a drink before it is handed over. */
export interface DrinkWarnings {
  allergens: Allergen[];
  /** Cautions of its kinds, each once, in the order of the recipe. */
  cautions: string[];
}

/** What a garnish may bring, by a word of its name (common practice). */
const GARNISH_ALLERGENS: readonly [word: RegExp, allergen: Allergen][] = [
  [/celery/i, 'celery'],
  [/chocolate/i, 'milk'],
  [/almond|hazelnut|walnut/i, 'nuts'],
  [/cherr|olive/i, 'sulphites'],
  [/biscuit|wafer/i, 'gluten'],
  [/bacon|anchov|prawn|oyster/i, 'fish'],
  [/cream/i, 'milk'],
];

/** Allergens of a garnish, which stands in words. */
export function garnishAllergens(garnish: string): Allergen[] {
  return GARNISH_ALLERGENS.flatMap(([word, allergen]) => (word.test(garnish) ? [allergen] : []));
}

/**
 * Allergens and cautions of everything a drink may hold, optional and equal parts and its garnish
 * included.
 *
 * @param poured kinds that are poured in place of what the recipe names: a stand-in brings its own.
 */
export function drinkWarnings(
  recipe: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  poured: readonly string[] = [],
): DrinkWarnings {
  const named = recipe.slots.flatMap((s) => [s.kind, ...s.or]);
  const all = [...named, ...poured].flatMap((id) => kinds.get(id) ?? []);
  const has = new Set([...all.flatMap((k) => k.allergens), ...garnishAllergens(recipe.garnish)]);
  return {
    allergens: ALLERGENS.filter((a) => has.has(a)),
    cautions: [...new Set(all.flatMap((k) => k.caution ?? []))],
  };
}

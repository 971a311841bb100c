import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import { ALLERGENS, type Allergen } from '../catalogue/kind.js';

/** What a label must say is in a batch: of its parts, strained out or not, and of the kind it makes. */
export function batchAllergens(
  recipe: HomeMade,
  { pantry, kinds }: Pick<Catalogue, 'pantry' | 'kinds'>,
): Allergen[] {
  const ids = new Set([recipe.makes, ...recipe.from.flatMap((p) => p.kind ?? [])]);
  const has = new Set([
    ...recipe.from.flatMap((p) => pantry.find((t) => t.id === p.pantry)?.allergens ?? []),
    ...kinds.filter((k) => ids.has(k.id)).flatMap((k) => k.allergens),
  ]);
  return ALLERGENS.filter((a) => has.has(a));
}

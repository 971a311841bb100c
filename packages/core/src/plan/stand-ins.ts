import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { NO_ALCOHOL_ABV } from '../drink/strength.js';

/**
 * What may be poured in place of a slot of a drink. A drink without alcohol stays one: nothing with
 * alcohol stands in for a part that has none.
 */
export function standInsOf(
  recipe: Pick<Recipe, 'family'>,
  slot: Slot,
  { standIns, kinds }: Pick<Catalogue, 'standIns' | 'kinds'>,
): Catalogue['standIns'] {
  const exact = [slot.kind, ...slot.or];
  const all = standIns.filter((s) => exact.includes(s.for));
  if (recipe.family !== 'no-alcohol' || all.length === 0) return all;
  const index = kindIndex(kinds);
  const abv = (id: string) => index.get(id)?.abv ?? 0;
  const asked = Math.max(NO_ALCOHOL_ABV, ...exact.map(abv));
  return all.filter((s) => s.with.every((id) => abv(id) <= asked));
}

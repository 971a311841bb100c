import { kindIndex, type Catalogue } from '@uisce/core/catalogue';
import { scaledBatch, type Batch } from '@uisce/core/bench';

/**
 * So many times the batch that a shipped recipe makes.
 *
 * @throws where the catalogue has no such recipe.
 */
export function madeBatch(catalogue: Catalogue, id: string, factor = 1): Batch {
  const recipe = catalogue.homeMade.find((h) => h.id === id);
  if (!recipe) throw new Error(`there is no ${id}`);
  return scaledBatch(recipe, factor, catalogue, kindIndex(catalogue.kinds));
}

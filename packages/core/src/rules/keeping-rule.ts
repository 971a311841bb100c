import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { scaledBatch } from '../bench/batch.js';
import { keeping, refusedBecause } from '../bench/keeping.js';

/**
 * One life for one thing: what a recipe says that it keeps is what the sums say, and so is what its kind says; every
 * thing that goes into a batch says how it turns; nothing is shipped that is not made here.
 */
export function keepingFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  const fault = (pointer: string, detail: string): Fault => ({ code: 'keeping', pointer, detail });
  const first = new Map<string, string>();
  for (const { makes, id, way } of catalogue.homeMade)
    if (!first.has(makes) || way === undefined) first.set(makes, id);
  return [
    ...catalogue.homeMade.flatMap((recipe, i): Fault[] => {
      const batch = scaledBatch(recipe, 1, catalogue, kinds);
      const { days } = keeping(batch, catalogue);
      const refused = refusedBecause(batch, catalogue);
      const kind = kinds.get(recipe.makes);
      return [
        ...(refused === undefined ? [] : [fault(`/homeMade/${i}`, `${recipe.id}: ${refused}`)]),
        ...(days === recipe.keepsDays
          ? []
          : [
              fault(
                `/homeMade/${i}/keepsDays`,
                `${recipe.id} keeps ${days} days by what is in it, and says ${recipe.keepsDays}`,
              ),
            ]),
        ...(kind === undefined ||
        kind.supply === 'fresh' ||
        first.get(recipe.makes) !== recipe.id ||
        kind.openDays === days
          ? []
          : [
              fault(
                `/homeMade/${i}/makes`,
                `${kind.id} keeps ${kind.openDays ?? 'for years'}, and its batch ${days} days`,
              ),
            ]),
      ];
    }),
    ...catalogue.pantry.flatMap((thing, i) =>
      thing.keepsAs === undefined
        ? [fault(`/pantry/${i}/keepsAs`, `${thing.id} does not say how it turns`)]
        : [],
    ),
    ...catalogue.kinds.flatMap((kind, i) =>
      kind.keepsAs === undefined && kind.supply !== 'bottle' && !kind.abstract
        ? [fault(`/kinds/${i}/keepsAs`, `${kind.id} does not say how it turns`)]
        : [],
    ),
  ];
}

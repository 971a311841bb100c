import type { Fault } from '../base/fault.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { drinkFigures } from '../drink/figures.js';
import { NO_ALCOHOL_ABV } from '../drink/strength.js';
import { standInsOf } from '../plan/stand-ins.js';

/**
 * Drinks called without alcohol that have some: above half a per cent as served, or with a stand-in
 * that would bring it in.
 */
export function noAlcoholFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  return catalogue.recipes.flatMap((recipe, i): Fault[] => {
    if (recipe.family !== 'no-alcohol') return [];
    const { abv } = drinkFigures(recipe, kinds);
    const strong = recipe.slots.flatMap((slot) =>
      standInsOf(recipe, slot, catalogue).filter((s) =>
        s.with.some(
          (id) => (kinds.get(id)?.abv ?? 0) > Math.max(NO_ALCOHOL_ABV, kinds.get(slot.kind)?.abv ?? 0),
        ),
      ),
    );
    return [
      ...(abv > NO_ALCOHOL_ABV
        ? [
            {
              code: 'balance' as const,
              pointer: `/recipes/${i}/family`,
              detail: `${recipe.id} has ${(abv * 100).toFixed(2)} % vol; a drink without alcohol has at most 0.5, so move it to low strength`,
            },
          ]
        : []),
      ...strong.map((s) => ({
        code: 'balance' as const,
        pointer: `/recipes/${i}/slots`,
        detail: `${recipe.id} could be poured with ${s.with.join(' and ')}, which has alcohol`,
      })),
    ];
  });
}

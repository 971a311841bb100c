import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { limitsTogether, type Limits } from '../drink/limits.js';
import { withHouseSyrup } from '../bench/house-syrup.js';
import type { InHouse, PourNow } from './pouring-now.js';
import type { Order } from './poured-drink.js';

/** A drink as this house has it: made, from a bottle in which it stands mixed, or neither. */
export interface DrinkHere {
  recipe: Recipe;
  now?: PourNow | undefined;
  mixed?: PourNow | undefined;
}

/**
 * So many glasses of a drink as they are poured here: from its bottle where so much stands mixed, else with the bottles
 * in hand, and as it is written where it cannot be poured; with all that those it is for cannot have.
 *
 * @param kinds as they are in this house; @param limitsOf what a name cannot have.
 */
export function orderHere(
  { recipe, now, mixed }: DrinkHere,
  count: number,
  names: readonly string[],
  { houseSyrupRatio }: Pick<InHouse, 'houseSyrupRatio'>,
  kinds: ReadonlyMap<string, Kind>,
  limitsOf: (name: string) => Limits,
): Order {
  const drink =
    mixed && count <= mixed.glasses
      ? mixed.drink
      : (now?.drink ?? withHouseSyrup(recipe, houseSyrupRatio, kinds).recipe);
  const { allergens, without = [] } = limitsTogether(names.map(limitsOf));
  return {
    drink,
    of: recipe.id,
    count,
    for: [...names],
    cannot: [...allergens],
    without: [...without],
    from: [],
  };
}

import type { Recipe } from '../catalogue/recipe.js';
import { specDifferences, isSameDrink, type SpecDifference } from './differences.js';
import { recipeOfOwn, type OwnDrink } from './own-drink.js';
import { foldText } from '../base/fold.js';

/** How a drink that comes in stands to what is there. */
export type IncomingStanding =
  /** Nothing here is called so. */
  | { is: 'new' }
  /** It is here already, in substance; or it stands in what comes in twice. */
  | { is: 'same'; as: string }
  /** One of that name is here, and made otherwise. */
  | { is: 'changed'; from: string; own: boolean; differences: SpecDifference[] };

const keyOf = (name: string) =>
  foldText(name)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Tells what is new, the same, or changed among drinks that come in; each that is new is known from then on. */
export class IncomingDrinks {
  private readonly byName = new Map<string, { id: string; recipe: Recipe; own: boolean }>();

  /**
   * @param library shipped drinks, as printed.
   * @param own what the household wrote; it comes before what is printed.
   */
  constructor(library: readonly Recipe[], own: readonly OwnDrink[]) {
    for (const recipe of library)
      for (const name of [recipe.name, ...recipe.also])
        if (!this.byName.has(keyOf(name)))
          this.byName.set(keyOf(name), { id: recipe.id, recipe, own: false });
    for (const drink of own) {
      const recipe = recipeOfOwn(drink);
      if (recipe)
        this.byName.set(keyOf(recipe.name), { id: drink.houseSpecOf ?? drink.id, recipe, own: true });
    }
  }

  /** How one stands, by its name and its substance. */
  take(recipe: Recipe): IncomingStanding {
    const key = keyOf(recipe.name);
    const there = this.byName.get(key);
    if (there === undefined) {
      this.byName.set(key, { id: recipe.id, recipe, own: true });
      return { is: 'new' };
    }
    return isSameDrink(there.recipe, recipe)
      ? { is: 'same', as: there.id }
      : {
          is: 'changed',
          from: there.id,
          own: there.own,
          differences: specDifferences(there.recipe, recipe),
        };
  }
}

import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import type { KitAttitude } from './attitude.js';
import { fitInGlass, type GlassFit } from './fit.js';

/** A glass to pour into: the type it looks like and what it holds to the brim. */
export interface Vesselled {
  type: string;
  capacityMl: number;
}

/** What decides how a drink stands in any glass, worked out once. */
export interface ServedDrink {
  recipe: Recipe;
  servedMl: number;
  hot: boolean;
}

/** A drink with its volume after dilution. */
export function servedDrink(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): ServedDrink {
  const hot =
    recipe.method === 'hot' || recipe.slots.some((s) => kinds.get(s.kind)?.work.includes('heat') === true);
  return { recipe, servedMl: drinkFigures(recipe, kinds).servedMl, hot: hot && recipe.ice === 'none' };
}

/** How a drink stands in a glass. */
export function standsIn(drink: ServedDrink, glass: Pick<Vesselled, 'capacityMl'>): GlassFit {
  return fitInGlass(drink.servedMl, drink.recipe.ice, glass.capacityMl);
}

/**
 * Whether a glass will do for a drink. Nothing may overflow, and hot drinks go only into the types
 * their recipe names (ordinary glass cracks). A professional uses those types alone; at home any
 * glass in which it looks right; from the kitchen any that holds it.
 */
export function glassServes(drink: ServedDrink, glass: Vesselled, attitude: KitAttitude): boolean {
  const { verdict } = standsIn(drink, glass);
  if (verdict === 'over') return false;
  const own = drink.recipe.glass === glass.type || drink.recipe.otherGlasses.includes(glass.type);
  if (own) return true;
  if (drink.hot || attitude === 'professional') return false;
  return attitude === 'kitchen' || verdict === 'fits';
}

import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import type { KitAttitude } from './attitude.js';
import { fitInGlass, RIGHT_FILL, type GlassFit } from './fit.js';

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
 * Whether a drink looks right in a glass: one that will do, and is neither too full of it nor too empty. What is bought
 * or put out for an evening is chosen by this.
 */
export function glassSuits(drink: ServedDrink, glass: Vesselled, attitude: KitAttitude): boolean {
  const { verdict } = standsIn(drink, glass);
  return (
    verdict !== 'over' &&
    glassServes(drink, glass, attitude) &&
    (attitude !== 'home' || isOwn(drink, glass) || verdict === 'fits')
  );
}

/** Whether a glass is of a type that the recipe names. */
function isOwn({ recipe }: ServedDrink, { type }: Vesselled): boolean {
  return recipe.glass === type || recipe.otherGlasses.includes(type);
}

/**
 * Whether a glass will do for a drink. Nothing may overflow, and hot drinks go only into the types
 * their recipe names (ordinary glass cracks). A professional uses those types alone; at home and from the
 * kitchen any vessel that holds the drink serves it, with less ice where there is little room.
 */
export function glassServes(drink: ServedDrink, glass: Vesselled, attitude: KitAttitude): boolean {
  const isProper = isOwn(drink, glass) && standsIn(drink, glass).verdict !== 'over';
  if (drink.hot || attitude === 'professional') return isProper;
  return isProper || drink.servedMl <= glass.capacityMl * RIGHT_FILL.most;
}

import { strengthOf } from './strength.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';
import { drinkFigures } from './figures.js';

/** What people say they like or will not touch. */
export const TASTES = [
  'strong',
  'sour',
  'sweet',
  'bitter',
  'smoky',
  'anise',
  'mint',
  'coffee',
  'fizzy',
  'creamy',
  'egg',
  'hot',
] as const;
export type Taste = (typeof TASTES)[number];

/** Sugar in 100 ml served from which a drink with little acid is called sweet (common practice). */
const SWEET_G_PER_100_ML = 11;
/** Acid in 100 ml served from which a drink is called sour (common practice: a sour has about 0.8). */
const SOUR_G_PER_100_ML = 0.55;
/** Below this a bitter or creamy part seasons the drink rather than being its taste. */
const TASTED_ML = 7;

/** A drop of these is tasted, however little of it there is. */
const TASTED_ANY_AMOUNT = new Set<string>(['anise', 'smoky', 'egg', 'mint']);

/**
 * The tastes of a drink, worked out from what is in it rather than from an opinion: strength,
 * sugar and acid by computation, the others from the kinds it pours.
 *
 * @example drinkTastes(negroni, kinds).has('bitter') // true
 */
export function drinkTastes(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Set<Taste> {
  const tastes = new Set<Taste>();
  for (const slot of recipe.slots) {
    if (slot.optional) continue;
    const ml = amountMl(slot.amount) ?? Infinity;
    for (const taste of kinds.get(slot.kind)?.tastes ?? []) {
      if (ml >= TASTED_ML || TASTED_ANY_AMOUNT.has(taste)) tastes.add(taste);
    }
  }
  const profile = drinkFigures(recipe, kinds);
  const per100 = profile.servedMl === 0 ? 0 : 100 / profile.servedMl;
  if (strengthOf(profile.abv) === 'strong') tastes.add('strong');
  if (profile.acidG * per100 >= SOUR_G_PER_100_ML) tastes.add('sour');
  else if (profile.sugarG * per100 >= SWEET_G_PER_100_ML) tastes.add('sweet');
  if (recipe.method === 'hot') tastes.add('hot');
  return tastes;
}

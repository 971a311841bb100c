import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkCost } from '../drink/cost.js';

/** What is bought on the day for an average drink of a menu, each as likely as another, in minor units and parts of one. */
export function freshMinorOf(
  menu: readonly Recipe[],
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
): number {
  if (menu.length === 0) return 0;
  const isFresh = (kindId: string) => kinds.get(kindId)?.supply === 'fresh';
  const parts = menu.flatMap((recipe) => drinkCost(recipe, prices, kinds).slots);
  return parts.reduce((sum, s) => sum + (isFresh(s.slot.kind) ? (s.minor ?? 0) : 0), 0) / menu.length;
}

/** Money that stays for the fresh things of the first weeks, whole minor units. */
export function freshReserveMinor(minorPerDrink: number, drinksPerWeek: number, weeks: number): number {
  return Math.round(minorPerDrink * drinksPerWeek * weeks);
}

import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkCost } from '../drink/cost.js';
import type { Brief } from './brief.js';
import { isForTheDay } from './offering.js';

/**
 * What is bought on the day for an average glass of a menu, each drink as likely as another, in minor units and parts
 * of one: fruit, eggs and herbs, and wine unless it is kept.
 */
export function freshMinorOf(
  menu: readonly Recipe[],
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  brief: Pick<Brief, 'keepsWine'>,
): number {
  if (menu.length === 0) return 0;
  const isFresh = (kindId: string) => {
    const kind = kinds.get(kindId);
    return kind !== undefined && isForTheDay(kind, brief);
  };
  const parts = menu.flatMap((recipe) => drinkCost(recipe, prices, kinds).slots);
  return parts.reduce((sum, s) => sum + (isFresh(s.slot.kind) ? (s.minor ?? 0) : 0), 0) / menu.length;
}

/** What is bought on the day for a week of such glasses, whole minor units. */
export function freshAWeekMinor(
  minorPerGlass: number,
  { drinksPerWeek }: Pick<Brief, 'drinksPerWeek'>,
): number {
  return Math.round(minorPerGlass * drinksPerWeek);
}

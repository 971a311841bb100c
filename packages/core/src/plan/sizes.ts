import type { Brief } from './brief.js';
import { offersThatLast, type BottleOffer } from './lasting.js';
import type { Uses } from './uses.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';

/** Larger bottles than this are a bar's, not a home's (common practice). */
const LARGEST_ML = 1000;
/**
 * ml of a kind poured in a week when all of these drinks are as likely as each other.
 *
 * @param recipes the drinks that are made.
 */
export function weeklyUseMl(kindId: string, recipes: Iterable<Recipe>, drinksPerWeek: number): number {
  let drinks = 0;
  let ml = 0;
  for (const recipe of recipes) {
    drinks += 1;
    for (const slot of recipe.slots) {
      if (!slot.optional && slot.kind === kindId) ml += amountMl(slot.amount) ?? 0;
    }
  }
  return drinks === 0 ? 0 : (ml / drinks) * drinksPerWeek;
}

/** The mixing bottles of a kind that suit a home: up to a litre, unless only larger ones are sold. */
export function homeSizes(bottles: readonly PricedBottle[], kindId: string): PricedBottle[] {
  const all = bottles.filter((b) => b.kind === kindId && b.tier !== 'finer');
  const fitting = all.filter((b) => b.ml <= LARGEST_ML);
  return fitting.length > 0 ? fitting : all;
}

/**
 * What of each kind is offered: every size that lasts as long as the brief asks, so that the planner
 * chooses. A bottle that the user said to keep is always offered, as many of it as it takes. Finer bottles
 * are for drinking neat and are never proposed for mixing.
 *
 * @param uses what an average drink pours of each kind.
 * @param efforts the least trouble in which each kind can be made at home.
 * @param made kinds that are made from packs: their batches are offered beside what is bought, not in its place.
 */
export function offeredBottles(
  brief: Brief,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  uses: Uses,
  efforts: ReadonlyMap<string, number> = new Map(),
  made: ReadonlyMap<string, unknown> = new Map(),
): BottleOffer[] {
  const { lasts, drinksPerWeek } = brief;
  const offered = new Map<PricedBottle, number>();
  for (const kindId of new Set(prices.bottles.map((b) => b.kind))) {
    const kind = kinds.get(kindId);
    if (kind === undefined) continue;
    const bought = homeSizes(prices.bottles, kindId).filter(
      (b) =>
        !b.homeMade ||
        (!made.has(kindId) && brief.makesSyrups && (efforts.get(kindId) ?? 1) <= brief.mostTrouble),
    );
    const kept = prices.bottles.filter((b) => b.kind === kindId && brief.keepBottles.includes(b.id));
    const pace = { use: uses[kindId], drinksPerWeek };
    const onlyOne = brief.limits.bottles !== null;
    for (const sizes of [bought, ...kept.map((b) => [b])])
      for (const { bottle, count } of offersThatLast(sizes, kind, lasts, pace, onlyOne))
        offered.set(bottle, count);
  }
  return prices.bottles.flatMap((bottle) => {
    const count = offered.get(bottle);
    return count === undefined ? [] : [{ bottle, count }];
  });
}

import type { Brief } from './brief.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';

/** Larger bottles than this are a bar's, not a home's (common practice). */
const LARGEST_ML = 1000;
/** What keeps for years once open is finished some day; this stands for "long enough". */
const YEARS_DAYS = 3 * 365;

/** A size on sale, and what of it will be poured before it spoils. */
export interface SizeUse {
  bottle: PricedBottle;
  usedMl: number;
  /** Minor units a ml that is really poured; infinite when nothing pours it. */
  perUsedMl: number;
}

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

/**
 * Sizes of one kind, the cheapest first by the ml that is poured before an open bottle spoils; among
 * equals the least outlay.
 *
 * @param mlPerWeek how fast it is poured.
 */
export function sizesByUse(
  bottles: readonly PricedBottle[],
  kind: Pick<Kind, 'openDays' | 'boughtOpenDays'> | undefined,
  mlPerWeek: number,
): SizeUse[] {
  const inTimeMl = (bottle: PricedBottle) =>
    (mlPerWeek * ((kind && daysOnceOpen(kind, bottle)) ?? YEARS_DAYS)) / 7;
  return bottles
    .map((bottle) => {
      const usedMl = Math.min(bottle.ml, inTimeMl(bottle));
      return { bottle, usedMl, perUsedMl: usedMl > 0 ? bottle.priceMinor / usedMl : Infinity };
    })
    .sort((a, b) =>
      a.perUsedMl === b.perUsedMl
        ? a.bottle.priceMinor - b.bottle.priceMinor || (a.bottle.id < b.bottle.id ? -1 : 1)
        : a.perUsedMl - b.perUsedMl,
    );
}

/** The mixing bottles of a kind that suit a home: up to a litre, unless only larger ones are sold. */
export function homeSizes(bottles: readonly PricedBottle[], kindId: string): PricedBottle[] {
  const all = bottles.filter((b) => b.kind === kindId && b.tier !== 'finer');
  const fitting = all.filter((b) => b.ml <= LARGEST_ML);
  return fitting.length > 0 ? fitting : all;
}

/**
 * The size to consider of each kind.
 *
 * "full": the lowest price per ml that is poured before it spoils, among sizes up to a litre.
 * "small": the least outlay. A bottle that the user said to keep is always offered. Finer bottles
 * are for drinking neat and are never proposed for mixing.
 *
 * @param recipes the drinks that count: what is made decides how fast a bottle empties.
 * @param efforts the least trouble in which each kind can be made at home.
 * @param made kinds that are made from packs: their batches are offered beside what is bought, not in its place.
 */
export function offeredBottles(
  brief: Brief,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  recipes: readonly Recipe[],
  efforts: ReadonlyMap<string, number> = new Map(),
  made: ReadonlyMap<string, unknown> = new Map(),
): PricedBottle[] {
  const offered = new Set<PricedBottle>(prices.bottles.filter((b) => brief.keepBottles.includes(b.id)));
  for (const kindId of new Set(prices.bottles.map((b) => b.kind))) {
    const kind = kinds.get(kindId);
    if (kind === undefined) continue;
    const bought = homeSizes(prices.bottles, kindId).filter(
      (b) =>
        !b.homeMade ||
        (!made.has(kindId) && brief.makesSyrups && (efforts.get(kindId) ?? 1) <= brief.mostTrouble),
    );
    const use = brief.sizes === 'small' ? 0 : weeklyUseMl(kindId, recipes, brief.drinksPerWeek);
    const [best] = sizesByUse(bought, kind, use);
    if (best) offered.add(best.bottle);
  }
  return prices.bottles.filter((b) => offered.has(b));
}

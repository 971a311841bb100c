import { amountMl } from '../base/amount.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { Brief } from './brief.js';
import { HOW_BIG_GLASSES } from './how-big.js';

/** Larger bottles of spirits and the like are a bar's, not a home's (common practice). */
const MAX_HOME_ML = 1000;

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
 * The mixing bottles of a kind that suit a home: up to a litre, unless only larger ones are sold; of mixers every size.
 */
export function homeSizes(bottles: readonly PricedBottle[], kind: Kind): PricedBottle[] {
  const all = bottles.filter((b) => b.kind === kind.id && b.tier !== 'finer');
  const fitting = all.filter((b) => kind.supply !== 'bottle' || b.ml <= MAX_HOME_ML);
  return fitting.length > 0 ? fitting : all;
}

/**
 * ml that a bottle has to hold to be offered: so many glasses of the kind, or as many as the household drinks in all
 * before it goes off, at least one. It depends on nothing else that is bought.
 *
 * @param pourMl what one glass takes of the kind.
 */
function neededMl(
  kind: Kind,
  bottle: { homeMade: boolean },
  pourMl: number,
  { howBig, drinksPerWeek }: Pick<Brief, 'howBig' | 'drinksPerWeek'>,
): number {
  const inItsLife = ((daysOnceOpen(kind, bottle) ?? Infinity) / 7) * drinksPerWeek;
  return pourMl * Math.min(HOW_BIG_GLASSES[howBig], Math.max(1, inItsLife));
}

/**
 * The sizes of one kind that are large enough, in the order given; where none is, the largest.
 *
 * @param pourMl what one glass takes of the kind; of what no glass takes every size will do.
 * @example sizesLargeEnough([half, whole], gin, 45, { howBig: 'full', drinksPerWeek: 6 }) // [whole]
 */
export function sizesLargeEnough(
  bottles: readonly PricedBottle[],
  kind: Kind,
  pourMl: number,
  brief: Pick<Brief, 'howBig' | 'drinksPerWeek'>,
): PricedBottle[] {
  const enough = bottles.filter((b) => b.ml >= neededMl(kind, b, pourMl, brief));
  const largest = Math.max(...bottles.map((b) => b.ml));
  return enough.length > 0 ? enough : bottles.filter((b) => b.ml === largest);
}

/**
 * What of each kind is offered: every size that is large enough, so that the planner chooses. A bottle that the user
 * said to keep is always offered. Finer bottles are for drinking neat and are never proposed for mixing.
 *
 * @param pours what one glass takes of each kind, ml.
 * @param efforts the least trouble in which each kind can be made at home.
 * @param made kinds that are made from packs: their batches are offered beside what is bought, not in its place.
 */
export function offeredBottles(
  brief: Brief,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  pours: ReadonlyMap<string, number>,
  efforts: ReadonlyMap<string, number> = new Map(),
  made: ReadonlyMap<string, unknown> = new Map(),
): PricedBottle[] {
  const offered = new Set<PricedBottle>();
  for (const kindId of new Set(prices.bottles.map((b) => b.kind))) {
    const kind = kinds.get(kindId);
    if (kind === undefined) continue;
    const bought = homeSizes(prices.bottles, kind).filter(
      (b) =>
        !b.homeMade ||
        (!made.has(kindId) && brief.makesSyrups && (efforts.get(kindId) ?? 1) <= brief.mostTrouble),
    );
    for (const bottle of sizesLargeEnough(bought, kind, pours.get(kindId) ?? 0, brief)) offered.add(bottle);
  }
  const kept = new Set(brief.keepBottles);
  return prices.bottles.filter((b) => offered.has(b) || (kept.has(b.id) && kinds.has(b.kind)));
}

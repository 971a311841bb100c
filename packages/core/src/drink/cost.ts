import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { amountMl, type Amount } from '../base/amount.js';

/** What one slot of a drink costs to pour. */
export interface SlotCost {
  slot: Slot;
  /** Minor units, not rounded; undefined when the list has no price for it. */
  minor: number | undefined;
}

/** What a drink costs to pour, from the bottles as bought. */
export interface DrinkCost {
  /** Minor units, rounded; what has no price is not in it. */
  minor: number;
  slots: SlotCost[];
  /** Kinds that have no price here. */
  unpriced: string[];
}

/** Leaves on a sprig (common practice): herbs are priced by the leaf, whichever is poured. */
const LEAVES_PER_SPRIG = 6;

const FREE = new Set(['still-water', 'hot-water']);

function piecesOf(amount: Amount): number {
  return amount.measure === 'sprig' ? amount.value * LEAVES_PER_SPRIG : amount.value;
}

/** The mixing bottle of a kind (or of something that is one) at the lowest price per ml. */
function cheapest(
  kindId: string,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
): PricedBottle | undefined {
  return prices.bottles
    .filter((b) => b.tier === 'mixing' && kindAndAncestors(b.kind, kinds).includes(kindId))
    .sort((a, b) => a.priceMinor / a.ml - b.priceMinor / b.ml)[0];
}

function slotCost(slot: Slot, prices: PriceList, kinds: ReadonlyMap<string, Kind>): number | undefined {
  const options = [slot.kind, ...slot.or].flatMap((id) => {
    if (FREE.has(id)) return [0];
    const ml = amountMl(slot.amount);
    const fresh = prices.fresh.find((f) => f.kind === id);
    if (ml === undefined) {
      return fresh?.pieces === undefined ? [] : [(fresh.priceMinor * piecesOf(slot.amount)) / fresh.pieces];
    }
    if (fresh?.ml !== undefined) return [(fresh.priceMinor * ml) / fresh.ml];
    const bottle = cheapest(id, prices, kinds);
    return bottle === undefined ? [] : [(bottle.priceMinor * ml) / bottle.ml];
  });
  return options.length === 0 ? undefined : Math.min(...options);
}

/**
 * What one drink costs: each part's share of the cheapest mixing bottle that holds it, and of what
 * is bought fresh. Optional parts, garnish text and ice are left out.
 *
 * @example drinkCost(daiquiri, prices, kinds).minor // 171
 */
export function drinkCost(recipe: Recipe, prices: PriceList, kinds: ReadonlyMap<string, Kind>): DrinkCost {
  const slots = recipe.slots
    .filter((s) => !s.optional)
    .map((slot) => ({ slot, minor: slotCost(slot, prices, kinds) }));
  return {
    minor: Math.round(slots.reduce((sum, s) => sum + (s.minor ?? 0), 0)),
    slots,
    unpriced: slots.filter((s) => s.minor === undefined).map((s) => s.slot.kind),
  };
}

import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { amountMl, type Amount } from '../base/amount.js';

/** Whose bottle a part is reckoned by: the household's own, else the plan's, else the cheapest that is sold. */
type Whose = 'yours' | 'plan' | 'sold';

/** A bottle that parts of its kind are reckoned by. */
export interface CostBottle {
  ml: number;
  priceMinor: number;
  whose: Exclude<Whose, 'sold'>;
}

/** What one slot of a drink costs to pour. */
interface SlotCost {
  slot: Slot;
  /** By whose bottle; of what is bought fresh, or costs nothing, as it is sold. */
  whose: Whose;
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

function slotCost(
  slot: Slot,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  bottleOf: (kindId: string) => CostBottle | undefined,
): Omit<SlotCost, 'slot'> {
  const kindIds = [slot.kind, ...slot.or];
  const ml = amountMl(slot.amount);
  for (const whose of ['yours', 'plan'] as const) {
    const [own] = kindIds.flatMap((id) => bottleOf(id) ?? []).filter((b) => b.whose === whose);
    if (own && ml !== undefined) return { minor: (own.priceMinor * ml) / own.ml, whose };
  }
  const options = kindIds.flatMap((id) => {
    if (kinds.get(id)?.fromTap) return [0];
    const fresh = prices.fresh.find((f) => f.kind === id);
    if (ml === undefined) {
      return fresh?.pieces === undefined ? [] : [(fresh.priceMinor * piecesOf(slot.amount)) / fresh.pieces];
    }
    if (fresh?.ml !== undefined) return [(fresh.priceMinor * ml) / fresh.ml];
    const bottle = cheapest(id, prices, kinds);
    return bottle === undefined ? [] : [(bottle.priceMinor * ml) / bottle.ml];
  });
  return { minor: options.length === 0 ? undefined : Math.min(...options), whose: 'sold' };
}

/**
 * What one drink costs: each part's share of the bottle that it is reckoned by, and of what is bought fresh. Optional
 * parts, garnish text and ice are left out.
 *
 * @param bottleOf the household's or the plan's bottle of a kind, or of something that is one; where there is none it
 *   is the cheapest mixing bottle that is sold.
 *
 * @example drinkCost(daiquiri, prices, kinds).minor // 171
 */
export function drinkCost(
  recipe: Recipe,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
  bottleOf: (kindId: string) => CostBottle | undefined = () => undefined,
): DrinkCost {
  const slots = recipe.slots
    .filter((s) => !s.optional)
    .map((slot) => ({ slot, ...slotCost(slot, prices, kinds, bottleOf) }));
  return {
    minor: Math.round(slots.reduce((sum, s) => sum + (s.minor ?? 0), 0)),
    slots,
    unpriced: slots.filter((s) => s.minor === undefined).map((s) => s.slot.kind),
  };
}

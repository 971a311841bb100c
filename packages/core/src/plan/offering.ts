import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import { isCounted, type HouseholdBrief } from './brief.js';
import type { BottleOffer } from './lasting.js';
import { homeMaking, makeable, type HomeMaking } from './packs.js';
import { offeredBottles } from './sizes.js';
import { usesOfDrinks, type Uses } from './uses.js';

/** All that a plan may buy in bottles, and what it may make. */
export interface Offering {
  /** Bottles that last as long as the brief asks, and batches made at home. */
  offers: BottleOffer[];
  making: HomeMaking;
}

/** The least trouble in which each kind can be made at home. */
function leastEfforts({ homeMade }: Catalogue): Map<string, number> {
  const efforts = new Map<string, number>();
  for (const { makes, effort } of homeMade)
    efforts.set(makes, Math.min(effort, efforts.get(makes) ?? effort));
  return efforts;
}

/** Whether a bottle of the list is a batch that is made here. */
export function isBatch(making: HomeMaking, bottle: PricedBottle): boolean {
  return making.made.get(bottle.kind)?.batch === bottle;
}

/**
 * What is on offer for a brief.
 *
 * @param uses what an average drink pours of each kind; of those not named, what it would if all drinks that
 *   are counted were made as they are written.
 */
export function offering(
  brief: HouseholdBrief,
  prices: PriceList,
  catalogue: Catalogue,
  uses: Uses = {},
): Offering {
  const kinds = kindIndex(catalogue.kinds);
  const freshIds = new Set(catalogue.kinds.filter((k) => k.supply === 'fresh').map((k) => k.id));
  const can = makeable(brief, prices, catalogue);
  const counted = usesOfDrinks(catalogue.recipes.filter((r) => isCounted(brief, r.canon)));
  const all = { ...counted, ...uses };
  const onSale = offeredBottles(brief, prices, kinds, all, leastEfforts(catalogue), can);
  const making = homeMaking(brief, prices, can, onSale, kinds, freshIds);
  const bought = onSale.filter(({ bottle }) => !making.needless.has(bottle) && !isBatch(making, bottle));
  const batches = [...making.made.values()].map(({ batch }) => ({ bottle: batch, count: 1 }));
  return { offers: [...bought, ...batches], making };
}

/** The bottles on offer and how many of each, in one text: the same only where the problem is. */
export function sizesFor(
  { brief, prices, catalogue }: { brief: HouseholdBrief; prices: PriceList; catalogue: Catalogue },
  uses: Uses,
): string {
  return offering(brief, prices, catalogue, uses)
    .offers.map(({ bottle, count }) => (count === 1 ? bottle.id : `${count} ${bottle.id}`))
    .join('|');
}

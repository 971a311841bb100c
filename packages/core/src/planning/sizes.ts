import type { Brief } from '../brief/brief.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';

/** Kinds that go off within this many days of opening are bought in the smallest size. */
const PERISHABLE_DAYS = 120;
/** Larger bottles than this are a bar's, not a home's (common practice). */
const LARGEST_ML = 1000;

const perMl = (b: PricedBottle) => b.priceMinor / b.ml;

/**
 * The size to consider of each kind.
 *
 * "full": the lowest price per ml among sizes up to a litre, except that what spoils once open is
 * taken as small as it is sold. "small": the least outlay. A bottle that the user said to keep is
 * always offered. Finer bottles are for drinking neat and are never proposed for mixing.
 */
export function offeredBottles(
  brief: Brief,
  prices: PriceList,
  kinds: ReadonlyMap<string, Kind>,
): PricedBottle[] {
  const byKind = new Map<string, PricedBottle[]>();
  for (const bottle of prices.bottles) {
    const kind = kinds.get(bottle.kind);
    if (
      kind === undefined ||
      (kind.supply === 'home-made' && !brief.makesSyrups && bottle.id.startsWith('made-'))
    )
      continue;
    if (bottle.tier === 'finer') continue;
    byKind.set(bottle.kind, [...(byKind.get(bottle.kind) ?? []), bottle]);
  }
  const offered = new Set<PricedBottle>(prices.bottles.filter((b) => brief.keepBottles.includes(b.id)));
  for (const [kindId, bottles] of byKind) {
    const smallest = brief.sizes === 'small' || isPerishable(kinds.get(kindId));
    const fitting = bottles.filter((b) => b.ml <= LARGEST_ML);
    const best = (fitting.length > 0 ? fitting : bottles).reduce((a, b) => {
      if (smallest) return b.priceMinor < a.priceMinor ? b : a;
      return perMl(b) < perMl(a) ? b : a;
    });
    offered.add(best);
  }
  return prices.bottles.filter((b) => offered.has(b));
}

/** Whether an open bottle goes off before a home bar is likely to finish a large one. */
export function isPerishable(kind: Kind | undefined): boolean {
  return kind?.openDays !== undefined && kind.openDays <= PERISHABLE_DAYS;
}

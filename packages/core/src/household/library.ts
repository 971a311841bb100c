import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { PriceList } from '../catalogue/price-list.js';
import { withPaidPrices, type PaidPrice } from '../errand/paid.js';
import { withOwn, withOwnKindsSold, type OwnDrink, type OwnKind } from '../notebook/own-drink.js';
import { withBatchesPriced } from '../prices/batch-prices.js';
import { effectivePrices } from '../prices/overlay.js';
import { inSchool, type Freshness } from '../stock/freshness.js';

/** What a household added to the library, and how it reads it. */
export interface OwnLibrary {
  drinks: readonly OwnDrink[];
  kinds: readonly OwnKind[];
  /** Its own ways of making syrups and the like. */
  homeMade: readonly HomeMade[];
  /** How long what is open is taken to be good. */
  freshness: Freshness;
}

/**
 * The shipped library with what the household added, as its school of freshness has it.
 *
 * @example libraryOf(shipped, { drinks: [], kinds: [], homeMade: [], freshness: 'strict' }).kinds
 */
export function libraryOf(shipped: Catalogue, { drinks, kinds, homeMade, freshness }: OwnLibrary): Catalogue {
  const all = drinks.length + kinds.length === 0 ? shipped : withOwn(shipped, drinks, kinds);
  return {
    ...all,
    kinds: freshness === 'between' ? all.kinds : inSchool(all.kinds, freshness),
    homeMade: homeMade.length === 0 ? all.homeMade : [...all.homeMade, ...homeMade],
  };
}

/**
 * A price list as it holds for a household: its own prices over the shop's, what was paid before either, its own kinds sold, and
 * what it makes priced by what goes in.
 *
 * @param below lists that `list` may lie over.
 * @param catalogue of `libraryOf`.
 */
export function pricesOf(
  list: PriceList,
  below: readonly PriceList[],
  { paid, kinds }: { paid: readonly PaidPrice[]; kinds: readonly OwnKind[] },
  catalogue: Catalogue,
): PriceList {
  const laidOver = effectivePrices(
    list,
    below.filter((one) => one.id === list.over),
  );
  return withBatchesPriced(withPaidPrices(withOwnKindsSold(laidOver, kinds), paid), catalogue);
}

import { gcd } from '../base/numbers.js';
import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import { batchCost } from '../bench/batch-cost.js';
import { batchOfVolume } from '../bench/batch.js';

/**
 * A price list in which whatever is made at home costs what its parts cost at this shop, in the way that
 * is least trouble, rounded up to the step the shop prices in; what has a part without a price keeps the
 * listed one. From here on a thing has one price, whoever asks.
 *
 * @example withBatchesPriced(effectivePrices(own, shops), catalogue)
 */
export function withBatchesPriced(
  prices: PriceList,
  catalogue: Pick<Catalogue, 'homeMade' | 'pantry' | 'kinds'>,
): PriceList {
  const kinds = kindIndex(catalogue.kinds);
  const step = prices.bottles.reduce((so, b) => (b.homeMade ? so : gcd(so, b.priceMinor)), 0) || 1;
  const bottles = prices.bottles.map((bottle) => {
    const [recipe] = catalogue.homeMade
      .filter((h) => bottle.homeMade && h.makes === bottle.kind)
      .sort((a, b) => a.effort - b.effort);
    if (recipe === undefined) return bottle;
    const { minor, unpriced } = batchCost(batchOfVolume(recipe, bottle.ml, catalogue, kinds), prices, kinds);
    if (unpriced.length > 0) return bottle;
    return { ...bottle, priceMinor: Math.max(1, Math.ceil(minor / step)) * step };
  });
  return { ...prices, bottles };
}

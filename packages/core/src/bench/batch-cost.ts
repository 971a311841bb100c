import type { PriceList } from '../catalogue/price-list.js';
import type { Kind } from '../catalogue/kind.js';
import { compositionOfKind, volumeMl } from './composition.js';
import type { Batch } from './batch.js';

/** What a batch costs, minor units, not rounded; parts without a price are named. */
export interface BatchCost {
  minor: number;
  perMlMinor: number;
  unpriced: string[];
  /** The cheapest bottle of the same kind, minor units a ml; undefined when none is sold. */
  boughtPerMlMinor: number | undefined;
}

/**
 * What a batch costs at a shop, and what the same costs bottled. Water is free.
 *
 * @example batchCost(batch, prices, kinds).minor
 */
export function batchCost(batch: Batch, prices: PriceList, kinds: ReadonlyMap<string, Kind>): BatchCost {
  let minor = 0;
  const unpriced: string[] = [];
  const perMl = (kindId: string, homeMade: boolean) => {
    const bottles = prices.bottles.filter(
      (b) => b.kind === kindId && b.tier === 'mixing' && b.homeMade === homeMade,
    );
    return bottles.length === 0 ? undefined : Math.min(...bottles.map((b) => b.priceMinor / b.ml));
  };
  batch.recipe.from.forEach((part, i) => {
    const grams = batch.partsG[i] ?? 0;
    if (part.pantry === 'water') return;
    if (part.pantry !== undefined) {
      const price = prices.pantry.find((p) => p.pantry === part.pantry);
      if (price) minor += (grams / price.g) * price.priceMinor;
      else unpriced.push(part.pantry);
      return;
    }
    const kind = kinds.get(part.kind ?? '');
    const fresh = prices.fresh.find((f) => f.kind === part.kind);
    const gramMl = kind ? volumeMl(compositionOfKind(kind)) : 1;
    const each =
      fresh?.ml === undefined
        ? (perMl(part.kind ?? '', false) ?? perMl(part.kind ?? '', true))
        : fresh.priceMinor / fresh.ml;
    if (each !== undefined) minor += grams * gramMl * each;
    else if (fresh?.pieces === undefined) unpriced.push(part.kind ?? '');
    else minor += (grams / GRAMS_A_PIECE / fresh.pieces) * fresh.priceMinor;
  });
  return {
    minor,
    perMlMinor: batch.volumeMl === 0 ? 0 : minor / batch.volumeMl,
    unpriced,
    boughtPerMlMinor: perMl(batch.recipe.makes, false),
  };
}

/** What is sold by the piece weighs about so much each: a berry, a pinch of salt (common practice). */
const GRAMS_A_PIECE = 5;

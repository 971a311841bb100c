import type { Fault } from '../base/fault.js';
import { kindIndex } from '../catalogue/catalogue.js';
import { priceListSchema, type PriceList } from '../catalogue/price-list.js';
import { currencyRefusal } from '../prices/overlay.js';
import { priceListFaults } from '../rules/references.js';
import { describeKept, type World } from './descriptor.js';
import { withoutSplitThings } from './split-things.js';

/** Price lists that the household brought in: by themselves, or laid over a shop. */
export const keptOwnPrices = describeKept({
  name: 'own-prices',
  path: 'own-prices',
  schema: priceListSchema,
  idOf: (list) => list.id,
  noun: 'price list',
  stated: true,
  title: (list) => `“${list.name}”`,
  upgrade: withHomeMadeMarked,
  faults: (list, world) => [
    ...priceListFaults(list, kindIndex(world.catalogue.kinds)),
    ...overlayFaults(list, world),
  ],
});

/** Own prices lie over a shop in their own currency, never over themselves or other own prices. */
function overlayFaults({ id, over, currency }: PriceList, { shops, ownPrices }: World): Fault[] {
  if (over === undefined) return [];
  const at = (code: 'unknown' | 'mismatch', detail: string): Fault[] => [{ code, pointer: '/over', detail }];
  if (over === id || ownPrices.some((l) => l.id === over))
    return at('mismatch', 'own prices lie over a shop, not over other own prices');
  const below = shops.find((l) => l.id === over);
  if (below === undefined) return at('unknown', `there is no price list "${over}"`);
  const refusal = currencyRefusal(currency, below.currency);
  return refusal === undefined ? [] : at('mismatch', refusal);
}

/** Until the fourth migration a batch made at home was told by its id. */
function withHomeMadeMarked(stored: unknown): unknown {
  const { bottles, pantry } = (stored ?? {}) as { bottles?: unknown; pantry?: unknown };
  if (!Array.isArray(bottles)) return stored;
  const things: { pantry?: unknown }[] = Array.isArray(pantry) ? pantry : [];
  const marked = bottles.map((bottle: unknown) => {
    const { id, homeMade } = (bottle ?? {}) as { id?: unknown; homeMade?: unknown };
    const isMade = homeMade === undefined && typeof id === 'string' && id.startsWith('made-');
    return isMade ? { ...(bottle as object), homeMade: true } : bottle;
  });
  return { ...(stored as object), bottles: marked, pantry: withoutSplitThings(things) };
}

import type { Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import type { GlassSource } from '../glass/glassware.js';
import type { Kit } from './kit.js';
import { WINE_GLASSES } from './kit-offers.js';

/** The glasses that nearly every cupboard has, as a household's own. */
export function cupboardOf({ usualGlasses }: Pick<Catalogue, 'usualGlasses'>): Kit['glasses'] {
  return usualGlasses.map((glass) => ({ id: `usual-${glass.type}`, ...glass }));
}

/**
 * Glasses that an evening could use: those in the cupboard, each with how more of its type are
 * sold, and those on sale. Wine glasses are bought only for those who drink wine.
 *
 * @example glassSources(kit, prices).filter((s) => s.owned > 0)
 */
export function glassSources(kit: Kit, prices: PriceList): GlassSource[] {
  const onSale = prices.kit.flatMap((entry): GlassSource[] =>
    entry.glass === undefined ||
    entry.capacityMl === undefined ||
    (!kit.drinksWine && WINE_GLASSES.has(entry.glass))
      ? []
      : [
          {
            id: entry.id,
            type: entry.glass,
            capacityMl: entry.capacityMl,
            owned: 0,
            set: { pieces: entry.pieces, priceMinor: entry.priceMinor },
          },
        ],
  );
  // More of a type that is there can be bought too, where the shop has it.
  const owned = kit.glasses.map(({ id, type, capacityMl, count }) => ({
    id: `in the cupboard: ${id}`,
    ownedId: id,
    type,
    capacityMl,
    owned: count,
    set: onSale.find((s) => s.type === type)?.set,
  }));
  return [...owned, ...onSale];
}

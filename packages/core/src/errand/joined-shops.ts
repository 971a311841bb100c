import type { PricedBottle, PricedKit, PriceList } from '../catalogue/price-list.js';

/** Several shops as one price list; what is nowhere cheaper for less room is left out. */
export interface JoinedShops {
  list: PriceList;
  /** The shop of a bottle or a piece of kit, by its id in the joined list. */
  shopOf: ReadonlyMap<string, string>;
}

/** Where a pantry or fresh thing is cheapest, by "pantry sugar" or "fresh lime". */
const perUnit = (price: number, amount: number) => price / amount;

/** What a thing of a shop is called where shops are joined: ids of two shops may be the same words. */
export const idAt = (id: string, shop: string) => `${id}-at-${shop}`;

/** Whether one bottle leaves nothing to be said for another of the same kind, size and tier. */
function beats(a: PricedBottle, b: PricedBottle): boolean {
  if (a.kind !== b.kind || a.ml !== b.ml || a.tier !== b.tier || a.homeMade !== b.homeMade) return false;
  const noWorse = a.priceMinor <= b.priceMinor && a.widthMm <= b.widthMm;
  const better = a.priceMinor < b.priceMinor || a.widthMm < b.widthMm;
  return noWorse && (better || a.id < b.id);
}

const sameKit = (a: PricedKit, b: PricedKit) =>
  a.tool === b.tool &&
  a.glass === b.glass &&
  a.mould === b.mould &&
  a.pieces === b.pieces &&
  a.capacityMl === b.capacityMl;

/**
 * Join the shops of one errand. One shop alone keeps its ids.
 *
 * @throws Error where they are not all in one currency.
 * @example joinShops([lanternStore, harbourWines]).shopOf.get('dry-gin-70-at-harbour-wines')
 */
export function joinShops(lists: readonly PriceList[]): JoinedShops {
  const [first, ...others] = lists;
  if (first === undefined) throw new Error('an errand goes to at least one shop');
  if (others.some((l) => l.currency !== first.currency))
    throw new Error('the shops of one errand take one currency');
  if (others.length === 0) {
    const ids = [...first.bottles, ...first.kit].map((b) => b.id);
    return { list: first, shopOf: new Map(ids.map((id) => [id, first.id])) };
  }
  const shopOf = new Map<string, string>();
  const at = <T extends { id: string }>(list: PriceList, of: readonly T[]) =>
    of.map((thing) => {
      const id = idAt(thing.id, list.id);
      shopOf.set(id, list.id);
      return { ...thing, id };
    });
  const bottles = lists.flatMap((l) => at(l, l.bottles));
  const kit = lists.flatMap((l) => at(l, l.kit));
  const cheapest = <T extends { priceMinor: number }>(
    of: readonly T[],
    what: (t: T) => string,
    amount: (t: T) => number,
  ) => {
    const best = new Map<string, T>();
    for (const thing of of) {
      const now = best.get(what(thing));
      if (!now || perUnit(thing.priceMinor, amount(thing)) < perUnit(now.priceMinor, amount(now)))
        best.set(what(thing), thing);
    }
    return [...best.values()];
  };
  return {
    list: {
      ...first,
      name: lists.map((l) => l.name).join(' and '),
      bottles: bottles.filter((b) => !bottles.some((other) => beats(other, b))),
      kit: kit.filter(
        (k, i) =>
          !kit.some(
            (other, j) =>
              sameKit(other, k) &&
              (other.priceMinor < k.priceMinor || (other.priceMinor === k.priceMinor && j < i)),
          ),
      ),
      pantry: cheapest(
        lists.flatMap((l) => l.pantry),
        (p) => p.pantry,
        (p) => p.g,
      ),
      fresh: cheapest(
        lists.flatMap((l) => l.fresh),
        (f) => f.kind,
        (f) => f.ml ?? f.pieces ?? 1,
      ),
    },
    shopOf,
  };
}

/** The shop at which a pantry or fresh thing costs what the joined list says: the first that asks it. */
export function shopAsking(
  lists: readonly PriceList[],
  part: 'pantry' | 'fresh',
  of: string,
  priceMinor: number,
): string | undefined {
  return lists.find((l) =>
    part === 'pantry'
      ? l.pantry.some((p) => p.pantry === of && p.priceMinor === priceMinor)
      : l.fresh.some((f) => f.kind === of && f.priceMinor === priceMinor),
  )?.id;
}

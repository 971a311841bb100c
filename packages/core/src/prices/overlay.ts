import type { PricedBottle, PricedKit, PriceList } from '../catalogue/price-list.js';

/**
 * The prices that hold: a list laid over its shop. A bottle of the list stands in place of the shop's bottles of that
 * kind and size; the shop's other sizes stay. A list that stands by itself is returned as it is.
 *
 * @param shops every list there is, for finding the one below.
 * @example effectivePrices(mine, [lanternStore])
 */
export function effectivePrices(list: PriceList, shops: readonly PriceList[]): PriceList {
  const below = list.over === undefined ? undefined : shops.find((s) => s.id === list.over);
  if (below === undefined || below.id === list.id) return list;
  const sizeOf = ({ kind, ml, homeMade }: PricedBottle) => `${kind} ${homeMade ? 'made' : ml}`;
  const own = new Set(list.bottles.map(sizeOf));
  const ownIds = new Set(list.bottles.map((b) => b.id));
  const ownFresh = new Set(list.fresh.map((f) => f.kind));
  const about = (k: PricedKit) => k.tool ?? k.glass ?? k.mould;
  const ownKit = new Set(list.kit.map(about));
  return {
    ...list,
    bottles: [...list.bottles, ...below.bottles.filter((b) => !own.has(sizeOf(b)) && !ownIds.has(b.id))],
    fresh: [...list.fresh, ...below.fresh.filter((f) => !ownFresh.has(f.kind))],
    pantry: [
      ...list.pantry,
      ...below.pantry.filter((p) => !list.pantry.some((own) => own.pantry === p.pantry)),
    ],
    kit: [...list.kit, ...below.kit.filter((k) => !ownKit.has(about(k)))],
  };
}

/** Why prices in one currency cannot serve a plan in another, in words; undefined when they can. */
export function currencyRefusal(listCurrency: string, planCurrency: string): string | undefined {
  return listCurrency === planCurrency
    ? undefined
    : `These prices are in ${listCurrency} and your plan counts in ${planCurrency}. Uisce does not convert money: bring prices in ${planCurrency}, or choose a shop in ${listCurrency} first.`;
}

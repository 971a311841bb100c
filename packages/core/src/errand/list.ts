import type { PriceList } from '../catalogue/price-list.js';
import type { PlanResult } from '../plan/answer.js';
import type { ErrandLine, Ware } from './errand.js';
import { shopAsking, type JoinedShops } from './joined-shops.js';

const MAX_LABEL = 80;

/** A line that nobody has done anything about yet. */
function wanted(
  id: string,
  shop: string,
  ware: Ware,
  label: string,
  { count, listedMinor }: { count: number; listedMinor: number },
  why: ErrandLine['why'],
): ErrandLine {
  return {
    id,
    shop,
    ware,
    label: label.slice(0, MAX_LABEL),
    count,
    listedMinor,
    why,
    foundMinor: null,
    onOffer: false,
    state: 'wanted',
  };
}

/** How many cans a pack holds, where it does. */
export const cansOf = ({ cans }: { cans?: number | undefined }) => (cans === undefined ? {} : { cans });

/**
 * What a plan's answer buys, line by line: bottles, packs for what is made at home, tools and glasses. What is
 * owned, and what is made, is not bought.
 *
 * @param joined the shops that the answer was found at, and `lists` each of them.
 * @param why what all of it is on the list for.
 */
export function linesOf(
  result: Pick<PlanResult, 'inUse' | 'items' | 'kit' | 'packs'>,
  joined: JoinedShops,
  lists: readonly PriceList[],
  why: ErrandLine['why'] = 'plan',
): ErrandLine[] {
  const used = new Set(result.inUse);
  const home = lists[0]?.id ?? '';
  const shopOf = (id: string) => joined.shopOf.get(id) ?? home;
  const bottles = result.items.flatMap(({ id, kindId, owned, made, bottle }) =>
    !used.has(id) || owned || made || bottle === undefined || bottle.homeMade
      ? []
      : [
          wanted(
            id,
            shopOf(id),
            { is: 'bottle', kind: kindId, ml: bottle.ml, ...cansOf(bottle) },
            bottle.label,
            { count: 1, listedMinor: bottle.priceMinor },
            why,
          ),
        ],
  );
  const kit = result.kit.flatMap(({ id, pieces: inAll }) => {
    const entry = joined.list.kit.find((k) => k.id === id);
    if (!used.has(id) || entry === undefined) return [];
    const { tool, glass, pieces, capacityMl } = entry;
    const ware: Ware | undefined =
      tool !== undefined
        ? { is: 'tool', tool }
        : glass !== undefined && capacityMl !== undefined
          ? { is: 'glasses', glass, pieces, capacityMl }
          : undefined;
    const count = Math.max(1, Math.round(inAll / pieces));
    return ware === undefined
      ? []
      : [wanted(id, shopOf(id), ware, entry.label, { count, listedMinor: entry.priceMinor }, why)];
  });
  const packs = result.packs.flatMap(({ id, pantry, g, packs: count, owned, priceMinor }) => {
    if (!used.has(id) || owned || count < 1) return [];
    const listedMinor = Math.round(priceMinor / count);
    const shop = shopAsking(lists, 'pantry', pantry, listedMinor) ?? home;
    const each = g / count;
    return [
      wanted(
        id,
        shop,
        { is: 'pantry', pantry, g: each },
        pantry.replaceAll('-', ' '),
        { count, listedMinor },
        why,
      ),
    ];
  });
  return [...kit, ...bottles, ...packs];
}

/**
 * Fresh things for a week of the set's drinks, in the whole pieces that come nearest: of what a week takes less than
 * half a piece nothing is bought ahead.
 *
 * @param perWeekMl ml of a kind that a week pours.
 */
export function freshLines(
  joined: JoinedShops,
  lists: readonly PriceList[],
  perWeekMl: (kind: string) => number,
): ErrandLine[] {
  return joined.list.fresh.flatMap(({ kind, sold, priceMinor, ml }) => {
    const count = ml === undefined ? 0 : Math.min(99, Math.round(perWeekMl(kind) / ml));
    if (count < 1) return [];
    const shop = shopAsking(lists, 'fresh', kind, priceMinor) ?? lists[0]?.id ?? '';
    const ware: Ware = { is: 'fresh', kind, sold };
    return [wanted(`fresh-${kind}`, shop, ware, sold, { count, listedMinor: priceMinor }, 'fresh')];
  });
}

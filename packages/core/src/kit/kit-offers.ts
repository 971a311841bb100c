import type { Catalogue } from '../catalogue/catalogue.js';
import type { PricedKit, PriceList } from '../catalogue/price-list.js';
import { glassServes, type ServedDrink } from '../glass/serves.js';
import type { PlanProblemInput } from '../planner/problem.js';
import { coveredBy, needCapability, needIndex, needsOf } from './needs.js';
import type { Kit } from './kit.js';

/** A tool, or enough glasses of a type, that the plan may buy. */
export interface KitOffer {
  /** The price list's id. */
  id: string;
  entry: PricedKit;
  /** Sets bought together, so that there is a glass for everyone. */
  sets: number;
  priceMinor: number;
  /** Capabilities it gives. */
  provides: string[];
}

/** Wine glasses are only for those who drink wine (common practice). */
export const WINE_GLASSES = new Set(['wine', 'balloon', 'flute']);

/** Capability under which a set of glasses goes into a plan problem: a larger coupe serves where a smaller would spill. */
function glassCapability(entryId: string): string {
  return `glass:${entryId}`;
}

function cheapestFirst(a: KitOffer, b: KitOffer): number {
  return a.priceMinor - b.priceMinor || (a.id < b.id ? -1 : 1);
}

/**
 * What the shop sells that the kit lacks: the cheapest offer of each tool with something to cover,
 * and of each size of each glass type. Nothing when the kitchen has to do.
 */
export function kitOffers(kit: Kit, prices: PriceList, catalogue: Catalogue): KitOffer[] {
  if (kit.attitude === 'kitchen') return [];
  const open = [...needIndex(catalogue).values()].filter((need) => coveredBy(need, kit) === undefined);
  const offers = prices.kit.flatMap((entry): KitOffer[] => {
    const base = { id: entry.id, entry };
    if (entry.tool !== undefined) {
      const provides = open
        .filter((need) => need.tools.includes(entry.tool as string))
        .map((need) => needCapability(need.id));
      return provides.length > 0 ? [{ ...base, sets: 1, priceMinor: entry.priceMinor, provides }] : [];
    }
    if (entry.glass === undefined || entry.capacityMl === undefined) return [];
    if (!kit.drinksWine && WINE_GLASSES.has(entry.glass)) return [];
    const sets = Math.ceil(kit.people / entry.pieces);
    const priceMinor = entry.priceMinor * sets;
    return [{ ...base, sets, priceMinor, provides: [glassCapability(entry.id)] }];
  });
  const best = new Map<string, KitOffer>();
  for (const offer of offers.sort(cheapestFirst)) {
    const { tool, glass, capacityMl } = offer.entry;
    const what = tool ?? `glass ${glass ?? ''} ${capacityMl ?? ''}`;
    if (!best.has(what)) best.set(what, offer);
  }
  return [...best.values()];
}

type PlanSlot = NonNullable<PlanProblemInput['drinks'][number]['slots'][number]>;

/**
 * What a drink still lacks of tools and glasses, as slots of a plan problem: one for each need that
 * nothing at home covers, and one for a glass when none in the cupboard will do. A kit that has no
 * glasses entered is taken to have none.
 */
export function kitSlots(
  drink: ServedDrink,
  kit: Kit,
  offers: readonly KitOffer[],
  catalogue: Catalogue,
  kinds: Parameters<typeof needsOf>[2],
): PlanSlot[] {
  const index = needIndex(catalogue);
  const slots = needsOf(drink.recipe, catalogue, kinds).flatMap((id): PlanSlot[] => {
    const need = index.get(id);
    return need === undefined || coveredBy(need, kit) !== undefined
      ? []
      : [{ any: [{ all: [needCapability(id)], fit: 1 }] }];
  });
  if (!kit.glasses.some((glass) => glassServes(drink, glass, kit.attitude))) {
    const serving = offers.filter(
      ({ entry }) =>
        entry.glass !== undefined &&
        glassServes(drink, { type: entry.glass, capacityMl: entry.capacityMl ?? 0 }, kit.attitude),
    );
    slots.push({ any: serving.map((o) => ({ all: o.provides, fit: 1 })) });
  }
  return slots;
}

import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Brief, HouseholdBrief } from './brief.js';
import type { BottleOffer } from './lasting.js';

/** Batches may be made from batches, so deep. */
const MOST_NESTED = 2;
/** Comes from the tap. */
const FREE_PANTRY = new Set(['water']);

/** A pantry thing as it is sold: bought once, and shared by all that is made from it. */
export interface PackOffer {
  /** Item id in the plan problem, and the capability it gives. */
  id: string;
  pantry: string;
  /** Grams in all, and how many packs that is: enough for the largest batch as written. */
  g: number;
  packs: number;
  priceMinor: number;
}

/** A kind that can be made here: its batch in the shop's list, and the way that is least trouble. */
export interface Makeable {
  batch: PricedBottle;
  recipe: HomeMade;
}

/** What is made at home in a plan, and what it is made from. */
export interface HomeMaking {
  /** Batches that are worth making here, by kind. */
  made: Map<string, Makeable>;
  packs: PackOffer[];
  /** Bottles of made kinds that cost more than all that the batch takes: nobody buys them. */
  needless: Set<PricedBottle>;
  /**
   * Every way to have a kind, or a kind of it: bought, or made from its packs. Each way is a list of
   * capabilities, all of which it takes.
   */
  waysTo(kindId: string): string[][];
  /** Capabilities of the packs that a kind is made from. */
  packsFor(kindId: string): string[];
}

/** Item id of a pantry thing's packs. */
export function packItemId(pantry: string): string {
  return `pack:${pantry}`;
}

/** Capability of a batch: it holds only beside those of its packs. */
export function madeCapability(kindId: string): string {
  return `made:${kindId}`;
}

/** Every choice of one list from each, joined. */
export function eachWithEach(lists: readonly string[][][]): string[][] {
  return lists.reduce<string[][]>(
    (joined, list) => joined.flatMap((before) => list.map((after) => [...new Set([...before, ...after])])),
    [[]],
  );
}

/**
 * The kinds that a household can make itself: the shop's list knows the batch, the brief makes syrups of
 * that much trouble, and every pantry thing of the easiest way is free or has a price.
 */
export function makeable(
  brief: Pick<HouseholdBrief, 'makesSyrups' | 'mostTrouble' | 'neverKinds' | 'ownedKinds'>,
  prices: PriceList,
  catalogue: Pick<Catalogue, 'homeMade'>,
): Map<string, Makeable> {
  const priced = new Set(prices.pantry.map((p) => p.pantry));
  const refused = new Set([...brief.neverKinds, ...(brief.ownedKinds ?? [])]);
  const found = new Map<string, Makeable>();
  for (const batch of prices.bottles) {
    if (!batch.homeMade || !brief.makesSyrups || refused.has(batch.kind) || found.has(batch.kind)) continue;
    const [recipe] = catalogue.homeMade
      .filter(
        (h) =>
          h.makes === batch.kind &&
          h.effort <= brief.mostTrouble &&
          h.from.every(({ pantry }) => pantry === undefined || FREE_PANTRY.has(pantry) || priced.has(pantry)),
      )
      .sort((a, b) => a.effort - b.effort);
    if (recipe) found.set(batch.kind, { batch, recipe });
  }
  return found;
}

/** Packs of each pantry thing that these batches take, enough for the largest of them as written. */
function packsOf(made: Iterable<Makeable>, prices: PriceList): PackOffer[] {
  const largestG = new Map<string, number>();
  for (const { recipe } of made)
    for (const { pantry, g } of recipe.from)
      if (pantry !== undefined && !FREE_PANTRY.has(pantry))
        largestG.set(pantry, Math.max(g, largestG.get(pantry) ?? 0));
  return prices.pantry.flatMap(({ pantry, g, priceMinor }) => {
    const needed = largestG.get(pantry);
    if (needed === undefined) return [];
    const packs = Math.ceil(needed / g);
    return [{ id: packItemId(pantry), pantry, packs, g: packs * g, priceMinor: packs * priceMinor }];
  });
}

const pantryOf = ({ recipe }: Makeable) => [
  ...new Set(recipe.from.flatMap(({ pantry }) => (pantry && !FREE_PANTRY.has(pantry) ? [pantry] : []))),
];

/**
 * What is worth making, and from what. A bottle that costs more than everything its batch takes is never
 * bought; a batch whose own packs, shared with no other, cost more than the bottle is never made. Between
 * the two the planner chooses.
 *
 * @param can what can be made; `offered` what the shop's bottles offer beside it.
 * @param freshIds kinds bought on the day, which cost the plan nothing.
 */
export function homeMaking(
  brief: Pick<Brief, 'keepBottles' | 'ownedPantry' | 'neverKinds' | 'limits' | 'place'>,
  prices: PriceList,
  can: ReadonlyMap<string, Makeable>,
  offered: readonly BottleOffer[],
  kinds: ReadonlyMap<string, Kind>,
  freshIds: ReadonlySet<string>,
): HomeMaking {
  const made = new Map(can);
  const kept = new Set(brief.keepBottles);
  const costs = new Map(
    packsOf(can.values(), prices).map((p) => [
      p.pantry,
      brief.ownedPantry.includes(p.pantry) ? 0 : p.priceMinor,
    ]),
  );
  const costOf = (pantry: readonly string[]) => pantry.reduce((sum, p) => sum + (costs.get(p) ?? 0), 0);
  const boughtOf = (kindId: string) =>
    offered.filter(({ bottle }) => bottle.kind === kindId && !bottle.homeMade);
  const cheapestOf = (kindId: string) =>
    Math.min(Infinity, ...boughtOf(kindId).map(({ bottle, count }) => count * bottle.priceMinor));
  // A part that is a bottle takes room, and counts, where its syrup from the shop would not.
  const isLimited = brief.limits.bottles !== null || brief.limits.liquorMl !== null || brief.place.keepTo;
  const boughtMinor = (kindId: string) =>
    isLimited || brief.neverKinds.includes(kindId) ? Infinity : cheapestOf(kindId);
  // Leaving one batch out may leave another with packs of its own.
  for (let again = true; again;) {
    again = false;
    const users = new Map<string, number>();
    for (const each of made.values()) for (const p of pantryOf(each)) users.set(p, (users.get(p) ?? 0) + 1);
    for (const [kind, each] of made) {
      const own = pantryOf(each).filter((p) => users.get(p) === 1);
      if (kept.has(each.batch.id) || costOf(own) <= cheapestOf(kind)) continue;
      made.delete(kind);
      again = true;
      break;
    }
  }
  const needless = new Set(
    [...made].flatMap(([kind, each]) => {
      const parts = each.recipe.from.flatMap((p) => (p.kind && !freshIds.has(p.kind) ? [p.kind] : []));
      const bought = parts.reduce((sum, id) => sum + boughtMinor(id), 0);
      const homeMinor = costOf(pantryOf(each)) + bought;
      return boughtOf(kind).flatMap(({ bottle, count }) =>
        count * bottle.priceMinor > homeMinor && !kept.has(bottle.id) ? [bottle] : [],
      );
    }),
  );

  const madeUnder = new Map<string, string[]>();
  for (const kind of made.keys())
    for (const above of kindAndAncestors(kind, kinds))
      madeUnder.set(above, [...(madeUnder.get(above) ?? []), kind]);
  const waysTo = (kindId: string, depth = 0): string[][] => {
    const madeHere = depth > MOST_NESTED ? [] : (madeUnder.get(kindId) ?? []);
    return [
      [kindId],
      ...madeHere.flatMap((kind) => {
        const each = made.get(kind) as Makeable;
        const bottled = each.recipe.from.flatMap((p) =>
          p.kind && !freshIds.has(p.kind) ? [waysTo(p.kind, depth + 1)] : [],
        );
        const from = [madeCapability(kind), ...pantryOf(each).map(packItemId)];
        return eachWithEach([[from], ...bottled]);
      }),
    ];
  };
  const ways = new Map<string, string[][]>();
  return {
    made,
    needless,
    packs: packsOf(made.values(), prices),
    waysTo: (kindId) => {
      const known = ways.get(kindId) ?? waysTo(kindId);
      ways.set(kindId, known);
      return known;
    },
    packsFor: (kindId) => {
      const each = made.get(kindId);
      return each ? pantryOf(each).map(packItemId) : [];
    },
  };
}

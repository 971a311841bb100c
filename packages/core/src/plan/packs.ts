import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Brief, HouseholdBrief } from './brief.js';

/** Batches may be made from batches, so deep. */
const MAX_NESTED = 2;
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
  /** Kinds that go into what is made here, and are not bought on the day. */
  parts: ReadonlySet<string>;
  /** Capabilities of the packs that a kind is made from. */
  packsFor(kindId: string): string[];
  /**
   * How much of a whole batch of each of these kinds the packs hold: they are bought for the largest batch, and what
   * several batches take from one pack is cut alike, so that one of each can be made.
   */
  sharesOf(kindIds: readonly string[]): Map<string, number>;
}

/** Item id of a pantry thing's packs. */
export function packItemId(pantry: string): string {
  return `${PACK}${pantry}`;
}
const PACK = 'pack:';

/** Whether a capability is a share of a pack: two drinks, or two parts, take of it side by side. */
export function isOfPack(capability: string): boolean {
  return capability.startsWith(PACK);
}

/** Capability of a batch: it holds only beside those of its packs. */
export function madeCapability(kindId: string): string {
  return `made:${kindId}`;
}

/** Capability of a kind as a part of what is made at home: what it goes into is poured, and not it. */
export function partCapability(kindId: string): string {
  return `part:${kindId}`;
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
  for (const batch of made)
    for (const [pantry, g] of takesOf(batch)) largestG.set(pantry, Math.max(g, largestG.get(pantry) ?? 0));
  return prices.pantry.flatMap(({ pantry, g, priceMinor }) => {
    const needed = largestG.get(pantry);
    if (needed === undefined) return [];
    const packs = Math.ceil(needed / g);
    return [{ id: packItemId(pantry), pantry, packs, g: packs * g, priceMinor: packs * priceMinor }];
  });
}

/** Grams that a batch as written takes of each pantry thing that is bought. */
function takesOf({ recipe }: Makeable): Map<string, number> {
  const takes = new Map<string, number>();
  for (const { pantry, g } of recipe.from)
    if (pantry !== undefined && !FREE_PANTRY.has(pantry)) takes.set(pantry, (takes.get(pantry) ?? 0) + g);
  return takes;
}

/** The share of each batch that can be made when one of each is, none going short for another. */
function sharesOf(batches: readonly Makeable[], packs: readonly PackOffer[]): Map<string, number> {
  const asked = new Map<string, number>();
  for (const batch of batches)
    for (const [pantry, g] of takesOf(batch)) asked.set(pantry, (asked.get(pantry) ?? 0) + g);
  const held = new Map(packs.map((p) => [p.pantry, p.g]));
  const share = (pantry: string) => (held.get(pantry) ?? Infinity) / (asked.get(pantry) ?? 1);
  return new Map(
    batches.map((batch) => [batch.recipe.makes, Math.min(1, ...[...takesOf(batch).keys()].map(share))]),
  );
}

const pantryOf = (batch: Makeable) => [...takesOf(batch).keys()];

/** The parts of something made that are bottles themselves: bought, and not on the day. */
const bottledParts = ({ recipe }: Makeable, freshIds: ReadonlySet<string>): string[] =>
  recipe.from.flatMap((p) => (p.kind && !freshIds.has(p.kind) ? [p.kind] : []));

/** Without what is dearer to make, by packs of its own alone, than to buy. Leaving one out may leave another so. */
function worthMaking(
  can: ReadonlyMap<string, Makeable>,
  costOf: (pantry: readonly string[]) => number,
  cheapestOf: (kind: string) => number,
  isKept: (id: string) => boolean,
): Map<string, Makeable> {
  const made = new Map(can);
  for (let again = true; again;) {
    again = false;
    const users = new Map<string, number>();
    for (const each of made.values()) for (const p of pantryOf(each)) users.set(p, (users.get(p) ?? 0) + 1);
    for (const [kind, each] of made) {
      const own = pantryOf(each).filter((p) => users.get(p) === 1);
      if (isKept(each.batch.id) || costOf(own) <= cheapestOf(kind)) continue;
      made.delete(kind);
      again = true;
      break;
    }
  }
  return made;
}

/** The ways to have a kind, as it is poured or as a part of something made; each worked out once. */
function waysOf(
  made: ReadonlyMap<string, Makeable>,
  kinds: ReadonlyMap<string, Kind>,
  freshIds: ReadonlySet<string>,
): (kindId: string) => string[][] {
  const madeUnder = new Map<string, string[]>();
  for (const kind of made.keys())
    for (const above of kindAndAncestors(kind, kinds))
      madeUnder.set(above, [...(madeUnder.get(above) ?? []), kind]);
  const waysTo = (kindId: string, depth = 0): string[][] => {
    const madeHere = depth > MAX_NESTED ? [] : (madeUnder.get(kindId) ?? []);
    return [
      [depth === 0 ? kindId : partCapability(kindId)],
      ...madeHere.flatMap((kind) => {
        const each = made.get(kind) as Makeable;
        const bottled = bottledParts(each, freshIds).map((id) => waysTo(id, depth + 1));
        const from = [madeCapability(kind), ...pantryOf(each).map(packItemId)];
        return eachWithEach([[from], ...bottled]);
      }),
    ];
  };
  const known = new Map<string, string[][]>();
  return (kindId) => {
    const ways = known.get(kindId) ?? waysTo(kindId);
    known.set(kindId, ways);
    return ways;
  };
}

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
  offered: readonly PricedBottle[],
  kinds: ReadonlyMap<string, Kind>,
  freshIds: ReadonlySet<string>,
): HomeMaking {
  const kept = new Set(brief.keepBottles);
  const costs = new Map(
    packsOf(can.values(), prices).map((p) => [
      p.pantry,
      brief.ownedPantry.includes(p.pantry) ? 0 : p.priceMinor,
    ]),
  );
  const costOf = (pantry: readonly string[]) => pantry.reduce((sum, p) => sum + (costs.get(p) ?? 0), 0);
  const boughtOf = (kindId: string) => offered.filter(({ kind, homeMade }) => kind === kindId && !homeMade);
  const cheapestOf = (kindId: string) =>
    Math.min(Infinity, ...boughtOf(kindId).map(({ priceMinor }) => priceMinor));
  // A part that is a bottle takes room, and counts, where its syrup from the shop would not.
  const isLimited = brief.limits.bottles !== null || brief.limits.liquorMl !== null || brief.place.keepTo;
  const boughtMinor = (kindId: string) =>
    isLimited || brief.neverKinds.includes(kindId) ? Infinity : cheapestOf(kindId);
  const made = worthMaking(can, costOf, cheapestOf, (id) => kept.has(id));
  const needless = new Set(
    [...made].flatMap(([kind, each]) => {
      const bought = bottledParts(each, freshIds).reduce((sum, id) => sum + boughtMinor(id), 0);
      const homeMinor = costOf(pantryOf(each)) + bought;
      return boughtOf(kind).filter((b) => b.priceMinor > homeMinor && !kept.has(b.id));
    }),
  );
  const packs = packsOf(made.values(), prices);
  return {
    made,
    needless,
    parts: new Set([...made.values()].flatMap((each) => bottledParts(each, freshIds))),
    packs,
    waysTo: waysOf(made, kinds, freshIds),
    sharesOf: (kindIds) =>
      sharesOf(
        kindIds.flatMap((id) => made.get(id) ?? []),
        packs,
      ),
    packsFor: (kindId) => {
      const each = made.get(kindId);
      return each ? pantryOf(each).map(packItemId) : [];
    },
  };
}

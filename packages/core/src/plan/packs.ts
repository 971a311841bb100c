import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Brief } from './brief.js';

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

/** What is made at home in a plan, and what it is made from. */
export interface HomeMaking {
  /** Batches that can be made here, by kind. */
  made: Map<string, PricedBottle>;
  packs: PackOffer[];
  /**
   * Every way to have a kind, or a kind of it: bought, or made from its packs. Each way is a list of
   * capabilities, all of which it takes.
   */
  waysTo(kindId: string): string[][];
  /** Capabilities of the packs that the easiest way to make a kind takes. */
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
function eachWithEach(lists: readonly string[][][]): string[][] {
  return lists.reduce<string[][]>(
    (joined, list) => joined.flatMap((before) => list.map((after) => [...new Set([...before, ...after])])),
    [[]],
  );
}

/** Ways without those that ask for all that another asks for, and more. */
function leanest(ways: readonly string[][]): string[][] {
  const rising = [...ways].sort((a, b) => a.length - b.length);
  return rising.filter(
    (way, i) => !rising.some((other, j) => j < i && other.every((capability) => way.includes(capability))),
  );
}

/**
 * What a household can make itself, from whole packs at a shop's prices.
 *
 * A kind is made here when the shop's list knows its batch, the brief makes syrups of that much
 * trouble, and every part of some way is fresh, free, or has a price. Other batches keep their price.
 *
 * @param freshIds kinds bought on the day, which cost the plan nothing.
 */
export function homeMaking(
  brief: Pick<Brief, 'makesSyrups' | 'mostTrouble' | 'neverKinds' | 'ownedKinds'>,
  prices: PriceList,
  catalogue: Pick<Catalogue, 'homeMade'>,
  kinds: ReadonlyMap<string, Kind>,
  freshIds: ReadonlySet<string>,
): HomeMaking {
  const priced = new Map(prices.pantry.map((p) => [p.pantry, p]));
  const refused = new Set([...brief.neverKinds, ...brief.ownedKinds]);
  const isFree = (part: HomeMade['from'][number]) =>
    FREE_PANTRY.has(part.pantry ?? '') || freshIds.has(part.kind ?? '');
  const made = new Map<string, PricedBottle>();
  const recipes = new Map<string, HomeMade[]>();
  for (const bottle of prices.bottles) {
    if (!bottle.homeMade || !brief.makesSyrups || refused.has(bottle.kind) || made.has(bottle.kind)) continue;
    const ways = catalogue.homeMade.filter(
      (h) =>
        h.makes === bottle.kind &&
        h.effort <= brief.mostTrouble &&
        h.from.every((p) => isFree(p) || p.kind !== undefined || priced.has(p.pantry ?? '')),
    );
    if (ways.length === 0) continue;
    made.set(bottle.kind, bottle);
    recipes.set(
      bottle.kind,
      ways.sort((a, b) => a.effort - b.effort),
    );
  }
  const madeUnder = new Map<string, string[]>();
  for (const kind of made.keys())
    for (const above of kindAndAncestors(kind, kinds))
      madeUnder.set(above, [...(madeUnder.get(above) ?? []), kind]);

  const partsOf = (recipe: HomeMade, depth: number): string[][] =>
    eachWithEach(
      recipe.from
        .filter((part) => !isFree(part))
        .map((part) =>
          part.kind === undefined ? [[packItemId(part.pantry ?? '')]] : waysTo(part.kind, depth + 1),
        ),
    );
  const waysTo = (kindId: string, depth = 0): string[][] =>
    leanest([
      [kindId],
      ...(depth > MOST_NESTED ? [] : (madeUnder.get(kindId) ?? [])).flatMap((kind) =>
        (recipes.get(kind) ?? []).flatMap((recipe) =>
          partsOf(recipe, depth).map((parts) => [madeCapability(kind), ...parts]),
        ),
      ),
    ]);

  const largestG = new Map<string, number>();
  for (const ways of recipes.values())
    for (const { from } of ways)
      for (const { pantry, g } of from)
        if (pantry !== undefined && priced.has(pantry) && !FREE_PANTRY.has(pantry))
          largestG.set(pantry, Math.max(g, largestG.get(pantry) ?? 0));
  const packs = [...largestG].map(([pantry, g]): PackOffer => {
    const pack = priced.get(pantry) as (typeof prices.pantry)[number];
    const count = Math.ceil(g / pack.g);
    return {
      id: packItemId(pantry),
      pantry,
      packs: count,
      g: count * pack.g,
      priceMinor: count * pack.priceMinor,
    };
  });
  return {
    made,
    packs,
    waysTo: (kindId) => waysTo(kindId),
    packsFor: (kindId) =>
      (recipes.get(kindId)?.[0]?.from ?? [])
        .filter((part) => part.pantry !== undefined && !isFree(part))
        .map((part) => packItemId(part.pantry as string)),
  };
}

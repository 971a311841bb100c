import { ATTITUDE_MIN_MATCH, type HouseholdBrief } from './brief.js';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import type { Recipe } from '../catalogue/recipe.js';
import { servedDrink } from '../glass/serves.js';
import { kitOffers, kitSlots, type KitOffer } from '../kit/kit-offers.js';
import type { Kit } from '../kit/kit.js';
import type { PlanItem, PlanProblem } from '../planner/problem.js';
import { compileDrinks, type CompiledDrinks } from './compile-drinks.js';
import { isBatch, offering, type Offering } from './offering.js';
import { madeCapability, partCapability, type HomeMaking, type PackOffer } from './packs.js';

/** Room left beside each bottle so that a hand can take it (common practice). */
export const SHELF_CLEARANCE_MM = 4;

/** Packs, tools and glasses take nothing of the limits. */
const NOT_A_BOTTLE = { counted: false, widthMm: 0, liquorMl: 0, kitMinor: 0 };

/** Of drinks that are alike the first counts whole, each further one half. */
const VARIETY = { after: 1, factor: 0.5 } as const;

/** What an item of the compiled problem is in the user's world. */
interface CompiledItem {
  kind: Kind;
  /** Absent when the user owns the kind and we know no bottle of it. */
  bottle?: PricedBottle;
  owned: boolean;
  /** Made at home from packs, which are items of their own: it is there for nothing once they are. */
  made: boolean;
  /** Item ids of the packs that it is made from; none where it is bought. */
  madeFrom: string[];
  /** What it costs the plan: nothing when it is owned, or made from packs. */
  priceMinor: number;
}

/** A problem and the way back from its ids to kinds, bottles and recipes. */
export interface CompiledPlan extends Omit<CompiledDrinks, 'drinks'> {
  problem: PlanProblem;
  /** Bottles, batches and mixers. */
  items: Map<string, CompiledItem>;
  /** Sugar and the like, by the whole pack; what is in the cupboard already costs nothing. */
  packs: Map<string, PackOffer & { owned: boolean }>;
  making: HomeMaking;
  /** Tools and glasses that come out of the same money. */
  kit: Map<string, KitOffer>;
  /** Wines that are not here and are bought on the day: they cost the plan nothing. */
  wines: ReadonlySet<string>;
  /** The drinks that people ask for most, most asked for first. */
  askedFor: Recipe[];
}

/** The brief and the price list do not belong together. */
class CurrencyMismatchError extends Error {
  constructor(
    readonly briefCurrency: string,
    readonly listCurrency: string,
  ) {
    super(`the brief is in ${briefCurrency}, the price list in ${listCurrency}`);
    this.name = 'CurrencyMismatchError';
  }
}

/** Whether a bottle of this kind takes room on the shelf; mixers and what must stay cold live elsewhere. */
export function standsOnShelf(kind: Kind): boolean {
  return kind.supply === 'bottle' && kind.storage === 'shelf';
}

/** Room that a bottle takes on the shelf, with what a hand needs beside it; none where it stands elsewhere. */
export function shelfWidthMm(kind: Kind, { widthMm }: { widthMm: number }): number {
  return standsOnShelf(kind) ? widthMm + SHELF_CLEARANCE_MM : 0;
}

/** Item id under which an owned kind goes into the problem. */
function ownedItemId(kindId: string): string {
  return `owned:${kindId}`;
}

/**
 * An item as the problem knows it: what it provides, and what it takes of each limit.
 *
 * @param parts kinds that go into what is made at home.
 */
function planItem(
  id: string,
  item: CompiledItem,
  kinds: ReadonlyMap<string, Kind>,
  parts: ReadonlySet<string>,
): PlanItem {
  const { kind, bottle, made, priceMinor } = item;
  const all = kindAndAncestors(kind.id, kinds);
  return {
    id,
    provides: made
      ? [madeCapability(kind.id)]
      : [...all, ...all.filter((id) => parts.has(id)).map(partCapability)],
    price: priceMinor,
    // What could be made is there whether it is or not: it may take no room from what is bought.
    widthMm: bottle && !made ? shelfWidthMm(kind, bottle) : 0,
    counted: kind.supply === 'bottle' && kind.abv > 0 && !made,
    liquorMl: kind.abv > 0 && !made ? (bottle?.ml ?? 0) : 0,
    kitMinor: 0,
  };
}

/** Bottles on offer and what the household owns, by item id. */
function compileItems(
  ownedKinds: ReadonlySet<string>,
  prices: PriceList,
  { bottles, making }: Offering,
  kinds: ReadonlyMap<string, Kind>,
): Map<string, CompiledItem> {
  const items = new Map<string, CompiledItem>();
  for (const bottle of bottles) {
    const kind = kinds.get(bottle.kind);
    if (!kind || ownedKinds.has(kind.id)) continue;
    const made = isBatch(making, bottle);
    items.set(bottle.id, {
      kind,
      bottle,
      owned: false,
      made,
      madeFrom: made ? making.packsFor(kind.id) : [],
      priceMinor: made ? 0 : bottle.priceMinor,
    });
  }
  for (const id of ownedKinds) {
    const kind = kinds.get(id) as Kind;
    const likeness = [...bottles, ...prices.bottles].find((b) => b.kind === id);
    items.set(ownedItemId(id), {
      kind,
      owned: true,
      made: false,
      madeFrom: [],
      priceMinor: 0,
      ...(likeness ? { bottle: likeness } : {}),
    });
  }
  return items;
}

/** Limits and lenses of a brief, as the problem names them. */
function limitsAndLenses({ limits, place, variety, shares }: HouseholdBrief, kit: Kit | undefined) {
  return {
    ...(limits.bottles === null ? {} : { maxCounted: limits.bottles }),
    ...(limits.liquorMl === null ? {} : { maxLiquorMl: limits.liquorMl }),
    ...(place.keepTo ? { maxWidthMm: place.lengthMm } : {}),
    ...(kit === undefined || kit.maxMinor === null ? {} : { maxKitMinor: kit.maxMinor }),
    ...(variety ? { variety: VARIETY } : {}),
    ...(shares.length > 0 ? { shares: shares.map(({ taste, oneIn }) => ({ tag: taste, oneIn })) } : {}),
  };
}

/** A pack of sugar and the like as an item of the problem. */
const packItem = ({ id, priceMinor: price }: { id: string; priceMinor: number }) => ({
  id,
  provides: [id],
  price,
  ...NOT_A_BOTTLE,
});

/** A tool or glasses as an item of the problem. */
const kitItem = ({ id, provides, priceMinor: price }: KitOffer) => ({
  id,
  provides,
  price,
  ...NOT_A_BOTTLE,
  kitMinor: price,
});

/**
 * Compile a brief, a price list and the catalogue into a plan problem.
 *
 * What is bought on the day (citrus, eggs, cream, herbs, and wine unless it is kept) is always there and costs nothing
 * here. What must stay cold takes no room on the shelf. Once something is known of the kit, each drink also asks
 * for the tools and the glass it still lacks. Nothing of the problem depends on the money, and nothing
 * on what is bought.
 *
 * @param kit the household's tools and glasses; left out, they are taken to be there.
 * @throws CurrencyMismatchError when brief and prices are in different currencies.
 * @example compilePlan(emptyBrief('EUR'), prices, catalogue).problem
 */
export function compilePlan(
  brief: HouseholdBrief,
  prices: PriceList,
  catalogue: Catalogue,
  kit?: Kit,
): CompiledPlan {
  if (brief.currency !== prices.currency) throw new CurrencyMismatchError(brief.currency, prices.currency);
  const kinds = kindIndex(catalogue.kinds);
  const ownedKinds = new Set(brief.ownedKinds?.filter((id) => kinds.has(id)));
  const offered = offering(brief, prices, catalogue);
  const { making, forTheDay } = offered;
  const items = compileItems(ownedKinds, prices, offered, kinds);
  const ownedPacks = new Set(brief.ownedPantry);
  const packs = new Map(making.packs.map((p) => [p.id, { ...p, owned: ownedPacks.has(p.pantry) }]));

  const counting = kit?.said && kit.inPlan ? kit : undefined;
  const pieces = counting ? kitOffers(counting, prices, catalogue) : [];
  const { drinks, beside, recipes, dropped } = compileDrinks(brief, catalogue, offered, kinds, (recipe) =>
    counting ? kitSlots(servedDrink(recipe, kinds), counting, pieces, catalogue, kinds) : [],
  );

  const neverKinds = new Set(brief.neverKinds);
  const made = [...items].filter(([, item]) => item.made);
  // Keeping what is made at home keeps what it is made from.
  const keptPacks = made
    .filter(([id]) => brief.keepBottles.includes(id))
    .flatMap(([, { madeFrom }]) => madeFrom);
  const problem: PlanProblem = {
    format: 'uisce-plan-problem/1',
    budget: bottleMoneyOf(brief),
    items: [
      ...[...items].map(([id, item]) => planItem(id, item, kinds, making.parts)),
      ...[...packs.values()].map(packItem),
      ...pieces.map(kitItem),
    ],
    drinks,
    // What can be made is there for nothing; it holds once its packs are.
    owned: [
      ...[...items].filter(([, item]) => item.owned).map(([id]) => id),
      ...made.map(([id]) => id),
      ...[...packs.values()].filter((p) => p.owned).map((p) => p.id),
    ],
    must: [...new Set([...brief.keepBottles.filter((id) => items.get(id)?.made === false), ...keptPacks])],
    never: [...items].filter(([, i]) => !i.owned && neverKinds.has(i.kind.id)).map(([id]) => id),
    mustDrinks: [...new Set(brief.mustDrinks)].filter((id) => recipes.has(id)),
    minFit: ATTITUDE_MIN_MATCH[brief.attitude],
    ...limitsAndLenses(brief, counting),
  };
  const kitById = new Map(pieces.map((o) => [o.id, o]));
  const wines = new Set(
    [...forTheDay].filter((id) => kinds.get(id)?.supply !== 'fresh' && !ownedKinds.has(id)),
  );
  const recipeById = new Map(catalogue.recipes.map((r) => [r.id, r]));
  const askedFor = catalogue.askedFor.flatMap((id) => recipeById.get(id) ?? []);
  return { problem, items, packs, making, kit: kitById, wines, askedFor, recipes, beside, dropped };
}

/** What there is for bottles, tools and glasses: the money without what is set aside for fresh things. */
export function bottleMoneyOf({ moneyNowMinor, freshMinor }: HouseholdBrief): number {
  return Math.max(0, moneyNowMinor - freshMinor);
}

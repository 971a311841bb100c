import { ATTITUDE_MIN_FIT, isCounted, opinionOf, type Brief, type HouseholdBrief } from './brief.js';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PricedBottle, PriceList } from '../catalogue/price-list.js';
import { drinkKey, type Recipe, type Slot } from '../catalogue/recipe.js';
import { drinkTastes } from '../drink/tastes.js';
import { kitOffers, kitSlots, type KitOffer } from '../kit/kit-offers.js';
import type { Kit } from '../kit/kit.js';
import { servedDrink } from '../glass/serves.js';
import type { PlanDrink, PlanItem, PlanProblem } from '../planner/problem.js';
import { isBatch, offering } from './offering.js';
import { eachWithEach, madeCapability, type HomeMaking, type PackOffer } from './packs.js';
import { slotJoiner } from './joint-slots.js';
import { standInsOf } from './stand-ins.js';
import type { Uses } from './uses.js';

/** Room left beside each bottle so that a hand can take it (common practice). */
export const SHELF_CLEARANCE_MM = 4;

/** A liked taste makes a drink count for half as much again, twice at the most. */
const LIKED_WEIGHT = 0.5;
const MOST_WEIGHT = 2;

/** Packs, tools and glasses take nothing of the limits. */
const NOT_A_BOTTLE = { counted: false, widthMm: 0, liquorMl: 0 };

/** What an item of the compiled problem is in the user's world. */
export interface CompiledItem {
  kind: Kind;
  /** Absent when the user owns the kind and we know no bottle of it. */
  bottle?: PricedBottle;
  owned: boolean;
  /** Made at home from packs, which are items of their own: it is there for nothing once they are. */
  made: boolean;
  /** Item ids of the packs that it is made from; none where it is bought. */
  madeFrom: string[];
  /** How many of the bottle: two where one does not last. */
  count: number;
  /** What it costs the plan: nothing when it is owned, or made from packs. */
  priceMinor: number;
}

/** Why a drink is not in the count at all. */
export interface DroppedDrink {
  recipe: Recipe;
  disliked: string[];
  /** Less established than the brief counts. */
  uncounted: boolean;
}

/** A problem and the way back from its ids to kinds, bottles and recipes. */
export interface CompiledPlan {
  problem: PlanProblem;
  /** Bottles, batches and mixers. */
  items: Map<string, CompiledItem>;
  /** Sugar and the like, by the whole pack; what is in the cupboard already costs nothing. */
  packs: Map<string, PackOffer & { owned: boolean }>;
  /** Tools and glasses that come out of the same money. */
  kit: Map<string, KitOffer>;
  recipes: Map<string, Recipe>;
  dropped: DroppedDrink[];
}

/** The brief and the price list do not belong together. */
export class CurrencyMismatchError extends Error {
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

type PlanSlot = PlanDrink['slots'][number];

/** Item id under which an owned kind goes into the problem. */
function ownedItemId(kindId: string): string {
  return `owned:${kindId}`;
}

/** Ways to fill a recipe's slot: the kind itself, its equals, and its stand-ins, each bought or made at home. */
function compileSlot(
  recipe: Recipe,
  slot: Slot,
  catalogue: Catalogue,
  freshIds: ReadonlySet<string>,
  { waysTo }: HomeMaking,
  refused: (kind: string) => readonly string[],
): PlanSlot | undefined {
  const exact = [slot.kind, ...slot.or];
  if (exact.some((id) => freshIds.has(id))) return undefined;
  // What is poured counts, not what is printed: a stand-in brings in nothing that nobody here will have.
  const asked = new Set(exact.flatMap(refused));
  const standIns = standInsOf(recipe, slot, catalogue)
    .filter((s) => s.with.flatMap(refused).every((taste) => asked.has(taste)))
    .flatMap((s) =>
      eachWithEach(s.with.filter((id) => !freshIds.has(id)).map(waysTo)).map((all) => ({ all, fit: s.fit })),
    );
  return { any: [...exact.flatMap((id) => waysTo(id).map((all) => ({ all, fit: 1 }))), ...standIns] };
}

function weigh(brief: Brief, tastes: ReadonlySet<string>): { weight: number; disliked: string[] } {
  let likes = 0;
  const disliked: string[] = [];
  for (const taste of tastes) {
    const opinion = opinionOf(brief, taste as Parameters<typeof opinionOf>[1]);
    if (opinion === 'like') likes += 1;
    if (opinion === 'no') disliked.push(taste);
  }
  return { weight: Math.min(1 + LIKED_WEIGHT * likes, MOST_WEIGHT), disliked };
}

/**
 * Compile a brief, a price list and the catalogue into a plan problem.
 *
 * Fresh things (citrus, eggs, cream, herbs) are bought on the day: their slots are always met and
 * cost nothing here. What must stay cold takes no room on the shelf. Optional slots do not count.
 * Once something is known of the kit, each drink also asks for the tools and the glass it still lacks.
 *
 * @param kit the household's tools and glasses; left out, they are taken to be there.
 * @param uses what an average drink pours of each kind, which decides the sizes that last; by default all
 *   drinks that are counted, as they are written.
 * @throws CurrencyMismatchError when brief and prices are in different currencies.
 * @example compilePlan(emptyBrief('EUR'), prices, catalogue).problem
 */
export function compilePlan(
  brief: HouseholdBrief,
  prices: PriceList,
  catalogue: Catalogue,
  kit?: Kit,
  uses?: Uses,
): CompiledPlan {
  if (brief.currency !== prices.currency) throw new CurrencyMismatchError(brief.currency, prices.currency);
  const kinds = kindIndex(catalogue.kinds);
  const freshIds = new Set(catalogue.kinds.filter((k) => k.supply === 'fresh').map((k) => k.id));
  const items = new Map<string, CompiledItem>();
  const problemItems: PlanItem[] = [];
  const ownedKinds = new Set(brief.ownedKinds?.filter((id) => kinds.has(id)));

  const { offers, making } = offering(brief, prices, catalogue, uses);

  const add = (id: string, kind: Kind, bottle: PricedBottle | undefined, owned: boolean, count = 1) => {
    const onShelf = standsOnShelf(kind);
    const made = bottle !== undefined && isBatch(making, bottle);
    const priceMinor = owned || made ? 0 : count * (bottle?.priceMinor ?? 0);
    const madeFrom = made ? making.packsFor(kind.id) : [];
    items.set(id, { kind, owned, made, madeFrom, count, priceMinor, ...(bottle ? { bottle } : {}) });
    problemItems.push({
      id,
      provides: made ? [madeCapability(kind.id)] : kindAndAncestors(kind.id, kinds),
      price: priceMinor,
      // What could be made is there whether it is or not: it may take no room from what is bought.
      widthMm: onShelf && bottle && !made ? count * (bottle.widthMm + SHELF_CLEARANCE_MM) : 0,
      counted: kind.supply === 'bottle' && kind.abv > 0 && !made,
      liquorMl: kind.abv > 0 && !made ? count * (bottle?.ml ?? 0) : 0,
    });
  };
  for (const { bottle, count } of offers) {
    const kind = kinds.get(bottle.kind);
    if (kind && !ownedKinds.has(kind.id)) add(bottle.id, kind, bottle, false, count);
  }
  const ownedPacks = new Set(brief.ownedPantry);
  const packs = new Map(making.packs.map((p) => [p.id, { ...p, owned: ownedPacks.has(p.pantry) }]));
  for (const { id, priceMinor } of packs.values())
    problemItems.push({ id, provides: [id], price: priceMinor, ...NOT_A_BOTTLE });
  for (const id of ownedKinds) {
    const kind = kinds.get(id) as Kind;
    const likeness =
      offers.find((o) => o.bottle.kind === id)?.bottle ?? prices.bottles.find((b) => b.kind === id);
    add(ownedItemId(id), kind, likeness, true);
  }

  const counting = kit?.said && kit.inPlan ? kit : undefined;
  const pieces = counting ? kitOffers(counting, prices, catalogue) : [];
  for (const { id, provides, priceMinor } of pieces)
    problemItems.push({ id, provides, price: priceMinor, ...NOT_A_BOTTLE });

  const minFit = ATTITUDE_MIN_FIT[brief.attitude];
  const joinSlots = slotJoiner(kinds, catalogue.oneForTwo, minFit);
  const mustDrinks = new Set(brief.mustDrinks);
  const recipes = new Map<string, Recipe>();
  const dropped: DroppedDrink[] = [];
  const drinks: PlanDrink[] = [];
  const refused = (id: string) =>
    (kinds.get(id)?.tastes ?? []).filter((taste) => opinionOf(brief, taste) === 'no');
  // Many drinks ask for the same: lime juice is looked up once.
  const slots = new Map<string, PlanSlot | undefined>();
  const slotOf = (recipe: Recipe, slot: Slot): PlanSlot | undefined => {
    const key = `${slot.kind}|${slot.or.join('|')}|${recipe.family === 'no-alcohol'}`;
    if (!slots.has(key)) slots.set(key, compileSlot(recipe, slot, catalogue, freshIds, making, refused));
    return slots.get(key);
  };
  // Variants of one drink are of one family and one taste: the first one's.
  const firstOf = new Map<string, Recipe>();
  for (const recipe of catalogue.recipes) {
    const tastes = drinkTastes(recipe, kinds);
    const first = firstOf.get(drinkKey(recipe)) ?? recipe;
    firstOf.set(drinkKey(recipe), first);
    const { weight, disliked } = weigh(brief, tastes);
    const uncounted = !isCounted(brief, recipe.canon);
    if ((disliked.length > 0 || uncounted) && !mustDrinks.has(recipe.id)) {
      dropped.push({ recipe, disliked, uncounted });
      continue;
    }
    recipes.set(recipe.id, recipe);
    drinks.push({
      id: recipe.id,
      weight,
      slots: [
        ...joinSlots(recipe.slots.flatMap((s) => (s.optional ? [] : (slotOf(recipe, s) ?? [])))),
        ...(counting ? kitSlots(servedDrink(recipe, kinds), counting, pieces, catalogue, kinds) : []),
      ],
      ...(recipe.group === undefined ? {} : { group: recipe.group }),
      ...(brief.variety ? { family: first.family } : {}),
      ...(brief.shares.length > 0
        ? { tags: first === recipe ? [...tastes] : [...drinkTastes(first, kinds)] }
        : {}),
    });
  }

  const neverKinds = new Set(brief.neverKinds);
  const { bottles, liquorMl } = brief.limits;
  const made = [...items].filter(([, item]) => item.made);
  // Keeping what is made at home keeps what it is made from.
  const keptPacks = made
    .filter(([id]) => brief.keepBottles.includes(id))
    .flatMap(([, { madeFrom }]) => madeFrom);
  const problem: PlanProblem = {
    format: 'uisce-plan-problem/1',
    budget: brief.moneyNowMinor,
    items: problemItems,
    drinks,
    // What can be made is there for nothing; it holds once its packs are.
    owned: [
      ...[...ownedKinds].map(ownedItemId),
      ...made.map(([id]) => id),
      ...[...packs.values()].filter((p) => p.owned).map((p) => p.id),
    ],
    must: [...new Set([...brief.keepBottles.filter((id) => items.get(id)?.made === false), ...keptPacks])],
    never: [...items].filter(([, i]) => !i.owned && neverKinds.has(i.kind.id)).map(([id]) => id),
    mustDrinks: [...mustDrinks].filter((id) => recipes.has(id)),
    minFit,
    ...(bottles === null ? {} : { maxCounted: bottles }),
    ...(liquorMl === null ? {} : { maxLiquorMl: liquorMl }),
    ...(brief.variety ? { variety: brief.variety } : {}),
    ...(brief.shares.length > 0
      ? { shares: brief.shares.map(({ taste, oneIn }) => ({ tag: taste, oneIn })) }
      : {}),
    ...(brief.place.keepTo ? { maxWidthMm: brief.place.lengthMm } : {}),
  };
  return { problem, items, packs, kit: new Map(pieces.map((o) => [o.id, o])), recipes, dropped };
}

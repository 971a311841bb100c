import { amountMl } from '../base/amount.js';
import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { PriceList } from '../catalogue/price-list.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import { drinkCost } from '../drink/cost.js';
import type { AnswerItem, PlanResult } from './answer.js';
import { pouredWith } from './poured-with.js';

/** How far one bottle of a set goes. */
export interface BottleLasts {
  itemId: string;
  kindId: string;
  ml: number;
  /** Drinks in it: its ml by what one drink pours of it, on average over those that do. */
  drinksIn: number;
  /** Drinks poured from the whole set until it is empty, every open drink as likely as any other. */
  untilEmpty: number;
}

/** What a set pours before something is out, and what a glass comes to. */
export interface Enough {
  /** Bottles and mixers that something is poured from, the soonest empty first. */
  bottles: BottleLasts[];
  /** The first of the bottles to be out; mixers run out sooner, and are cheap. */
  first?: BottleLasts;
  /** Open drinks, variants counted once, and at least how many of them can be poured once each. */
  drinks: number;
  onceEach: number;
  /** An average glass of them as it is poured, at what its bottles cost, minor units; and what of it is bought fresh. */
  glassMinor: number;
  freshMinor: number;
}

/** ml that one drink takes of each item of a set. */
type Pours = Map<string, number>;

/** One recipe for each drink that is open: of variants, the one that fits best. */
export function menuOf(
  drinks: readonly { id: string; fit: number }[],
  recipes: ReadonlyMap<string, Recipe>,
): Recipe[] {
  const best = new Map<string, { recipe: Recipe; fit: number }>();
  for (const { id, fit } of drinks) {
    const recipe = recipes.get(id);
    if (recipe && fit > (best.get(drinkKey(recipe))?.fit ?? 0)) best.set(drinkKey(recipe), { recipe, fit });
  }
  return [...best.values()].map((b) => b.recipe);
}

/** The items of a set by every kind that they are. */
function itemByKind(items: readonly AnswerItem[], kinds: ReadonlyMap<string, Kind>): Map<string, AnswerItem> {
  const found = new Map<string, AnswerItem>();
  for (const item of items)
    for (const kind of kindAndAncestors(item.kindId, kinds)) if (!found.has(kind)) found.set(kind, item);
  return found;
}

/**
 * What a set pours, from whole bottles: what is owned already is taken as full, what is made at home can be
 * made again.
 *
 * @param minFit the least fit of a stand-in.
 * @example enoughOf(result, catalogue, recipes, kinds, prices, 0.75).onceEach
 */
export function enoughOf(
  result: Pick<PlanResult, 'answer' | 'inUse' | 'items'>,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns'>,
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  prices: PriceList,
  minFit: number,
): Enough {
  const used = new Set(result.inUse);
  const items = result.items.filter((i) => used.has(i.id));
  const byKind = itemByKind(items, kinds);
  const have = new Set(byKind.keys());
  const menu = menuOf(result.answer.drinks, recipes);
  const pours = menu.map((recipe): Pours => {
    const taken: Pours = new Map();
    for (const { slot, kinds: poured, parts } of pouredWith(recipe, catalogue, have, minFit)) {
      if (slot.optional) continue;
      poured.forEach((kind, i) => {
        const item = byKind.get(kind);
        const ml = (amountMl(slot.amount) ?? 0) * (parts[i] ?? 1);
        if (item && ml > 0) taken.set(item.id, (taken.get(item.id) ?? 0) + ml);
      });
    }
    return taken;
  });
  const volumes = new Map(
    items.flatMap((i) => (i.made || i.bottle === undefined ? [] : [[i.id, i.bottle.ml] as const])),
  );
  const bottles = items
    .flatMap((item): BottleLasts[] => {
      const ml = volumes.get(item.id);
      const by = pours.flatMap((p) => p.get(item.id) ?? []);
      if (ml === undefined || by.length === 0) return [];
      const poured = by.reduce((sum, p) => sum + p, 0);
      return [
        {
          ...{ itemId: item.id, kindId: item.kindId, ml },
          drinksIn: ml / (poured / by.length),
          untilEmpty: ml / (poured / menu.length),
        },
      ];
    })
    .sort((a, b) => a.untilEmpty - b.untilEmpty || (a.itemId < b.itemId ? -1 : 1));
  const first = bottles.find((b) => kinds.get(b.kindId)?.supply === 'bottle');
  const perMl = new Map(items.flatMap((i) => (i.bottle ? [[i.id, i.bottle.priceMinor / i.bottle.ml]] : [])));
  const bottled = pours.flatMap((p) => [...p].map(([id, ml]) => ml * (perMl.get(id) ?? 0)));
  const isFresh = (kindId: string) => kinds.get(kindId)?.supply === 'fresh';
  const fresh = menu
    .flatMap((recipe) => drinkCost(recipe, prices, kinds).slots)
    .map((s) => (isFresh(s.slot.kind) ? (s.minor ?? 0) : 0));
  const mean = (parts: readonly number[]) =>
    menu.length === 0 ? 0 : parts.reduce((sum, p) => sum + p, 0) / menu.length;
  return {
    bottles,
    ...(first ? { first } : {}),
    drinks: menu.length,
    onceEach: pouredOnce(pours, volumes),
    glassMinor: mean([...bottled, ...fresh]),
    freshMinor: mean(fresh),
  };
}

/**
 * How many drinks can be poured once each: always the one next that takes the least share of what is
 * left of its scarcest bottle. So many can be; perhaps one or two more.
 */
function pouredOnce(pours: readonly Pours[], volumes: ReadonlyMap<string, number>): number {
  const left = new Map(volumes);
  const open = [...pours];
  const shareOf = (drink: Pours) =>
    Math.max(0, ...[...drink].map(([id, ml]) => ml / (left.get(id) ?? Infinity)));
  let poured = 0;
  while (open.length > 0) {
    const shares = open.map(shareOf);
    const least = shares.indexOf(Math.min(...shares));
    if ((shares[least] as number) > 1) break;
    for (const [id, ml] of open[least] as Pours) left.set(id, (left.get(id) ?? Infinity) - ml);
    open.splice(least, 1);
    poured += 1;
  }
  return poured;
}

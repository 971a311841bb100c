import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import type { StarterSet } from '../catalogue/tool.js';
import { glassServes, servedDrink } from '../glass/serves.js';
import { drinkFigures } from '../drink/figures.js';
import type { Kit } from './kit.js';
import { needIndex, needsOf, uncovered } from './needs.js';

/** Ice in the shaker for one drink, g, and its volume in ml (common practice: about 150 g; 0.917 g/ml). */
const SHAKER_ICE_G = 150;
const ICE_G_PER_ML = 0.917;
/** A shaker must stay this empty for the drink to move (common practice). */
const SHAKER_FULL = 2 / 3;

/** One way to begin, against the drinks to be made. */
export interface SetReport {
  set: StarterSet;
  /** For what of it is not owned; undefined when the shop lacks a part. */
  priceMinor: number | undefined;
  covered: string[];
  /** Drinks whose handwork it leaves uncovered, or that no glass in the cupboard takes. */
  missing: string[];
  /** Drinks that one go of its shaker makes; 0 when nothing shakes. */
  atOnce: number;
  /** Goes of the shaker for a round of shaken drinks for everyone; undefined when nothing shakes. */
  goes: number | undefined;
}

/**
 * Drinks that fit one go of a shaker: liquid and ice up to two thirds of its largest part.
 *
 * @param mixMl one drink before dilution.
 */
export function drinksAtOnce(capacityMl: number, mixMl: number): number {
  return Math.floor((capacityMl * SHAKER_FULL) / (mixMl + SHAKER_ICE_G / ICE_G_PER_ML));
}

/** A shaken drink of usual size among these, in ml before dilution: their median; 90 when none is shaken. */
function usualShakenMl(recipes: readonly Recipe[], kinds: Parameters<typeof drinkFigures>[1]): number {
  const sizes = recipes
    .filter((r) => r.method === 'shake' || r.method === 'dry-shake')
    .map((r) => drinkFigures(r, kinds).mixMl)
    .sort((a, b) => a - b);
  return sizes[Math.floor(sizes.length / 2)] ?? 90;
}

/** Drinks that a kit makes and serves, and those that it lacks something for: each of its variants counted once. */
function coverOf(recipes: readonly Recipe[], kit: Kit, catalogue: Catalogue) {
  const kinds = kindIndex(catalogue.kinds);
  const index = needIndex(catalogue);
  const covered = new Set<string>();
  const missing = new Set<string>();
  for (const recipe of recipes) {
    const lacks = uncovered(needsOf(recipe, catalogue, kinds), index, kit);
    const served =
      kit.glasses.length === 0 ||
      kit.glasses.some((glass) => glassServes(servedDrink(recipe, kinds), glass, kit.attitude));
    (lacks.length === 0 && served ? covered : missing).add(drinkKey(recipe));
  }
  for (const key of covered) missing.delete(key);
  return { covered: [...covered], missing: [...missing] };
}

/** ml that each shaker of a set holds; of a set without tools, what the kitchen shakes in. */
function shakersOf(set: StarterSet, kit: Kit, catalogue: Catalogue): number[] {
  const shakers = needIndex(catalogue).get('shaker');
  if (shakers === undefined) return [];
  if (set.tools.length === 0)
    return catalogue.kitchen
      .filter((t) => kit.kitchen.includes(t.id) && shakers.kitchen.includes(t.id))
      .flatMap((t) => t.capacityMl ?? []);
  return catalogue.tools
    .filter((t) => set.tools.includes(t.id) && shakers.tools.includes(t.id))
    .flatMap((t) => t.capacitiesMl);
}

/** What these tools cost at their cheapest; undefined where one is not sold. */
function costOf(tools: readonly string[], prices: PriceList): number | undefined {
  const costs = tools.map((id) =>
    Math.min(Infinity, ...prices.kit.filter((k) => k.tool === id).map((k) => k.priceMinor)),
  );
  const sum = costs.reduce((all, c) => all + c, 0);
  return Number.isFinite(sum) ? sum : undefined;
}

/**
 * Starter sets compared for these drinks: each with its tools in place of every shaker, strainer and
 * measure owned, the kitchen's things, the glasses and the other tools staying as they are. Where no glass
 * was entered yet, glasses are left out of it.
 *
 * @param people for how many a round is shaken.
 */
export function compareStarterSets(
  recipes: readonly Recipe[],
  kit: Kit,
  prices: PriceList,
  catalogue: Catalogue,
  people: number,
): SetReport[] {
  const replaced = new Set(catalogue.starterSets.flatMap((s) => s.tools));
  const owned = new Set(kit.tools.map((t) => t.id));
  const mixMl = usualShakenMl(recipes, kindIndex(catalogue.kinds));
  return catalogue.starterSets.map((set) => {
    const tools = [
      ...kit.tools.filter((t) => !replaced.has(t.id)),
      ...set.tools.map((id) => ({ id, since: null })),
    ];
    // Without its tools the kitchen has to do; with them its things still help.
    const attitude = set.tools.length === 0 ? 'kitchen' : kit.attitude;
    const holds = shakersOf(set, kit, catalogue);
    const atOnce = holds.length === 0 ? 0 : Math.max(1, drinksAtOnce(Math.max(...holds), mixMl));
    return {
      set,
      priceMinor: costOf(
        set.tools.filter((id) => !owned.has(id)),
        prices,
      ),
      ...coverOf(recipes, { ...kit, attitude, tools }, catalogue),
      atOnce,
      goes: atOnce === 0 ? undefined : Math.ceil(people / atOnce),
    };
  });
}

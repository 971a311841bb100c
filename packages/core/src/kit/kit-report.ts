import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import { fewestTypes } from '../glass/glassware.js';
import { servedDrink } from '../glass/serves.js';
import { coverKit, type KitCover } from './cover.js';
import { cupboardOf, glassSources } from './glass-sources.js';
import { emptyKit, type Kit } from './kit.js';
import { compareStarterSets, type SetReport } from './starter-sets.js';
import { techniquesOf } from './techniques-of.js';

/** The kit against the drinks it is for. */
export interface KitReport {
  /** Recipes in question, by id. */
  drinks: string[];
  cover: KitCover;
  /** How many drinks (variants counted once) cannot do without a technique, and how many it dresses. */
  techniques: { id: string; needed: number; finishing: number }[];
  sets: SetReport[];
  /** The fewest glass types on sale that take every drink in question. */
  fewestTypes: string[];
}

/**
 * Judge a kit by drinks whose bottles are taken as given.
 *
 * @example kitReport(recipes, kit, prices, catalogue).cover.ready.length
 */
export function kitReport(
  recipes: readonly Recipe[],
  kit: Kit,
  prices: PriceList,
  catalogue: Catalogue,
): KitReport {
  const kinds = kindIndex(catalogue.kinds);
  const needed = new Map<string, Set<string>>();
  const finishing = new Map<string, Set<string>>();
  for (const recipe of recipes) {
    for (const use of techniquesOf(recipe, kinds)) {
      const counts = use.needed ? needed : finishing;
      const drinks = counts.get(use.technique) ?? new Set();
      counts.set(use.technique, drinks.add(drinkKey(recipe)));
    }
  }
  const onSale = glassSources(kit, prices).filter((s) => s.owned === 0);
  const served = recipes.map((r) => servedDrink(r, kinds));
  return {
    drinks: recipes.map((r) => r.id),
    cover: coverKit(recipes, kit, prices, catalogue),
    techniques: catalogue.techniques.map(({ id }) => ({
      id,
      needed: needed.get(id)?.size ?? 0,
      finishing: finishing.get(id)?.size ?? 0,
    })),
    sets: compareStarterSets(recipes, kit, prices, catalogue, kit.people),
    fewestTypes: fewestTypes(served, onSale, kit.attitude).map((s) => s.type),
  };
}

/**
 * A starter list for somebody who owns none: what the money covers most drinks with.
 *
 * @param usualKitchen whether they have what nearly every kitchen has; else only proper tools count.
 */
export function starterList(
  recipes: readonly Recipe[],
  prices: PriceList,
  catalogue: Catalogue,
  moneyMinor: number,
  usualKitchen: boolean,
): KitCover {
  const kitchen = usualKitchen ? catalogue.kitchen.filter((t) => t.usual).map((t) => t.id) : [];
  const theirs: Kit = {
    ...emptyKit(),
    said: true,
    attitude: usualKitchen ? 'home' : 'professional',
    kitchen,
    glasses: usualKitchen ? cupboardOf(catalogue) : [],
  };
  return coverKit(recipes, theirs, prices, catalogue, moneyMinor);
}

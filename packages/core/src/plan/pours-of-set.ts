import { amountMl } from '../base/amount.js';
import { kindAndAncestors, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import type { AnswerItem, PlanResult } from './answer.js';
import { ATTITUDE_MIN_MATCH, type Brief } from './brief.js';
import { winesForTheDay } from './offering.js';
import { pouredWith } from './poured-with.js';

/** ml that one drink takes of each item of a set. */
export type DrinkPours = Map<string, number>;

/** A set, the drinks that it makes, and what each of them takes of it. */
export interface SetPours {
  /** Items that something is poured from or could be. */
  items: AnswerItem[];
  menu: Recipe[];
  /** One for each drink of the menu. */
  pours: DrinkPours[];
}

/** One recipe for each drink that is open: of variants, the one that matches best. */
function menuOf(
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
 * What each open drink takes of a set's items, equal kinds and stand-ins counted, optional parts not.
 *
 * What is bought on the day is always there, and no item.
 */
export function poursOfSet(
  result: Pick<PlanResult, 'answer' | 'inUse' | 'items'>,
  catalogue: Pick<Catalogue, 'kinds' | 'standIns' | 'oneForTwo'>,
  recipes: ReadonlyMap<string, Recipe>,
  kinds: ReadonlyMap<string, Kind>,
  brief: Pick<Brief, 'attitude' | 'keepsWine'>,
): SetPours {
  const used = new Set(result.inUse);
  const items = result.items.filter((i) => used.has(i.id));
  const byKind = itemByKind(items, kinds);
  const have = new Set([...byKind.keys(), ...winesForTheDay(catalogue, brief)]);
  const minMatch = ATTITUDE_MIN_MATCH[brief.attitude];
  const menu = menuOf(result.answer.drinks, recipes);
  const pours = menu.map((recipe): DrinkPours => {
    const taken: DrinkPours = new Map();
    for (const { slot, kinds: poured, parts } of pouredWith(recipe, catalogue, have, minMatch)) {
      if (slot.optional) continue;
      poured.forEach((kind, i) => {
        const item = byKind.get(kind);
        const ml = (amountMl(slot.amount) ?? 0) * (parts[i] ?? 1);
        if (item && ml > 0) taken.set(item.id, (taken.get(item.id) ?? 0) + ml);
      });
    }
    return taken;
  });
  return { items, menu, pours };
}

import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { PriceList } from '../catalogue/price-list.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';
import { servedDrink } from '../glass/serves.js';
import { PlanSearch } from '../planner/plan-search.js';
import { planProblemSchema, type PlanProblem, type PlanProblemInput } from '../planner/problem.js';
import { kitOffers, kitSlots, type KitOffer } from './kit-offers.js';
import type { Kit } from './kit.js';

/** Which drinks the hands can make, and what to buy for the rest. */
export interface KitCover {
  /** Drinks (variants counted once) that can be made with what is there. */
  ready: string[];
  /** Drinks in all. */
  drinks: number;
  /** The cheapest tools and glasses that cover all that can be covered. */
  buy: (KitOffer & {
    /** Drinks that cannot be made without it, everything else being there. */
    closes: string[];
  })[];
  costMinor: number;
  /** Drinks that nothing on sale covers at this attitude. */
  beyond: string[];
}

/** A plan problem of tools and glasses alone: bottles are taken as given. */
function kitProblem(
  recipes: readonly Recipe[],
  kit: Kit,
  offers: readonly KitOffer[],
  catalogue: Catalogue,
): PlanProblem {
  const kinds = kindIndex(catalogue.kinds);
  return planProblemSchema.parse({
    format: 'uisce-plan-problem/1',
    budget: offers.reduce((sum, o) => sum + o.priceMinor, 0),
    items: offers.map((o) => ({ id: o.id, provides: o.provides, price: o.priceMinor, counted: false })),
    drinks: recipes.map((recipe) => ({
      id: recipe.id,
      slots: kitSlots(servedDrink(recipe, kinds), kit, offers, catalogue, kinds),
      group: drinkKey(recipe),
    })),
  } satisfies PlanProblemInput);
}

/**
 * The tools and glasses that make the most of these drinks for the money, exactly: greatest number
 * of drinks, then least money, then fewest things.
 *
 * @param recipes drinks whose bottles are taken as given.
 * @param budgetMinor money for tools and glasses; all that it takes when left out.
 * @example coverKit(recipes, kit, prices, catalogue).costMinor
 */
export function coverKit(
  recipes: readonly Recipe[],
  kit: Kit,
  prices: PriceList,
  catalogue: Catalogue,
  budgetMinor?: number,
): KitCover {
  const offers = kitOffers(kit, prices, catalogue);
  const problem = kitProblem(recipes, kit, offers, catalogue);
  const search = new PlanSearch(problem);
  const answer = search.solve(Math.min(budgetMinor ?? problem.budget, problem.budget));
  const open = (items: readonly string[]) =>
    new Set(search.prepared.answerOf(items).drinks.map((d) => groupOf(d.id)));
  const groups = new Map(problem.drinks.map((d) => [d.id, d.group ?? d.id]));
  const groupOf = (id: string) => groups.get(id) ?? id;
  const inAnswer = open(answer.items);
  const chosen = offers.filter((o) => answer.items.includes(o.id));
  return {
    ready: [...open([])],
    drinks: new Set(groups.values()).size,
    buy: chosen
      .map((offer) => {
        const without = open(answer.items.filter((id) => id !== offer.id));
        return { ...offer, closes: [...inAnswer].filter((d) => !without.has(d)) };
      })
      .sort((a, b) => b.closes.length - a.closes.length || a.priceMinor - b.priceMinor),
    costMinor: answer.spend,
    beyond: [...new Set(groups.values())].filter((d) => !inAnswer.has(d)),
  };
}

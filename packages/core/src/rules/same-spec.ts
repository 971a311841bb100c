import { amountMl } from '../base/amount.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';

/** Shares of two drinks that are no further apart than this are one drink. */
const WITHIN = 0.1;

/** What a drink is made of, and of what is measured the share. */
function sharesOf(recipe: Recipe): Map<string, number> {
  const slots = recipe.slots.filter((s) => !s.optional);
  const total = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
  const shares = new Map<string, number>();
  for (const { kind, or, amount } of slots) {
    const what = [kind, ...or].sort().join('/');
    shares.set(what, (shares.get(what) ?? 0) + (total === 0 ? 0 : (amountMl(amount) ?? 0) / total));
  }
  return shares;
}

/** What two drinks have to have alike before their shares are compared: what they are of, on ice or up, frozen or not. */
function substanceOf(recipe: Recipe): string {
  const served = recipe.method === 'blend' ? 'frozen' : recipe.ice === 'none' ? 'up' : 'on ice';
  return [served, ...[...sharesOf(recipe).keys()].sort()].join(', ');
}

/** Whether two drinks of one substance are one: no share is further apart than a tenth. */
function isOneDrink(a: Recipe, b: Recipe): boolean {
  const other = sharesOf(b);
  return [...sharesOf(a)].every(([what, share]) => Math.abs(share - (other.get(what) ?? 0)) <= WITHIN);
}

/** Drinks that are another drink under a second name, unless they are its variants. */
export function sameSpecFaults(catalogue: Catalogue): Fault[] {
  const before = new Map<string, Recipe[]>();
  return catalogue.recipes.flatMap((recipe, i) => {
    const substance = substanceOf(recipe);
    const alike = before.get(substance) ?? [];
    before.set(substance, [...alike, recipe]);
    const same = alike.find((other) => drinkKey(other) !== drinkKey(recipe) && isOneDrink(other, recipe));
    if (same === undefined) return [];
    return [
      {
        code: 'same-spec',
        pointer: `/recipes/${i}`,
        detail: `${recipe.id} is ${same.id} within a tenth (${substance}); make it another name of that drink under also, or a variant by a common group`,
      },
    ];
  });
}

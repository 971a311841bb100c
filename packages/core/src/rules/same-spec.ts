import { amountMl } from '../base/amount.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';

/** Shares of a drink are compared to the nearest twentieth. */
const SHARE_STEP = 0.05;

/**
 * A recipe's spec with everything but its substance taken out: which kinds, and their shares of
 * what is measured to the nearest twentieth. Two drinks with the same are one drink.
 */
export function normalisedSpec(recipe: Recipe): string {
  const slots = recipe.slots.filter((s) => !s.optional);
  const total = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
  return slots
    .map((s) => {
      const ml = amountMl(s.amount);
      const share = ml === undefined || total === 0 ? 0 : Math.round(ml / total / SHARE_STEP) * SHARE_STEP;
      const kind = [s.kind, ...s.or].sort().join('/');
      return ml === undefined ? `${kind} ${s.amount.measure}` : `${kind} ${share.toFixed(2)}`;
    })
    .sort()
    .join(', ');
}

/** Drinks that are another drink under a second name, unless they are its variants. */
export function sameSpecFaults(catalogue: Catalogue): Fault[] {
  const first = new Map<string, Recipe>();
  return catalogue.recipes.flatMap((recipe, i) => {
    const spec = `${recipe.ice === 'none' ? 'up' : 'ice'} ${normalisedSpec(recipe)}`;
    const other = first.get(spec);
    if (other === undefined) {
      first.set(spec, recipe);
      return [];
    }
    if (drinkKey(other) === drinkKey(recipe)) return [];
    return [
      {
        code: 'same-spec',
        pointer: `/recipes/${i}`,
        detail: `${recipe.id} has the same spec as ${other.id} (${spec}); make it another name of that drink under also, or a variant by a common group`,
      },
    ];
  });
}

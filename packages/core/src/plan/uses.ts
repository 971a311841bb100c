import { amountMl } from '../base/amount.js';
import type { Recipe } from '../catalogue/recipe.js';

/** What is poured of a kind. */
export interface Use {
  /** ml that an average drink takes, every drink as likely as any other. */
  mlPerDrink: number;
  /** The most that one drink takes. */
  mostMl: number;
}

/** Use by kind id; what is not named is not poured. */
export type Uses = Readonly<Record<string, Use>>;

/** Use by kind over drinks, each as ml by kind. */
export function meanUses(pours: readonly ReadonlyMap<string, number>[]): Record<string, Use> {
  const uses: Record<string, Use> = {};
  for (const drink of pours)
    for (const [kind, ml] of drink) {
      const use = (uses[kind] ??= { mlPerDrink: 0, mostMl: 0 });
      use.mlPerDrink += ml / pours.length;
      use.mostMl = Math.max(use.mostMl, ml);
    }
  return uses;
}

/** Use of every kind if all of these drinks were made as they are written, with whichever of its equal kinds. */
export function usesOfDrinks(recipes: readonly Recipe[]): Uses {
  return meanUses(
    recipes.map((recipe) => {
      const taken = new Map<string, number>();
      for (const slot of recipe.slots)
        if (!slot.optional)
          for (const kind of [slot.kind, ...slot.or])
            taken.set(kind, (taken.get(kind) ?? 0) + (amountMl(slot.amount) ?? 0));
      return taken;
    }),
  );
}

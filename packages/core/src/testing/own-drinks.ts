import type { Recipe } from '../catalogue/recipe.js';
import { testRecipe } from './trade.js';
import { OWN, type OwnDrink } from '../notebook/own-drink.js';

/** A recipe of these parts. */
export const specOf = (slots: [string, string][], more: object = {}): Recipe =>
  testRecipe(
    slots.map(([kind, amount]) => [kind, amount, 'base'] as [string, string, string]),
    more,
  );
/** A moment of a day in November. */
export const AT = (n: number) => `2026-11-${String(n).padStart(2, '0')}T20:00:00.000Z`;
/** A drink of the household’s own, of one version. */
export const ownDrink = (recipe: Recipe, more: Partial<OwnDrink> = {}): OwnDrink => ({
  id: `${OWN}x`,
  houseSpecOf: null,
  versions: [{ at: AT(1), why: '', recipe }],
  current: 0,
  chosen: [],
  from: '',
  tags: [],
  notes: '',
  ...more,
});

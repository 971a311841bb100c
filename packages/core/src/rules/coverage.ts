import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { drinkKey, type Recipe } from '../catalogue/recipe.js';

/** The branches of the tree people look drinks up by (common practice). */
export const BASES = [
  'gin',
  'vodka',
  'rum',
  'cachaca',
  'tequila',
  'mezcal',
  'whiskey',
  'brandy',
  'absinthe',
] as const;

/** Which bases a drink is built on; empty for drinks on wine, liqueur or nothing. */
export function basesOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string[] {
  const line = recipe.slots
    .filter((s) => s.role === 'base' && !s.optional)
    .flatMap((s) => [s.kind, ...s.or].flatMap((id) => (kinds.has(id) ? kindAndAncestors(id, kinds) : [])));
  return BASES.filter((base) => line.includes(base));
}

/** How many drinks (variants once) the catalogue has, and of what. */
export interface Coverage {
  recipes: number;
  drinks: number;
  withoutAlcohol: number;
  kinds: number;
  standIns: number;
  perFamily: [family: string, drinks: number][];
  perBase: [base: string, drinks: number][];
  perKind: [kind: string, drinks: number][];
}

function tally(pairs: readonly (readonly [name: string, drink: string])[]): [string, number][] {
  const sets = new Map<string, Set<string>>();
  for (const [name, drink] of pairs) sets.set(name, (sets.get(name) ?? new Set()).add(drink));
  return [...sets]
    .map(([name, set]): [string, number] => [name, set.size])
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1));
}

/** Count the catalogue: a group of variants is one drink. */
export function coverage(catalogue: Catalogue): Coverage {
  const kinds = kindIndex(catalogue.kinds);
  const { recipes } = catalogue;
  return {
    recipes: recipes.length,
    drinks: new Set(recipes.map(drinkKey)).size,
    withoutAlcohol: new Set(recipes.filter((r) => r.family === 'no-alcohol').map(drinkKey)).size,
    kinds: catalogue.kinds.length,
    standIns: catalogue.standIns.length,
    perFamily: tally(recipes.map((r) => [r.family, drinkKey(r)] as const)),
    perBase: tally(recipes.flatMap((r) => basesOf(r, kinds).map((base) => [base, drinkKey(r)] as const))),
    perKind: tally(
      recipes.flatMap((r) => r.slots.flatMap((s) => [s.kind, ...s.or].map((k) => [k, drinkKey(r)] as const))),
    ),
  };
}

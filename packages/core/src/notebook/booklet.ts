import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Family, Recipe } from '../catalogue/recipe.js';

/** A booklet before it is set: drinks by family, and where each ingredient is found. */
export interface Booklet {
  /** In the order of the families; drinks by name. */
  chapters: { family: Family; title: string; recipes: Recipe[] }[];
  /** Ingredients by name, each with the drinks that are made with it, by name. */
  index: { kind: string; name: string; recipes: Recipe[] }[];
}

const alphabet = new Intl.Collator('en');
const byName = <T extends { name: string }>(of: readonly T[]) =>
  [...of].sort((a, b) => alphabet.compare(a.name, b.name));

/**
 * Drinks set out as a booklet: contents by family, index by ingredient. Each drink stands in one chapter, and in the index
 * under each of its kinds once.
 */
export function bookletOf(
  recipes: readonly Recipe[],
  catalogue: Pick<Catalogue, 'families' | 'kinds'>,
): Booklet {
  const kinds = kindIndex(catalogue.kinds);
  const users = new Map<string, Set<Recipe>>();
  for (const recipe of recipes)
    for (const { kind, or } of recipe.slots)
      for (const id of [kind, ...or]) users.set(id, (users.get(id) ?? new Set()).add(recipe));
  return {
    chapters: catalogue.families
      .map(({ id, name }) => ({
        family: id,
        title: name,
        recipes: byName(recipes.filter((r) => r.family === id)),
      }))
      .filter((chapter) => chapter.recipes.length > 0),
    index: byName(
      [...users].map(([kind, of]) => ({
        kind,
        name: kinds.get(kind)?.name ?? kind,
        recipes: byName([...of]),
      })),
    ),
  };
}

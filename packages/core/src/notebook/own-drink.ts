import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindSchema, type Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { pouredDrinkSchema } from '../pouring/poured-drink.js';

/** One state of a drink of one's own, and why it came to be. */
export const versionSchema = z.strictObject({
  at: z.iso.datetime(),
  why: z.string().trim().max(300),
  recipe: pouredDrinkSchema,
});
export type Version = z.infer<typeof versionSchema>;

/** A drink of the household's own, or its own spec of a shipped one, with all it has been. */
export const ownDrinkSchema = z.strictObject({
  id: idSchema,
  /** The shipped drink whose spec this takes the place of; null for a drink of one's own. */
  houseSpecOf: idSchema.nullable(),
  versions: z.array(versionSchema).min(1).max(100),
  /** The version that is poured, by place. */
  current: z.int().min(0).max(99),
  /** Where it comes from, in the household's words: a title, a page, a friend. */
  from: z.string().trim().max(200),
  tags: z.array(z.string().trim().min(1).max(40)).max(20),
  notes: z.string().max(2000),
});
export type OwnDrink = z.infer<typeof ownDrinkSchema>;

/** A kind that the catalogue lacks. */
export const ownKindSchema = kindSchema;

/** Begins the ids of what is the household's own, so that no release ever takes them. */
export const OWN = 'own-';

/** The recipe that is poured of a drink of one's own; a house spec under the id of the drink it stands for. */
export function recipeOfOwn({ id, houseSpecOf, versions, current }: OwnDrink): Recipe | undefined {
  const recipe = versions[current]?.recipe;
  return recipe && { ...recipe, id: houseSpecOf ?? id };
}

/**
 * The library with the household's own beside it: own kinds, own drinks, and house specs in place of what they stand
 * for. Everything that plans, pours or searches is given this.
 */
export function withOwn(catalogue: Catalogue, drinks: readonly OwnDrink[], ownKinds: readonly Kind[]): Catalogue {
  if (drinks.length === 0 && ownKinds.length === 0) return catalogue;
  const house = new Map(drinks.flatMap((d) => (d.houseSpecOf ? [[d.houseSpecOf, recipeOfOwn(d)] as const] : [])));
  const own = drinks.flatMap((d) => (d.houseSpecOf === null ? (recipeOfOwn(d) ?? []) : []));
  return {
    ...catalogue,
    kinds: [...catalogue.kinds, ...ownKinds],
    recipes: [...catalogue.recipes.map((r) => house.get(r.id) ?? r), ...own],
  };
} // prettier-ignore

/** A drink with another version after all it has been, and that one poured from now on. */
export function withVersion(drink: OwnDrink, version: Version): OwnDrink {
  const versions = [...drink.versions, version];
  return { ...drink, versions, current: versions.length - 1 };
}

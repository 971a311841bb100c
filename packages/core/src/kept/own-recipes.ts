import type { Fault } from '../base/fault.js';
import type { HomeMade } from '../catalogue/home-made.js';
import { ownRecipesSchema } from '../bench/own-recipes.js';
import { describeKept, type World } from './descriptor.js';
import { withActs } from './acts-before.js';
import { withThingsSplit } from './split-things.js';

/** The household's own ways of making syrups and the like. */
export const keptOwnRecipes = describeKept({
  name: 'own-recipes',
  path: 'home-made',
  schema: ownRecipesSchema,
  empty: (): HomeMade[] => [],
  noun: 'own recipes',
  stated: true,
  upgrade: (stored) => (Array.isArray(stored) ? stored.map((r) => withThingsSplit(withActs(r))) : stored),
  faults: (recipes, world) => [...unknownParts(recipes, world), ...stillInUse(recipes, world)],
});

/** Batches that have no copy of the recipe they were made by need it here. */
function stillInUse(recipes: readonly HomeMade[], { catalogue, batches }: World): Fault[] {
  const there = new Set([...catalogue.homeMade, ...recipes].map((r) => r.id));
  const orphans = batches.filter((b) => b.recipe === undefined && !there.has(b.recipeId));
  return [...new Set(orphans.map((b) => b.recipeId))].map((id) => ({
    code: 'in-use',
    pointer: '',
    detail: `batches were made by ${id}; give them a copy of it in the same change`,
  }));
}

/** What own recipes name that we do not know, or call by a name that is taken. */
function unknownParts(recipes: readonly HomeMade[], { catalogue }: World): Fault[] {
  const kinds = new Set(catalogue.kinds.map((k) => k.id));
  const pantry = new Set(catalogue.pantry.map((p) => p.id));
  const taken = new Set(catalogue.homeMade.map((h) => h.id));
  return recipes.flatMap((recipe, i): Fault[] => [
    ...(taken.has(recipe.id)
      ? [
          {
            code: 'twice' as const,
            pointer: `/${i}/id`,
            detail: 'a recipe of that id is shipped; give yours another',
          },
        ]
      : []),
    ...(kinds.has(recipe.makes)
      ? []
      : [{ code: 'unknown' as const, pointer: `/${i}/makes`, detail: 'not a kind we know' }]),
    ...recipe.from.flatMap((part, p): Fault[] => {
      const known = part.kind === undefined ? pantry.has(part.pantry ?? '') : kinds.has(part.kind);
      return known
        ? []
        : [
            {
              code: 'unknown',
              pointer: `/${i}/from/${p}`,
              detail: 'neither a kind nor a pantry thing we know',
            },
          ];
    }),
  ]);
}

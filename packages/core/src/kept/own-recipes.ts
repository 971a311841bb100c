import type { Fault } from '../base/fault.js';
import type { HomeMade } from '../catalogue/home-made.js';
import { ownRecipesSchema } from '../making/own-recipes.js';
import { describeKept, type World } from './descriptor.js';

/** The household's own ways of making syrups and the like. */
export const keptOwnRecipes = describeKept({
  name: 'own-recipes',
  path: 'home-made',
  schema: ownRecipesSchema,
  empty: (): HomeMade[] => [],
  noun: 'own recipes',
  faults: unknownParts,
});

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

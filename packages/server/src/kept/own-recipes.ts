import { Router } from 'express';
import type { DataSource } from 'typeorm';
import type { Catalogue, HomeMade } from '@uisce/core/catalogue';
import { ownRecipesWriteSchema } from '@uisce/core/making';
import type { Changes } from './changes.js';
import { jsonBody, SMALL_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { OwnRecipesEntity } from '../storage/entities.js';

/** The household's own ways of making things. */
export class OwnRecipes {
  constructor(
    private readonly source: DataSource,
    private readonly changes: Changes,
  ) {}

  async list(): Promise<HomeMade[]> {
    return (await this.source.getRepository(OwnRecipesEntity).findOneBy({ id: 'household' }))?.value ?? [];
  }

  async keep(recipes: HomeMade[], change: string): Promise<void> {
    const after = { id: 'household', value: recipes } as { id: string };
    await this.changes.apply({ label: change, target: 'own-recipes', targetId: 'household', after });
  }
}

/** What own recipes name that we do not know, or call by a name that is taken. */
function faultsOf(recipes: readonly HomeMade[], catalogue: Catalogue): { pointer: string; detail: string }[] {
  const kinds = new Set(catalogue.kinds.map((k) => k.id));
  const pantry = new Set(catalogue.pantry.map((p) => p.id));
  const taken = new Set(catalogue.homeMade.map((h) => h.id));
  return recipes.flatMap((recipe, i) => [
    ...(taken.has(recipe.id)
      ? [{ pointer: `/recipes/${i}/id`, detail: 'a recipe of that id is shipped; give yours another' }]
      : []),
    ...(kinds.has(recipe.makes) ? [] : [{ pointer: `/recipes/${i}/makes`, detail: 'not a kind we know' }]),
    ...recipe.from.flatMap((part, p) => {
      const known = part.kind === undefined ? pantry.has(part.pantry ?? '') : kinds.has(part.kind);
      return known
        ? []
        : [{ pointer: `/recipes/${i}/from/${p}`, detail: 'neither a kind nor a pantry thing we know' }];
    }),
  ]);
}

/** Own recipes: read the list, keep it. */
export function ownRecipeRoutes(own: OwnRecipes, catalogue: Catalogue): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await own.list());
  });
  router.put('/', jsonBody(SMALL_BODY), async (req, res) => {
    const { recipes, change } = validated(ownRecipesWriteSchema, req.body);
    const faults = faultsOf(recipes, catalogue);
    if (faults.length > 0) throw new HttpProblem(400, 'a recipe names what we do not know', faults);
    await own.keep(recipes, change);
    res.json(recipes);
  });
  return router;
}

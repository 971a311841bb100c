import { Router } from 'express';
import type { DataSource } from 'typeorm';
import type { Catalogue, HomeMade } from '@uisce/core/catalogue';
import { batchWriteSchema, type BatchRecord } from '@uisce/core/making';
import type { Changes } from './changes.js';
import { jsonBody, SMALL_BODY, validated } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { BatchEntity } from '../storage/entities.js';
import type { OwnRecipes } from './own-recipes.js';

/** What does not hold together in a batch, by where it stands. */
function faultsOf(batch: BatchRecord, homeMade: readonly HomeMade[]): { pointer: string; detail: string }[] {
  const recipe = homeMade.find((h) => h.id === batch.recipeId);
  if (recipe === undefined)
    return [{ pointer: '/batch/recipeId', detail: 'not something we know how to make' }];
  const parts = recipe.from.length;
  return (['plannedG', 'inG'] as const).flatMap((list) =>
    batch[list].length === parts
      ? []
      : [{ pointer: `/batch/${list}`, detail: `${recipe.id} has ${parts} parts, and so must this list` }],
  );
}

/** Batches: list them, keep one, throw one away. */
export function batchRoutes(
  source: DataSource,
  changes: Changes,
  catalogue: Catalogue,
  own: OwnRecipes,
): Router {
  const router = Router();
  const table = source.getRepository(BatchEntity);

  router.get('/', async (_req, res) => {
    const rows = await table.find();
    res.json(rows.map((r) => r.value).sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1)));
  });
  router.put('/:id', jsonBody(SMALL_BODY), async (req, res) => {
    const { batch, change } = validated(batchWriteSchema, req.body);
    const faults = [
      ...(batch.id === req.params.id
        ? []
        : [{ pointer: '/batch/id', detail: 'not the batch of this address' }]),
      ...faultsOf(batch, [...catalogue.homeMade, ...(await own.list())]),
    ];
    if (faults.length > 0) throw new HttpProblem(400, 'the batch does not hold together', faults);
    const after = { id: batch.id, value: batch } as { id: string };
    await changes.apply({ label: change, target: 'batch', targetId: batch.id, after });
    res.json(batch);
  });
  router.delete('/:id', async (req, res) => {
    const row = await table.findOneBy({ id: req.params.id });
    if (row === null) throw new HttpProblem(404, 'there is no such batch; it may have been thrown away');
    await changes.apply({ label: 'Threw a batch away', target: 'batch', targetId: row.id, after: null });
    res.status(204).end();
  });
  return router;
}

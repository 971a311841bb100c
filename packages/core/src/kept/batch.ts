import type { Fault } from '../base/fault.js';
import { batchRecordSchema, recipeOfBatch } from '../making/batch-record.js';
import { describeKept } from './descriptor.js';

/** Batches of syrup, on the bench and on the shelf. */
export const keptBatch = describeKept({
  name: 'batch',
  path: 'batches',
  schema: batchRecordSchema,
  idOf: (batch) => batch.id,
  noun: 'batch',
  title: (batch) => `the batch of ${batch.startedAt.slice(0, 10)}`,
  faults: (batch, { homeMade }): Fault[] => {
    const recipe = recipeOfBatch(batch, homeMade);
    if (recipe === undefined)
      return [{ code: 'unknown', pointer: '/recipeId', detail: 'not something we know how to make' }];
    const parts = recipe.from.length;
    const { madeOn, useBy } = batch;
    const backwards: Fault[] =
      madeOn !== null && useBy !== null && useBy < madeOn
        ? [
            {
              code: 'mismatch',
              pointer: '/useBy',
              detail: `to be used by ${useBy}, before it was made on ${madeOn}`,
            },
          ]
        : [];
    const lists = (['plannedG', 'inG'] as const).flatMap((list): Fault[] =>
      batch[list].length === parts
        ? []
        : [
            {
              code: 'mismatch',
              pointer: `/${list}`,
              detail: `${recipe.id} has ${parts} parts, and so must this list`,
            },
          ],
    );
    return [...backwards, ...lists];
  },
});

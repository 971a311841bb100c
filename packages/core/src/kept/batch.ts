import { addDays } from '../base/days.js';
import type { Fault } from '../base/fault.js';
import { mergeFields } from '../base/merge.js';
import { batchRecordSchema, recipeOfBatch } from '../bench/batch-record.js';
import { batchWithActs } from './acts-before.js';
import { describeKept } from './descriptor.js';

/** Batches of syrup, on the bench and on the shelf. */
export const keptBatch = describeKept({
  name: 'batch',
  path: 'batches',
  schema: batchRecordSchema,
  idOf: (batch) => batch.id,
  noun: 'batch',
  merge: (base, mine, theirs, isTold) => mergeFields(base, mine, theirs, isTold ? [] : ['remainingMl']),
  upgrade: (stored) => batchWithActs(thawedBefore(stored)),
  title: ({ madeOn }) => (madeOn === null ? 'the batch under way' : `the batch of ${madeOn}`),
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
    const sieved = batch.strained.flatMap(({ inG }, i): Fault[] =>
      inG.length === parts
        ? []
        : [
            {
              code: 'mismatch',
              pointer: `/strained/${i}/inG`,
              detail: `${recipe.id} has ${parts} parts, and so must this list`,
            },
          ],
    );
    return [...backwards, ...lists, ...sieved];
  },
});

/**
 * Until thawing was written down, what came out of the freezer was given a week from that day, however old it was. A
 * batch that is dated later than its recipe keeps has been through it: it has its first life, and is not frozen again.
 */
function thawedBefore(stored: unknown): unknown {
  const batch = stored as {
    frozen?: unknown;
    thawed?: unknown;
    madeOn?: unknown;
    useBy?: unknown;
    recipe?: { keepsDays?: unknown };
  } | null;
  const { madeOn, useBy, recipe } = batch ?? {};
  if (batch?.thawed !== undefined || batch?.frozen !== false) return stored;
  if (typeof madeOn !== 'string' || typeof useBy !== 'string' || typeof recipe?.keepsDays !== 'number')
    return stored;
  const last = addDays(madeOn, recipe.keepsDays);
  return useBy <= last ? stored : { ...batch, thawed: true, useBy: last };
}

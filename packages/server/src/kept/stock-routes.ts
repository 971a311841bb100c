import { formatISO } from 'date-fns';
import { z } from 'zod';
import { kindIndex, type Catalogue } from '@uisce/core/catalogue';
import { keptBatch, keptBottle, type World } from '@uisce/core/kept';
import { recipeOfBatch } from '@uisce/core/bench';
import { atHand, StockReader, type OwnBatch } from '@uisce/core/stock';
import type { Api } from '../http/api.js';
import type { KeptStore } from './store.js';

const MAX_LETTERS = 10_000;

const atHandSchema = z.object({
  kind: z.string(),
  ml: z.number(),
  unmeasured: z.boolean(),
  sealed: z.boolean(),
  until: z.string().optional(),
  bottleIds: z.array(z.string()),
});
const lineSchema = z.object({
  text: z.string(),
  kind: z.string().optional(),
  near: z.array(z.string()),
  confidence: z.number(),
  left: z
    .union([z.object({ share: z.number() }), z.object({ ml: z.number() }), z.object({ pieces: z.number() })])
    .optional(),
  sizeMl: z.number().optional(),
  openedOn: z.string().optional(),
  opened: z.boolean(),
});

/** What is in the house, and stock-taking in words. */
export function stockRoutes(api: Api, store: KeptStore, world: World, catalogue: Catalogue): void {
  const kinds = kindIndex(catalogue.kinds);
  const reader = new StockReader(catalogue.kinds);
  const today = () => formatISO(new Date(), { representation: 'date' });
  const batches = (): OwnBatch[] =>
    store.list(keptBatch).flatMap(({ value: batch }) => {
      const makes = recipeOfBatch(batch, world.homeMade)?.makes;
      return makes === undefined || batch.madeOn === null
        ? []
        : [{ kind: makes, leftMl: batch.remainingMl, until: batch.useBy }];
    });
  api
    .on(
      {
        method: 'get',
        path: '/stock/at-hand',
        summary:
          'What can be poured from: kinds, ml, the day some of it turns, and the bottles in their order',
        answer: z.array(atHandSchema),
      },
      (_req, res) => {
        const bottles = store.list(keptBottle).map((entry) => entry.value);
        res.json([...atHand(bottles, batches(), kinds, today()).values()]);
      },
    )
    .on(
      {
        method: 'post',
        path: '/stock/read',
        summary: 'Stock-taking in words: each thing with its kind, what is left of it and how sure that is',
        body: z.strictObject({ text: z.string().max(MAX_LETTERS) }),
        answer: z.array(lineSchema),
        problems: ['invalid'],
      },
      (_req, res, { text }) => res.json(reader.read(text, today())),
    );
}

import { z } from 'zod';
import { writesMonthFirst } from '@uisce/core/base';
import { keptBottle, keptSettings, ONLY_ID } from '@uisce/core/kept';
import { isThere, StockReader } from '@uisce/core/stock';
import type { Api } from '../http/api.js';
import { houseMoment } from './house-clock.js';
import { houseNow } from './house-now.js';
import type { Library } from './library.js';
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
    .union([
      z.object({ share: z.number() }),
      z.object({ ml: z.number() }),
      z.object({ g: z.number() }),
      z.object({ pieces: z.number() }),
      z.object({ bunches: z.number() }),
    ])
    .optional(),
  bottleId: z.string().optional(),
  sizeMl: z.number().optional(),
  count: z.number().optional(),
  abv: z.number().optional(),
  openedOn: z.string().optional(),
  opened: z.boolean(),
  boughtOn: z.string().optional(),
  wrongDay: z.string().optional(),
});

/** What is in the house, and stock-taking in words: by the household's own library. */
export function stockRoutes(api: Api, store: KeptStore, library: Library): void {
  /** By the library and what stands in the house now. */
  const readerNow = () =>
    new StockReader(library.catalogue.kinds, {
      standing: store
        .list(keptBottle)
        .map((entry) => entry.value)
        .filter(isThere),
      monthFirst: writesMonthFirst(store.get(keptSettings, ONLY_ID)?.value.locale ?? 'en-GB'),
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
      (_req, res) => res.json([...houseNow(store, library).there.values()]),
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
      (_req, res, { text }) => res.json(readerNow().read(text, houseMoment(store).day)),
    );
}

import { z } from 'zod';
import type { Kind } from '@uisce/core/catalogue';
import { StockReader } from '@uisce/core/stock';
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
    .union([z.object({ share: z.number() }), z.object({ ml: z.number() }), z.object({ pieces: z.number() })])
    .optional(),
  sizeMl: z.number().optional(),
  openedOn: z.string().optional(),
  opened: z.boolean(),
});

/** What is in the house, and stock-taking in words: by the household's own library. */
export function stockRoutes(api: Api, store: KeptStore, library: Library): void {
  let reader: { kinds: readonly Kind[]; of: StockReader } | undefined;
  /** Made anew only when a kind came or went. */
  const readerNow = () => {
    const { kinds } = library.catalogue;
    if (reader?.kinds !== kinds) reader = { kinds, of: new StockReader(kinds) };
    return reader.of;
  };
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

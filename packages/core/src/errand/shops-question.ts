import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { priceListSchema } from '../catalogue/price-list.js';
import { kitSchema } from '../kit/kit.js';
import { briefSchema } from '../plan/brief.js';
import { tripSchema } from './trips.js';

/** Most shops of one errand: 31 sets of them. */
const MAX_SHOPS = 5;

/** A brief and the shops that it may be bought at, as it is asked over the API. */
export const shopsQuestionSchema = z
  .strictObject({
    brief: briefSchema,
    /** Kinds that are there to pour from. */
    ownedKinds: z.array(idSchema).max(500).default([]),
    kit: kitSchema.optional(),
    lists: z.array(priceListSchema).min(1).max(MAX_SHOPS),
    trips: z.array(tripSchema).max(MAX_SHOPS).default([]),
    /** What an hour is worth, minor units. */
    hourMinor: z.int().min(0).max(10_000_000).default(0),
  })
  .superRefine(({ brief, lists }, context) => {
    lists.forEach(({ id, currency }, i) => {
      if (currency !== brief.currency)
        context.addIssue({
          code: 'custom',
          path: ['lists', i, 'currency'],
          message: `the brief is in ${brief.currency}, the shop in ${currency}`,
        });
      if (lists.findIndex((l) => l.id === id) !== i)
        context.addIssue({ code: 'custom', path: ['lists', i, 'id'], message: `"${id}" is there twice` });
    });
  });
export type ShopsQuestion = z.infer<typeof shopsQuestionSchema>;

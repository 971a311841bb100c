import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** What somebody thought of a drink, whether or not it was poured here: a verdict, words, or both. */
export const tastingSchema = z
  .strictObject({
    id: z.uuid(),
    drink: idSchema,
    /** The version that was tasted, by when it was written; null where the drink has none. */
    version: z.iso.datetime().nullable(),
    at: z.iso.datetime(),
    /** Whose it is; empty where nobody said. */
    by: z.string().trim().max(60),
    /** 0 to 5. */
    verdict: z.int().min(0).max(5).nullable(),
    note: z.string().trim().max(2000, 'at most 2000 letters fit'),
  })
  .refine((t) => t.verdict !== null || t.note !== '', { message: 'a verdict or a note', path: ['note'] });
export type Tasting = z.infer<typeof tastingSchema>;

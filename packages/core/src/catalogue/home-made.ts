import { z } from 'zod';
import { idSchema } from './kind.js';

/** One thing a batch is made from: a kind of the catalogue or something from the pantry. */
const partSchema = z
  .strictObject({
    kind: idSchema.optional(),
    pantry: z.string().min(1).optional(),
    /** Grams for the batch as written. */
    g: z.number().positive().max(5000),
  })
  .refine((part) => (part.kind === undefined) !== (part.pantry === undefined), {
    message: 'a part is either a kind or a pantry thing',
  });

/** A kind that can be made at home, from what, and how long it keeps. */
export const homeMadeSchema = z.strictObject({
  makes: idSchema,
  /** The way it is made, where there is more than one: "cold", "from nuts". */
  way: z.string().min(1).optional(),
  from: z.array(partSchema).min(1),
  how: z.string().min(10).max(400),
  keepsDays: z.int().positive().max(400),
  caution: z.string().optional(),
});
export type HomeMade = z.infer<typeof homeMadeSchema>;

import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** A line in a cup: the volume up to it, and how wide the cup is there. */
const cupLineSchema = z.strictObject({
  ml: z.number().positive().max(5000),
  diameterMm: z.number().min(3).max(400),
});

/** One cup of a measure, its lines rising; the last one is the brim. */
export const cupSchema = z.strictObject({
  name: z.string().min(1).max(40),
  lines: z
    .array(cupLineSchema)
    .min(1)
    .max(30)
    .refine((lines) => lines.every((l, i) => i === 0 || l.ml > (lines[i - 1]?.ml ?? 0)), {
      message: 'lines must rise from the bottom up',
    }),
});
export type Cup = z.infer<typeof cupSchema>;

/** A measure on sale. */
export const jiggerSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  /** Spoons rather than a jigger: in nearly every kitchen. */
  spoons: z.boolean().default(false),
  cups: z.array(cupSchema).min(1),
});
export type Jigger = z.infer<typeof jiggerSchema>;

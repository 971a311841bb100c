import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { SPOUTS } from './spout.js';

const ml = z.number().min(0).max(2000);

/** One pour by count, kept: what was meant, and what it came to. */
export const trialSchema = z.strictObject({
  id: z.uuid(),
  at: z.iso.datetime(),
  /** Whose; empty where nobody is named. */
  by: z.string().trim().max(60),
  targetMl: ml.refine((v) => v > 0, 'something is aimed at'),
  pouredMl: ml,
  /** What was poured; null for water on the scale. */
  kind: idSchema.nullable(),
  spout: z.enum(SPOUTS),
  /** Whether it was drawn on screen, or poured on the scale. */
  way: z.enum(['drawn', 'scale']),
});
export type Trial = z.infer<typeof trialSchema>;

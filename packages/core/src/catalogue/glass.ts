import { z } from 'zod';
import { idSchema } from './kind.js';

/** A glass type and how much such glasses usually hold, in ml to the brim. */
export const glassSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  minMl: z.int().positive(),
  maxMl: z.int().positive(),
});
export type Glass = z.infer<typeof glassSchema>;

import { z } from 'zod';
import { briefSchema } from './brief.js';

export const planNameSchema = z
  .string()
  .trim()
  .min(1, 'a plan needs a name')
  .max(60, 'a name of at most 60 letters fits the list');

/** A plan as stored. */
export const planSchema = z.strictObject({
  id: z.uuid(),
  name: planNameSchema,
  brief: briefSchema,
  createdAt: z.iso.datetime(),
});
export type Plan = z.infer<typeof planSchema>;

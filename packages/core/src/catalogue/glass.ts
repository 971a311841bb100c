import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/**
 * A glass type: how much such glasses usually hold, in ml to the brim, and the inside of a usual
 * one as half an outline, from the bottom up, for drawing it and finding its fill line.
 */
export const glassSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  /** The name keeps its capital within a sentence. */
  proper: z.boolean().optional(),
  also: z.array(z.string().min(1)).default([]),
  minMl: z.int().positive(),
  maxMl: z.int().positive(),
  /** What it is for, in a few words. */
  serves: z.string().min(1).default('anything'),
  /** What a kitchen has instead. */
  standIn: z.string().optional(),
  /** Height above the inside's bottom and inner radius there, in mm, rising. */
  inside: z
    .array(z.tuple([z.number().min(0).max(300), z.number().min(0).max(100)]))
    .min(2)
    .refine((points) => points.every((p, i) => i === 0 || p[0] > (points[i - 1]?.[0] ?? 0)), {
      message: 'heights must rise from the bottom up',
    }),
  /** Height of stem or thick foot under the inside, in mm. */
  footMm: z.number().min(0).max(150),
  stem: z.boolean().default(false),
  handle: z.boolean().default(false),
  caution: z.string().optional(),
});
export type Glass = z.infer<typeof glassSchema>;

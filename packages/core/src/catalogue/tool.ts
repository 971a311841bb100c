import { z } from 'zod';
import { idSchema } from './kind.js';

/** A way of working that a drink needs. */
export const techniqueSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  /** How it is done and when, in a sentence. */
  how: z.string().min(10),
  caution: z.string().optional(),
});
export type Technique = z.infer<typeof techniqueSchema>;

export const TOOL_TIERS = ['essential', 'alternative', 'nice', 'specialist'] as const;

/** A tool, what it is for, and what the kitchen has instead. */
export const toolSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  also: z.array(z.string().min(1)).default([]),
  techniques: z.array(idSchema).min(1),
  tier: z.enum(TOOL_TIERS),
  /** Kitchen things that do the same work. */
  standIns: z.array(z.string().min(1)).default([]),
  /** What it holds, where that matters; one entry a part. */
  capacitiesMl: z.array(z.number().positive()).default([]),
  note: z.string().min(1).optional(),
  caution: z.string().optional(),
});
export type Tool = z.infer<typeof toolSchema>;

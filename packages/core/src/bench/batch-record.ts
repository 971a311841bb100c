import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { homeMadeSchema, type HomeMade } from '../catalogue/home-made.js';

const grams = z.number().min(0).max(50_000);

/** One straining: what came through, and the grams of each part that had gone in by then. */
const strainingSchema = z.strictObject({ throughG: grams, inG: z.array(grams).min(1).max(20) });

/** A batch on the bench or on the shelf, as stored: enough to go on with it after a restart. */
export const batchRecordSchema = z.strictObject({
  id: z.uuid(),
  /** The home-made recipe. */
  recipeId: idSchema,
  /** The recipe as it was when the batch was begun: a way that is given up later leaves its batches readable. */
  recipe: homeMadeSchema.optional(),
  /** Grams of each part as planned, and as weighed so far. */
  plannedG: z.array(grams).min(1).max(20),
  inG: z.array(grams).min(1).max(20),
  /** What the empty jar weighs, where it is known; whether the scale is tared before each part. */
  jarG: grams,
  tared: z.boolean(),
  /** What the jar or bottle holds. */
  bottleMl: z.number().min(10).max(20_000),
  /** Acts beside adding that are done, by number; and when the running one began. */
  actsDone: z.int().min(0).max(25),
  actStartedAt: z.iso.datetime().nullable(),
  /** What came through at each straining, grams, and what had gone in by then. */
  strained: z.array(strainingSchema).max(20).default([]),
  /** Water given back after heating. */
  toppedUpG: grams,
  startedAt: z.iso.datetime(),
  /** ISO day it was bottled; null while it is on the bench. */
  madeOn: z.iso.date().nullable(),
  useBy: z.iso.date().nullable(),
  frozen: z.boolean(),
  /** Days of its life that it had left when it was frozen; null where it is not, or nobody wrote it down. */
  leftDays: z.int().min(0).max(3650).nullable().default(null),
  /** Whether it was frozen once and thawed: it is not frozen again. */
  thawed: z.boolean().default(false),
  /** What it really filled, and read on the refractometer; null when nobody looked. */
  yieldMl: z.number().min(0).max(20_000).nullable(),
  measuredBrix: z.number().min(0).max(90).nullable(),
  remainingMl: z.number().min(0).max(20_000),
  notes: z.string().max(2000),
});
export type BatchRecord = z.infer<typeof batchRecordSchema>;

/** The recipe of a batch: its own copy, or for one begun before batches kept any, the one of that name. */
export function recipeOfBatch(
  { recipe, recipeId }: Pick<BatchRecord, 'recipe' | 'recipeId'>,
  homeMade: readonly HomeMade[],
): HomeMade | undefined {
  return recipe ?? homeMade.find((h) => h.id === recipeId);
}

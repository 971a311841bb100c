import { z } from 'zod';
import { briefSchema } from './brief.js';

export const planNameSchema = z
  .string()
  .trim()
  .min(1, 'a plan needs a name')
  .max(60, 'a name of at most 60 letters fits the list');

/** What a client sends to make or change a plan, with words for the undo list. */
export const planWriteSchema = z.strictObject({
  name: planNameSchema,
  brief: briefSchema,
  /** What changed, for the undo list: "Money now". */
  change: z.string().trim().min(1).max(120),
});
export type PlanWrite = z.infer<typeof planWriteSchema>;

/** A plan as stored. */
export const planSchema = z.strictObject({
  id: z.uuid(),
  name: planNameSchema,
  brief: briefSchema,
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
});
export type Plan = z.infer<typeof planSchema>;

/** What undo and redo would do next; null when there is nothing. */
export const historyStateSchema = z.strictObject({
  undo: z.string().nullable(),
  redo: z.string().nullable(),
});
export type HistoryState = z.infer<typeof historyStateSchema>;

import { z } from 'zod';
import { faultSchema } from '../base/problem-details.js';

const words = z.string().trim().min(1).max(120);

/** What a page sends to keep one thing: the value, and words for the undo list. */
export const keptWriteSchema = z.strictObject({ value: z.unknown(), change: words });

/** The version a page last saw of a thing; null when it makes a new one. */
const version = z.int().positive().nullable();

/** Several things in one change: undone as one. A value of null removes. */
export const changeSchema = z.strictObject({
  /** Its own id, so that sending it twice does it once. */
  id: z.uuid(),
  change: words,
  writes: z
    .array(
      z.strictObject({
        thing: z.string().max(40),
        id: z.string().min(1).max(80),
        value: z.unknown(),
        version,
      }),
    )
    .min(1)
    .max(500),
});
export type ChangeWrite = z.infer<typeof changeSchema>;

/** A thing as it is stored now; a value of null is gone. */
export const keptEntrySchema = z.object({
  thing: z.string(),
  id: z.string(),
  version: z.int().nullable(),
  value: z.unknown(),
  /** Who wrote it last, with which words, and when. */
  by: z.string().optional(),
  change: z.string().optional(),
  at: z.string().optional(),
});
export type KeptEntry<T = unknown> = Omit<z.infer<typeof keptEntrySchema>, 'value'> & { value: T };

/** What undo and redo would do next; null when there is nothing. */
export const historyStateSchema = z.strictObject({
  undo: z.string().nullable(),
  redo: z.string().nullable(),
});
export type HistoryState = z.infer<typeof historyStateSchema>;

/** What undo or redo is asked with: nothing, or a thing that the change must be of, so that no other is taken back. */
export const historyStepSchema = z
  .strictObject({ of: z.strictObject({ thing: z.string().max(40), id: z.string().max(80) }).optional() })
  .default({});
export type HistoryStep = z.infer<typeof historyStepSchema>;

/** What a change, an undo or a redo left behind. */
export const appliedSchema = z.object({ entries: z.array(keptEntrySchema), history: historyStateSchema });
export type Applied = Omit<z.infer<typeof appliedSchema>, 'entries'> & { entries: KeptEntry[] };

/** Something stored that this version cannot read: set aside, named, not touched. */
export const setAsideSchema = z.object({
  thing: z.string(),
  id: z.string(),
  noun: z.string(),
  faults: z.array(faultSchema),
});
export type SetAside = z.infer<typeof setAsideSchema>;

/** Everything that is stored. */
export const keptSchema = z.object({
  entries: z.array(keptEntrySchema),
  setAside: z.array(setAsideSchema),
  history: historyStateSchema,
});
export type KeptWhole = Omit<z.infer<typeof keptSchema>, 'entries'> & { entries: KeptEntry[] };

/** What other pages are told of a change, as it happens. */
export interface Announcement extends Applied {
  label: string;
  /** The page that made it. */
  page: string;
}

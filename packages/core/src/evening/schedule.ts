import { z } from 'zod';

const minutes = z
  .int()
  .min(0)
  .max(60 * 24 * 14);
const id = z.string().min(1).max(60);

/** What is done: by hands, or by itself after them. */
const TASK_KINDS = [
  'buy',
  'fill',
  'freeze',
  'batch',
  'chill',
  'make',
  'rest',
  'squeeze',
  'herbs',
  'glasses',
  'cold',
  'garnish',
  'table',
] as const;

/** One thing to do before the first glass. */
const scheduleTaskSchema = z.strictObject({
  id,
  name: z.string().min(1).max(120),
  /** Its name begins with a proper one, and keeps its capital within a sentence. */
  proper: z.boolean().optional(),
  kind: z.enum(TASK_KINDS).optional(),
  /** What it is done to: the drink, the kind or the mould. */
  of: id.optional(),
  /** Tasks of one row are drawn in one: what waits stands behind what is done for it. Its own, where none is named. */
  row: id.optional(),
  /** How long it takes. */
  minutes: minutes.min(1),
  /** Whether somebody's hands are at it all the time; else it waits by itself, over night too. */
  hands: z.boolean(),
  /** What must be done before it begins. */
  after: z.array(id).max(40).default([]),
  /** It must be done no longer than this before the first glass; null for what keeps. */
  freshMinutes: minutes.nullable().default(null),
  /** It must be done at least so long before. */
  readyMinutes: minutes.default(0),
  /** What it occupies while it is done, and from then until the first glass. */
  during: z.record(id, z.number().min(0)).default({}),
  keeps: z.record(id, z.number().min(0)).default({}),
});
export type ScheduleTask = z.infer<typeof scheduleTaskSchema>;

/** A stretch of time, in minutes before the first glass: from the earlier, larger number to the later. */
const stretch = z.strictObject({ from: minutes, to: minutes });

/** Everything before the first glass, counted back from it. */
export const scheduleProblemSchema = z.strictObject({
  tasks: z.array(scheduleTaskSchema).max(100),
  /** When hands are there: awake and at home. Empty for always. */
  awake: z.array(stretch).max(60).default([]),
  people: z.int().min(1).max(6).default(1),
  /** How much there is of what tasks occupy: pans, litres of freezer, trays. What is not named has no limit. */
  room: z.record(id, z.number().min(0)).default({}),
  /** Minutes from now to the first glass: nothing begins before now. */
  horizon: minutes,
});
export type ScheduleProblem = z.infer<typeof scheduleProblemSchema>;

/** A task in its place: minutes before the first glass when it begins and ends. */
export interface ScheduledTask {
  id: string;
  begins: number;
  ends: number;
}

/** Why the schedule cannot be done in time. */
export interface NotInTime {
  task: string;
  why: 'no-time' | 'not-fresh' | 'no-room' | 'no-hands' | 'circle';
}

/** Minutes that things are ready before they are wanted: less is fresher. */
export function waiting(placed: readonly ScheduledTask[]): number {
  return placed.reduce((sum, p) => sum + p.ends, 0);
}

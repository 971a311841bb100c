import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** One thing that a technique takes: any one of these tools, or of these things from the kitchen. */
const needSchema = z.strictObject({
  id: idSchema,
  /** In words: "a long spoon". */
  what: z.string().min(3),
  tools: z.array(idSchema).min(1),
  kitchen: z.array(idSchema).default([]),
  /** At home hands will do, or anything that is about. */
  hands: z.boolean().default(false),
});
export type Need = z.infer<typeof needSchema>;

/** A way of working that a drink asks for, and what it takes; none of it may be missing. */
export const techniqueSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  /** How it is done and when, in a sentence. */
  how: z.string().min(10),
  caution: z.string().optional(),
  /** Empty when it takes nothing but hands. The same need may serve several techniques. */
  needs: z.array(needSchema).default([]),
});
export type Technique = z.infer<typeof techniqueSchema>;

const TOOL_TIERS = ['essential', 'alternative', 'nice', 'specialist'] as const;

/** A tool and what it is for. */
export const toolSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  also: z.array(z.string().min(1)).default([]),
  techniques: z.array(idSchema).min(1),
  tier: z.enum(TOOL_TIERS),
  /** What it holds, where that matters; one entry a part. */
  capacitiesMl: z.array(z.number().positive()).default([]),
  note: z.string().min(1).optional(),
  caution: z.string().optional(),
  /** Why it stays out of the dishwasher. */
  dishwasher: z.string().min(1).optional(),
  /** A part that wears, after how many months to look at it, and what to look for. */
  wears: z
    .strictObject({ part: z.string().min(1), months: z.int().positive(), look: z.string().min(1) })
    .optional(),
});
export type Tool = z.infer<typeof toolSchema>;

/** A thing from the kitchen that stands in for tools. */
export const kitchenThingSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  /** Nearly every kitchen has one. */
  usual: z.boolean().default(false),
  capacityMl: z.number().positive().optional(),
  /** A tray of ice that it is. */
  mould: idSchema.optional(),
  /** What it makes hard. */
  hard: z.string().min(1),
  caution: z.string().optional(),
});
export type KitchenThing = z.infer<typeof kitchenThingSchema>;

/** Glasses that nearly every cupboard has. */
export const usualGlassSchema = z.strictObject({
  name: z.string().min(1),
  /** The glass type it looks like. */
  type: idSchema,
  capacityMl: z.number().positive(),
  count: z.int().positive(),
});

/** A few tools to begin with. */
export const starterSetSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  tools: z.array(idSchema),
  cleaning: z.string().min(1),
  hard: z.string().min(1),
});
export type StarterSet = z.infer<typeof starterSetSchema>;

/** A tray that makes ice. */
export const mouldSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  makes: z.enum(['cubes', 'block']),
  /** Edge of one piece. */
  edgeMm: z.number().positive(),
  pieces: z.int().positive(),
  /** Until it is frozen through. */
  hours: z.number().positive(),
});
export type Mould = z.infer<typeof mouldSchema>;

import { z } from 'zod';

/** Ids are lower-case words joined by hyphens: "dry-gin". */
export const idSchema = z
  .string()
  .max(80)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens, such as dry-gin');

/** What a kind does in a drink; a bottle's colour and word on the shelf follow it. */
export const JOBS = ['base', 'sweet', 'aromatic', 'bitter', 'home-made', 'long', 'fresh'] as const;
export type Job = (typeof JOBS)[number];

/** Our own bottle outlines. */
export const SILHOUETTES = [
  'tall',
  'square',
  'round-shouldered',
  'squat',
  'flask',
  'dasher',
  'can',
  'jar',
] as const;
export type Silhouette = (typeof SILHOUETTES)[number];

/** Where it comes from: a shop bottle, a mixer, the user's own stove, or bought fresh on the day. */
export const SUPPLIES = ['bottle', 'mixer', 'home-made', 'fresh'] as const;

/** Flavours a kind brings that people like or will not touch. */
export const KIND_TASTES = ['bitter', 'smoky', 'creamy', 'egg', 'anise', 'fizzy', 'coffee', 'mint'] as const;

/**
 * A kind of thing a drink can ask for. Kinds form a tree by `parent`: a London dry gin is a gin, so
 * it serves wherever a gin is asked for, and never the other way round.
 */
export const kindSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(60),
  /** What other places call the same thing. */
  also: z.array(z.string().min(1)).default([]),
  parent: idSchema.optional(),
  job: z.enum(JOBS),
  supply: z.enum(SUPPLIES),
  /** A branch of the tree that no bottle bears by itself ("gin"). */
  abstract: z.boolean().default(false),
  /** Typical strength as a fraction. */
  abv: z.number().min(0).max(0.8).default(0),
  /** Grams of sugar in a litre. */
  sugarGPerL: z.number().min(0).max(1100).default(0),
  /** Grams of acid in a litre, as citric. */
  acidGPerL: z.number().min(0).max(100).default(0),
  tastes: z.array(z.enum(KIND_TASTES)).default([]),
  silhouette: z.enum(SILHOUETTES).default('round-shouldered'),
  storage: z.enum(['shelf', 'fridge']).default('shelf'),
  /** Days it stays good once open; absent means years. */
  openDays: z.int().positive().optional(),
  allergens: z.array(z.enum(['egg', 'milk', 'nuts', 'gluten', 'sulphites'])).default([]),
  caution: z.string().optional(),
});
export type Kind = z.infer<typeof kindSchema>;

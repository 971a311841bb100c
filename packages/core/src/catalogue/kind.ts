import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { KEEPS_AS, SOLUTES } from './keeps-as.js';

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
const KIND_TASTES = ['bitter', 'smoky', 'creamy', 'egg', 'anise', 'fizzy', 'coffee', 'mint'] as const;

/** What must be said on a menu or a label: the fourteen of Regulation (EU) No 1169/2011, annex II (from memory). */
export const ALLERGENS = [
  'egg',
  'milk',
  'nuts',
  'peanuts',
  'gluten',
  'sulphites',
  'celery',
  'fish',
  'crustaceans',
  'molluscs',
  'soya',
  'mustard',
  'sesame',
  'lupin',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** A size a kind is usually sold in: its content and its outside. */
const bottleSizeSchema = z.strictObject({
  ml: z.int().positive().max(20_000),
  widthMm: z.int().positive().max(400),
  heightMm: z.int().positive().max(600),
});
export type BottleSize = z.infer<typeof bottleSizeSchema>;

/**
 * How a kind looks. What a mixture looks like is computed of it, in proportion to volume (Kubelka and Munk, 1931).
 */
const tintSchema = z.strictObject({
  /** The colour seen through 3 cm of it before white, sRGB. */
  seen: z.string().regex(/^#[0-9a-f]{6}$/, 'a colour is six hexadecimal digits, such as #f4e8a0'),
  /** How much light a centimetre throws back: 0 for spirits, about 0.5 lemon juice, 1 to 2 orange juice, 8 cream. */
  cloud: z.number().min(0).max(20),
  /** What it is from: a published figure; absent, by eye and common practice. */
  from: z.string().min(5).optional(),
});
export type Tint = z.infer<typeof tintSchema>;

/**
 * A kind of thing a drink can ask for. Kinds form a tree by `parent`: a London dry gin is a gin, so
 * it serves wherever a gin is asked for, and never the other way round.
 */
export const kindSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(60),
  /** The name keeps its capital within a sentence. */
  proper: z.boolean().optional(),
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
  /** Sugar : liquid by weight, for a syrup: what "simple" or "rich" means in a spec. */
  strength: z
    .string()
    .regex(/^\d+(\.\d+)?:1$/, 'a strength is sugar to liquid by weight, such as 2:1')
    .optional(),
  /** °Brix of what sweetens a syrup: 100 for sugar, about 82 for honey. */
  sweetenerBrix: z.number().positive().max(100).default(100),
  /** Grams of salt in a litre, of what is a brine. */
  saltGPerL: z.number().min(0).max(320).optional(),
  /** Kilocalories in a litre beyond its alcohol, sugar and acid (fat, protein, starch). */
  otherKcalPerL: z.number().min(0).max(8000).default(0),
  /** What one counted piece (an egg, a wedge, a leaf) brings to the liquid. */
  each: z
    .strictObject({
      ml: z.number().min(0).max(200).default(0),
      sugarG: z.number().min(0).max(50).default(0),
      acidG: z.number().min(0).max(10).default(0),
      kcal: z.number().min(0).max(300).default(0),
    })
    .optional(),
  tastes: z.array(z.enum(KIND_TASTES)).default([]),
  /** Unknown for one of one's own until somebody picks it. */
  tint: tintSchema.optional(),
  silhouette: z.enum(SILHOUETTES).default('round-shouldered'),
  /** Sizes it is usually sold in, with the outside of the bottle or pack. */
  sizes: z.array(bottleSizeSchema).default([]),
  /** Where it is kept once open. */
  storage: z.enum(['shelf', 'fridge']).default('shelf'),
  /** Days it stays good unopened; absent means years. */
  closedDays: z.int().positive().optional(),
  /** Days it stays good once open; absent means years. */
  openDays: z.int().positive().optional(),
  /** Where schools disagree about that: the days of the strictest, and of the easiest. */
  openDaysBetween: z.tuple([z.int().positive(), z.int().positive()]).optional(),
  /** For what is made at home and sold too: days the shop's bottle keeps once open; preserved, it keeps longer. */
  boughtOpenDays: z.int().positive().optional(),
  /** Likewise days that the shop's bottle keeps unopened. */
  boughtClosedDays: z.int().positive().optional(),
  /** How it goes off in a batch that it goes into, and what it brings to the batch's water. */
  keepsAs: z.enum(KEEPS_AS).optional(),
  solute: z.enum(SOLUTES).optional(),
  /** It comes out of the tap: always there, and free. */
  fromTap: z.boolean().optional(),
  /** Leaves that are pressed lightly, and stand in water between evenings. */
  herb: z.boolean().optional(),
  /** Leaves or sprigs in a bunch of it, as it is sold (common practice). */
  bunch: z.int().positive().max(200).optional(),
  /** A purée or the like: it wants a spoon to mix, whatever it is poured with. */
  pulp: z.boolean().optional(),
  /** It is shaken for its foam, as egg white is. */
  foams: z.boolean().optional(),
  /** It is pressed from fruit on the day: the juice that one of them usually gives, ml. */
  juiceMl: z.number().positive().max(1000).optional(),
  /** One of it, as it is counted or a garnish is called: a "cherry" of the jar, a "lemon" of what is cut into wheels. */
  one: z.string().min(1).max(30).optional(),
  /** The kind under which the whole fruit or egg is counted that it is cut from, and how many of it one gives. */
  whole: z.strictObject({ kind: idSchema, pieces: z.int().positive().max(50) }).optional(),
  /** Kinds that go into it where it is made at home, by any of its formulas and batches: worked out, never written. */
  madeOf: z.array(idSchema).default([]),
  /** It is hard fruit itself, which waits as long as what juice is pressed from. */
  hardFruit: z.boolean().optional(),
  /** Techniques it takes before it can be poured: a lime is pressed, a crown cap opened. */
  work: z.array(idSchema).default([]),
  allergens: z.array(z.enum(ALLERGENS)).default([]),
  /** What it may hold beside them, of some makers or as a trace: said apart, and as little to be had by who cannot have it. */
  mayHold: z.array(z.enum(ALLERGENS)).default([]),
  /** Whether somebody has said what allergens it holds: without that an empty list is "unknown", not "none". */
  allergensStated: z.boolean().default(true),
  caution: z.string().optional(),
  /** What must be said where a child could be given it: of drinks without alcohol, and where it is made. */
  cautionForChildren: z.string().optional(),
});
export type Kind = z.infer<typeof kindSchema>;

/** Days a bottle stays good once open: as made at home, or as a shop preserves it; undefined means years. */
export function daysOnceOpen(
  kind: Pick<Kind, 'openDays' | 'boughtOpenDays'>,
  bottle?: { homeMade: boolean },
): number | undefined {
  return bottle !== undefined && !bottle.homeMade ? (kind.boughtOpenDays ?? kind.openDays) : kind.openDays;
}

/** Days a shop's bottle stays good unopened; undefined means years. */
export function daysSealed(kind: Pick<Kind, 'closedDays' | 'boughtClosedDays'>): number | undefined {
  return kind.boughtClosedDays ?? kind.closedDays;
}

import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { KEEPS_AS, SOLUTES } from './keeps-as.js';
import { ALLERGENS } from './kind.js';

const share = z.number().min(0).max(1).default(0);

/** Something from the pantry: what of a gram of it is sugar, water, acid, or anything else that dissolves. */
export const pantrySchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1),
  sugar: share,
  water: share,
  acid: share,
  other: share,
  /** Strength of a spirit, where that is what it is. */
  spiritAbv: z.number().min(0).max(0.97).optional(),
  /** Grams of liquid that a gram of it drinks up and keeps when it is strained out. */
  drinks: z.number().min(0).max(5).default(0),
  dry: z.boolean().default(false),
  /** How it goes off in a batch, and what it brings to the batch's water. */
  keepsAs: z.enum(KEEPS_AS).optional(),
  solute: z.enum(SOLUTES).optional(),
  /** Added one drop at a time. */
  drops: z.boolean().default(false),
  /** The kind that it is, where a drink asks for it by itself: fresh ginger, cloves. */
  kind: idSchema.optional(),
  allergens: z.array(z.enum(ALLERGENS)).default([]),
  caution: z.string().optional(),
});
export type PantryThing = z.infer<typeof pantrySchema>;

/** One thing a batch is made from: a kind of the catalogue or something from the pantry. */
const partSchema = z
  .strictObject({
    kind: idSchema.optional(),
    pantry: idSchema.optional(),
    /** Grams for the batch as written. */
    g: z.number().positive().max(5000),
    /** Strength of a spirit from the pantry where it is not the usual one. */
    spiritAbv: z.number().min(0).max(0.97).optional(),
    /** Goes in hot; or only once the pan is off the heat. */
    hot: z.boolean().default(false),
    cold: z.boolean().default(false),
    /** Taken out again: it flavours and leaves little behind. */
    strained: z.boolean().default(false),
  })
  .refine((part) => (part.kind === undefined) !== (part.pantry === undefined), {
    message: 'a part is either a kind or a pantry thing',
  });
export type HomeMadePart = z.infer<typeof partSchema>;

/** What is done at the bench beside adding. */
export const ACTS = [
  /** Dry, before anything is poured over it. */
  'toast',
  /** In the pan. */
  'heat',
  'blend',
  /** Left alone, for its flavour or until it swells. */
  'steep',
  /** Through a sieve or bag: what comes through is weighed, and the rest follows. */
  'strain',
  'cool',
] as const;

/** Something done once so many parts are in; with minutes where it is waited for. */
const actSchema = z.strictObject({
  do: z.enum(ACTS),
  after: z.int().min(0).max(20),
  minutes: z.number().positive().max(20_000).optional(),
  say: z.string().min(5).max(200),
});
export type BenchAct = z.infer<typeof actSchema>;

/** How much trouble a batch is: stirring; pressing, simmering or waiting; an afternoon. */
const EFFORTS = [1, 2, 3] as const;

/** A kind that can be made at home, from what, and how long it keeps. */
export const homeMadeSchema = z.strictObject({
  id: idSchema,
  makes: idSchema,
  /** The way it is made, where there is more than one: "cold", "from nuts". */
  way: z.string().min(1).optional(),
  effort: z.literal(EFFORTS),
  from: z.array(partSchema).min(1).max(20, 'at most 20 parts fit a batch'),
  /** Richer or thinner than its kind, as its way says: drinks are worked out for the house's. */
  otherStrength: z.boolean().optional(),
  /** Warmed in a pan: weigh it at the end, and top up the water that was lost. */
  heated: z.boolean().default(false),
  acts: z.array(actSchema).max(20).default([]),
  how: z.string().min(10).max(400),
  keepsDays: z.int().positive().max(400),
  /** Poured by the glass, so many ml of it: a drink that is mixed ahead. */
  glassMl: z.number().positive().max(500).optional(),
  caution: z.string().optional(),
});
export type HomeMade = z.infer<typeof homeMadeSchema>;

import { z } from 'zod';
import { parseAmount } from '../units/amount.js';
import { idSchema } from './kind.js';

export const FAMILIES = [
  'sour',
  'daisy',
  'old-fashioned',
  'martini',
  'manhattan',
  'bitter-aperitif',
  'highball',
  'collins',
  'fizz',
  'spritz',
  'julep',
  'smash',
  'buck',
  'flip',
  'cream',
  'tropical',
  'sparkling',
  'coffee',
  'hot',
  'punch',
  'low-strength',
  'no-alcohol',
] as const;

export const METHODS = ['build', 'stir', 'shake', 'dry-shake', 'blend', 'swizzle', 'layer', 'hot'] as const;
export const ROLES = [
  'base',
  'sour',
  'sweet',
  'bitter',
  'aromatic',
  'long',
  'seasoning',
  'rinse',
  'body',
] as const;
export const ICE = ['none', 'cubes', 'block', 'crushed'] as const;
export const CANON = ['core', 'well-known', 'specialist'] as const;

/** "22.5 ml", "2 dashes", "1 whole": text on the card, an Amount once read. */
export const amountTextSchema = z.string().transform((text, context) => {
  const amount = parseAmount(text);
  if (amount === undefined) {
    context.addIssue(`"${text}" is not an amount; write a number and a measure, such as 22.5 ml or 2 dashes`);
    return z.NEVER;
  }
  return amount;
});

/** One ingredient of a drink: a kind (or any of several), how much, and what it is there for. */
export const slotSchema = z.strictObject({
  kind: idSchema,
  /** Other kinds that make the same drink, exactly as good. */
  or: z.array(idSchema).default([]),
  amount: amountTextSchema,
  role: z.enum(ROLES),
  optional: z.boolean().default(false),
  muddle: z.boolean().default(false),
});

export const recipeSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(80),
  also: z.array(z.string().min(1)).default([]),
  family: z.enum(FAMILIES),
  /** Variants of one drink share a group, and a count of drinks counts the group once. */
  group: idSchema.optional(),
  method: z.enum(METHODS),
  strain: z.enum(['none', 'once', 'twice']),
  ice: z.enum(ICE),
  glass: idSchema,
  garnish: z.string().max(120).default('none'),
  canon: z.enum(CANON),
  slots: z.array(slotSchema).min(1).max(16),
});

export type Recipe = z.infer<typeof recipeSchema>;
export type Slot = Recipe['slots'][number];
export type Family = Recipe['family'];

/** One file of recipes: a family or two, and where the facts come from. */
export const recipeFileSchema = z.strictObject({
  provenance: z.string().min(20),
  recipes: z.array(recipeSchema).min(1),
});

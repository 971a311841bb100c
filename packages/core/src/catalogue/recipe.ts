import { z } from 'zod';
import { parseAmount } from '../base/amount.js';
import { idSchema } from '../base/ids.js';
import { garnishesSchema } from './read-garnish.js';

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
const ROLES = ['base', 'sour', 'sweet', 'bitter', 'aromatic', 'long', 'seasoning', 'rinse', 'body'] as const;
export const ICE = ['none', 'cubes', 'block', 'crushed'] as const;
export type Ice = (typeof ICE)[number];

/** How established a drink is: what every bar list holds, what most know, what a reader looks for; or one's own. */
export const CANON = ['core', 'well-known', 'specialist', 'own'] as const;
export type Canon = (typeof CANON)[number];

/** When a drink is first found in print or at the bar, as nearly as the trade knows. */
const ERAS = ['before-1900', '1900-1919', '1920-1949', '1950-1979', '1980-1999', 'since-2000'] as const;
export type Era = (typeof ERAS)[number];

/** Where drinks are at home. */
export const REGIONS = [
  'north-america',
  'caribbean',
  'latin-america',
  'britain-and-ireland',
  'western-europe',
  'southern-europe',
  'northern-europe',
  'central-and-eastern-europe',
  'africa',
  'middle-east',
  'south-asia',
  'east-asia',
  'oceania',
] as const;
export type Region = (typeof REGIONS)[number];

/** "22.5 ml", "2 dashes", "1 whole": text on the card, an Amount once read. */
const amountTextSchema = z.string().transform((text, context) => {
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
  /** Poured last and gently, so that it lies on top. */
  float: z.boolean().default(false),
  /** Poured last of all and slowly, so that it sinks through the rest: a sunrise. */
  sink: z.boolean().default(false),
  /** Served beside the drink in a small glass of its own. */
  beside: z.boolean().default(false),
});

const reason = z.string().min(10).max(200).optional();

/** Why a drink breaks a rule that its fellows keep; each rule asks for its own reason. */
const becauseSchema = z.strictObject({ method: reason, balance: reason, glass: reason });

export const recipeSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(80),
  also: z.array(z.string().min(1)).default([]),
  family: z.enum(FAMILIES),
  /** Variants of one drink share a group, and a count of drinks counts the group once. */
  group: idSchema.optional(),
  /** What sets this variant apart within its group: "equal parts". */
  variant: z.string().min(1).max(60).optional(),
  method: z.enum(METHODS),
  strain: z.enum(['none', 'once', 'twice']),
  /** Ice in the shaker or mixing glass; absent, it is what the method takes. */
  making: z.enum(ICE).optional(),
  /** Ice in the glass. */
  ice: z.enum(ICE),
  glass: idSchema,
  /** Other glasses that serve as well. */
  otherGlasses: z.array(idSchema).default([]),
  garnish: garnishesSchema.default([]),
  era: z.enum(ERAS),
  canon: z.enum(CANON),
  /** Where it is at home; absent for what is everywhere, and for what nobody is sure of. */
  region: z.enum(REGIONS).optional(),
  /** Where the spec comes from: an id of the catalogue's sources. */
  source: idSchema,
  because: becauseSchema.optional(),
  slots: z.array(slotSchema).min(1).max(16),
});

export type Recipe = z.infer<typeof recipeSchema>;
export type Slot = Recipe['slots'][number];
export type Family = Recipe['family'];
export type Method = Recipe['method'];

/** One file of recipes: a family or two, and where the facts come from. */
export const recipeFileSchema = z.strictObject({
  provenance: z.string().min(20),
  recipes: z.array(recipeSchema).min(1),
});

/** What a count of drinks counts: the group for variants of one drink, else the drink itself. */
export function drinkKey(recipe: Pick<Recipe, 'id' | 'group'>): string {
  return recipe.group ?? recipe.id;
}

/** Ice in the shaker, mixing glass or blender: as stated, or what the method takes. */
export function iceInMaking(recipe: Pick<Recipe, 'method' | 'making' | 'ice'>): Ice {
  if (recipe.making !== undefined) return recipe.making;
  switch (recipe.method) {
    case 'stir':
    case 'shake':
    case 'dry-shake':
      return 'cubes';
    case 'blend':
      return 'crushed';
    case 'build':
    case 'swizzle':
      return recipe.ice;
    case 'layer':
    case 'hot':
      return 'none';
  }
}

import { z } from 'zod';
import { FAMILIES } from './recipe.js';

/** Least and most of a figure, both included. */
const band = z.tuple([z.number().min(0), z.number().min(0)]).refine(([least, most]) => least <= most, {
  message: 'a band runs from the least to the most',
});

/** What makes drinks a family, and where their figures usually lie as served. */
export const familySchema = z.strictObject({
  id: z.enum(FAMILIES),
  name: z.string().min(1),
  /** The name keeps its capital within a sentence. */
  proper: z.boolean().optional(),
  /** What holds it together, in a sentence. */
  idea: z.string().min(10),
  /** Strength as a fraction. */
  abv: band,
  /** Grams of sugar in 100 ml. */
  sugarGPer100Ml: band,
  /** Grams of acid, as citric, in 100 ml. */
  acidGPer100Ml: band,
});
export type FamilyEntry = z.infer<typeof familySchema>;

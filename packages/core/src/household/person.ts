import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { ALLERGENS } from '../catalogue/kind.js';
import { TASTES } from '../drink/tastes.js';

/** Somebody who drinks here: what they cannot have, and what they set themselves. */
export const personSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'give a name').max(60, 'at most 60 letters fit'),
  /** Standard drinks of the region that they set themselves for an evening; null where they set none. */
  limit: z.number().min(0).max(20).nullable(),
  noAlcohol: z.boolean(),
  /** Drives home as a rule: asked again each time. */
  drives: z.boolean().default(false),
  allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length),
  /** Ingredients they cannot have, by kind. */
  without: z.array(idSchema).max(40).default([]),
  dislikes: z.array(z.enum(TASTES)).max(TASTES.length),
  likes: z.array(z.enum(TASTES)).max(TASTES.length).default([]),
});
export type Person = z.infer<typeof personSchema>;

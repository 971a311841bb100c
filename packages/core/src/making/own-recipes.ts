import { z } from 'zod';
import { homeMadeSchema } from '../catalogue/home-made.js';

/** What the household makes in its own way, beside the catalogue's recipes. */
export const ownRecipesSchema = z
  .array(homeMadeSchema)
  .max(200)
  .refine((list) => new Set(list.map((r) => r.id)).size === list.length, {
    message: 'two recipes have one id; give each its own',
  });

/** What a client sends to keep them, with words for the undo list. */
export const ownRecipesWriteSchema = z.strictObject({
  recipes: ownRecipesSchema,
  change: z.string().trim().min(1).max(120),
});

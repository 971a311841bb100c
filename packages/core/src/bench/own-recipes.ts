import { z } from 'zod';
import { homeMadeSchema } from '../catalogue/home-made.js';

/** What the household makes in its own way, beside the catalogue's recipes. */
export const ownRecipesSchema = z
  .array(homeMadeSchema)
  .max(200)
  .refine((list) => new Set(list.map((r) => r.id)).size === list.length, {
    message: 'two recipes have one id; give each its own',
  });

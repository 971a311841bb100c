import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** Drinks that are kept together: for tonight, for winter, from a book. */
export const collectionSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'give it a name').max(60, 'at most 60 letters fit'),
  /** Where they come from, in the household's words. */
  note: z.string().trim().max(300),
  drinks: z.array(idSchema).max(500),
});
export type Collection = z.infer<typeof collectionSchema>;

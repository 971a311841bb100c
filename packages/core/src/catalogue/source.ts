import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** Where specs come from, in words a reader can follow up. */
export const sourceSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(5),
  note: z.string().min(10),
});

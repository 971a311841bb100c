import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { guestSchema } from './guest.js';

const ids = z.array(idSchema).max(200);

/** An evening: who comes and when, what is to stand on the card, and what is done already. */
export const eveningSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'give it a name').max(60, 'at most 60 letters fit'),
  /** The day, and when the first glass is wanted. */
  on: z.iso.date(),
  from: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time such as 20:00'),
  hours: z.int().min(1).max(12),
  guests: z.array(guestSchema).max(40),
  /** Drinks on the card. */
  size: z.int().min(1).max(6),
  must: ids,
  never: ids,
  /** Somebody is out from nine to five on weekdays. */
  atWork: z.boolean(),
  /** Room in the freezer, litres; null where it does not matter. */
  freezerLitres: z.number().min(1).max(500).nullable(),
  /** Tasks that are done. */
  done: z.array(z.string().min(1).max(60)).max(100),
  endedOn: z.iso.date().nullable(),
});
export type Evening = z.infer<typeof eveningSchema>;

/** People who come. */
export function peopleOf({ guests }: Pick<Evening, 'guests'>): number {
  return guests.reduce((sum, g) => sum + g.count, 0);
}

import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** What going to a shop costs, in minor units and minutes. */
export const tripSchema = z.strictObject({
  shop: idSchema,
  tripMinor: z.int().min(0).max(1_000_000),
  minutes: z.int().min(0).max(600),
});
export type Trip = z.infer<typeof tripSchema>;

/** The shops that the household goes to, and what its time is worth. */
export const tripsSchema = z.strictObject({
  /** Shops that may be on an errand beside the one whose prices are in use. */
  goesTo: z.array(idSchema).max(5),
  trips: z.array(tripSchema).max(20),
  /** What an hour is worth to whoever goes, minor units; null where nothing was said. */
  hourMinor: z.int().min(0).max(10_000_000).nullable(),
});
export type Trips = z.infer<typeof tripsSchema>;

/** Nobody has said where they go. */
export function noTrips(): Trips {
  return { goesTo: [], trips: [], hourMinor: null };
}

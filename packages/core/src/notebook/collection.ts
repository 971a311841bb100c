import { z } from 'zod';
import { idSchema } from '../base/ids.js';

/** Drinks that are kept together: for tonight, for winter, from a book. */
export const collectionSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, 'give it a name').max(60, 'at most 60 letters fit'),
  /** What it is for, in the household's words. */
  note: z.string().trim().max(300),
  /** The book they are from, by its title; empty where they are from none. */
  book: z.string().trim().max(120).default(''),
  /** Where in the book a drink stands: "p. 41". */
  pages: z.record(idSchema, z.string().trim().min(1).max(20)).default({}),
  drinks: z.array(idSchema).max(500),
});
export type Collection = z.infer<typeof collectionSchema>;

/** A collection without one of its drinks, and without its page. */
export function withoutDrink(collection: Collection, drink: string): Collection {
  const { [drink]: _, ...pages } = collection.pages;
  return { ...collection, pages, drinks: collection.drinks.filter((d) => d !== drink) };
}

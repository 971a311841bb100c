import { z } from 'zod';
import { collectionSchema, type Collection } from './collection.js';
import { ownDrinkSchema, ownKindSchema, type OwnDrink, type OwnKind } from './own-drink.js';
import { tastingSchema, type Tasting } from './tasting.js';

/** More drinks than this are no household's notebook. */
const MAX_DRINKS = 20_000;

/**
 * What a household wrote, whole: drinks with all their versions, kinds, collections and verdicts. What goes out comes in
 * again as it was.
 */
export const notebookFileSchema = z.strictObject({
  format: z.literal('uisce-notebook/1'),
  kinds: z.array(ownKindSchema).max(5000).default([]),
  drinks: z.array(ownDrinkSchema).max(MAX_DRINKS).default([]),
  collections: z.array(collectionSchema).max(1000).default([]),
  tastings: z.array(tastingSchema).max(100_000).default([]),
});
export type NotebookFile = z.infer<typeof notebookFileSchema>;

/** The published schema of the file, for whoever writes or checks one elsewhere (JSON Schema 2020-12). */
export function notebookJsonSchema(): object {
  return {
    ...z.toJSONSchema(notebookFileSchema, { io: 'input' }),
    $id: 'urn:uisce:notebook:1',
    title: 'Drinks of a household’s own, with their versions, kinds, collections and verdicts',
  };
}

/** The file of a household's notebook. */
export function notebookFile(
  drinks: readonly OwnDrink[],
  kinds: readonly OwnKind[],
  collections: readonly Collection[],
  tastings: readonly Tasting[],
): NotebookFile {
  return {
    format: 'uisce-notebook/1',
    kinds: [...kinds],
    drinks: [...drinks],
    collections: [...collections],
    tastings: [...tastings],
  };
}

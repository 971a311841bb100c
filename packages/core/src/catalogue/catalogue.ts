import { z } from 'zod';
import { idSchema } from '../base/ids.js';
import { familySchema } from './family.js';
import { glassSchema } from './glass.js';
import { homeMadeSchema, pantrySchema } from './home-made.js';
import { kindSchema, type Kind } from './kind.js';
import { recipeSchema } from './recipe.js';
import { sourceSchema } from './source.js';
import { standInSchema } from './stand-in.js';
import { jiggerSchema } from './jigger.js';
import {
  kitchenThingSchema,
  mouldSchema,
  starterSetSchema,
  techniqueSchema,
  toolSchema,
  usualGlassSchema,
} from './tool.js';

/** Everything known about the trade, apart from prices. */
export const catalogueSchema = z.strictObject({
  kinds: z.array(kindSchema),
  standIns: z.array(standInSchema),
  /** The match, at the most, of a drink in which one bottle is poured for two that it asks for. */
  oneForTwo: z.number().min(0).max(1).default(1),
  glasses: z.array(glassSchema),
  recipes: z.array(recipeSchema),
  /** Recipes that people ask for most, most asked for first. */
  askedFor: z.array(idSchema).max(20).default([]),
  families: z.array(familySchema).default([]),
  sources: z.array(sourceSchema).default([]),
  techniques: z.array(techniqueSchema).default([]),
  tools: z.array(toolSchema).default([]),
  kitchen: z.array(kitchenThingSchema).default([]),
  usualGlasses: z.array(usualGlassSchema).default([]),
  starterSets: z.array(starterSetSchema).default([]),
  moulds: z.array(mouldSchema).default([]),
  jiggers: z.array(jiggerSchema).default([]),
  homeMade: z.array(homeMadeSchema).default([]),
  pantry: z.array(pantrySchema).default([]),
});
export type Catalogue = z.infer<typeof catalogueSchema>;

/** A catalogue with nothing in it, to stand in until one is loaded. */
export function emptyCatalogue(): Catalogue {
  return catalogueSchema.parse({ kinds: [], standIns: [], glasses: [], recipes: [] });
}

/**
 * Kinds by id.
 *
 * @example kindIndex(catalogue.kinds).get('dry-gin')
 */
export function kindIndex(kinds: readonly Kind[]): Map<string, Kind> {
  return new Map(kinds.map((kind) => [kind.id, kind]));
}

/**
 * A kind and all it is a kind of, nearest first: dry-gin → [dry-gin, gin].
 *
 * @throws Error when the tree bites its own tail.
 * @example kindAndAncestors('dry-gin', kinds) // ['dry-gin', 'gin']
 */
export function kindAndAncestors(id: string, kinds: ReadonlyMap<string, Kind>): string[] {
  const line: string[] = [];
  let current: string | undefined = id;
  while (current !== undefined) {
    if (line.includes(current)) throw new Error(`kinds form a ring: ${[...line, current].join(' → ')}`);
    line.push(current);
    current = kinds.get(current)?.parent;
  }
  return line;
}

import { z } from 'zod';
import { glassSchema } from './glass.js';
import { kindSchema, type Kind } from './kind.js';
import type { PriceList } from './price-list.js';
import { recipeSchema, type Recipe } from './recipe.js';
import { standInSchema } from './stand-in.js';

/** Everything the planner knows about the trade, apart from prices. */
export const catalogueSchema = z.strictObject({
  kinds: z.array(kindSchema),
  standIns: z.array(standInSchema),
  glasses: z.array(glassSchema),
  recipes: z.array(recipeSchema),
});
export type Catalogue = z.infer<typeof catalogueSchema>;

/** A catalogue as it goes over the wire: amounts still written as text. */
export type CatalogueText = z.input<typeof catalogueSchema>;

/** A reference that points nowhere, and where it stands. */
export interface Fault {
  path: string;
  message: string;
}

/** Kinds by id. */
export function kindIndex(kinds: readonly Kind[]): Map<string, Kind> {
  return new Map(kinds.map((kind) => [kind.id, kind]));
}

/**
 * A kind and all it is a kind of, nearest first: dry-gin → [dry-gin, gin].
 *
 * @throws Error when the tree bites its own tail.
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

function duplicates(ids: readonly string[], path: string, what: string): Fault[] {
  const seen = new Set<string>();
  return ids.flatMap((id, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ path: `${path}/${i}/id`, message: `${what} "${id}" is listed twice` }];
  });
}

function slotFaults(recipe: Recipe, recipeIndex: number, kinds: ReadonlyMap<string, Kind>): Fault[] {
  return recipe.slots.flatMap((slot, s) =>
    [slot.kind, ...slot.or]
      .filter((id) => !kinds.has(id))
      .map((id) => ({
        path: `/recipes/${recipeIndex}/slots/${s}`,
        message: `${recipe.id} asks for "${id}", which is not a kind; add the kind or correct the id`,
      })),
  );
}

/** Dangling references and doubled ids in a catalogue; an empty list when it is sound. */
export function catalogueFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  const glasses = new Set(catalogue.glasses.map((g) => g.id));
  const faults = [
    ...duplicates(
      catalogue.kinds.map((k) => k.id),
      '/kinds',
      'kind',
    ),
    ...duplicates(
      catalogue.recipes.map((r) => r.id),
      '/recipes',
      'recipe',
    ),
  ];
  catalogue.kinds.forEach((kind, i) => {
    if (kind.parent !== undefined && !kinds.has(kind.parent)) {
      faults.push({ path: `/kinds/${i}/parent`, message: `"${kind.parent}" is not a kind` });
    }
  });
  catalogue.recipes.forEach((recipe, i) => {
    faults.push(...slotFaults(recipe, i, kinds));
    if (!glasses.has(recipe.glass)) {
      faults.push({ path: `/recipes/${i}/glass`, message: `"${recipe.glass}" is not a glass` });
    }
  });
  catalogue.standIns.forEach((standIn, i) => {
    for (const id of [standIn.for, ...standIn.with]) {
      if (!kinds.has(id)) faults.push({ path: `/standIns/${i}`, message: `"${id}" is not a kind` });
    }
  });
  return faults;
}

/** Bottles of a price list whose kind the catalogue does not know, and doubled ids. */
export function priceListFaults(list: PriceList, kinds: ReadonlyMap<string, Kind>): Fault[] {
  const faults = duplicates(
    list.bottles.map((b) => b.id),
    '/bottles',
    'bottle',
  );
  list.bottles.forEach((bottle, i) => {
    const kind = kinds.get(bottle.kind);
    if (kind === undefined) {
      faults.push({
        path: `/bottles/${i}/kind`,
        message: `"${bottle.kind}" is not a kind we know (bottle "${bottle.label}")`,
      });
    } else if (kind.abstract) {
      faults.push({
        path: `/bottles/${i}/kind`,
        message: `"${bottle.kind}" is too broad to buy (bottle "${bottle.label}"); name one of its kinds`,
      });
    }
  });
  return faults;
}

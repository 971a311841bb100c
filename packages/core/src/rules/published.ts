import { z } from 'zod';
import { amountMl } from '../base/amount.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { idSchema } from '../base/ids.js';

/** A published list's measured parts, for comparing our specs with it. */
export const publishedListSchema = z.strictObject({
  provenance: z.string().min(20),
  list: z.string().min(10),
  /** The source that recipes of this list name. */
  source: idSchema,
  /** How far an amount may be from the published one: the greater of the two. */
  toleranceMl: z.number().positive(),
  toleranceShare: z.number().positive().max(0.5),
  specs: z.array(z.strictObject({ recipe: idSchema, ml: z.record(idSchema, z.number().positive()) })).min(1),
});
export type PublishedList = z.infer<typeof publishedListSchema>;

/** Recipes whose source is a published list, and that are never compared with it. */
export function uncomparedFaults(catalogue: Catalogue, sourceId: string, published: PublishedList): Fault[] {
  const compared = new Set(published.specs.map((s) => s.recipe));
  return catalogue.recipes.flatMap((recipe, i): Fault[] =>
    recipe.source === sourceId && !compared.has(recipe.id)
      ? [
          {
            code: 'published',
            pointer: `/recipes/${i}/source`,
            detail: `${recipe.id} is said to be of the ${published.list} and is not among its specs; add it there, or name another source`,
          },
        ]
      : [],
  );
}

/** Where a catalogue's specs are further from a published list than its tolerance allows. */
export function publishedFaults(catalogue: Catalogue, published: PublishedList): Fault[] {
  const recipes = new Map(catalogue.recipes.map((r) => [r.id, r]));
  return published.specs.flatMap((spec, i) => {
    const recipe = recipes.get(spec.recipe);
    if (recipe === undefined)
      return [
        { code: 'published', pointer: `/specs/${i}/recipe`, detail: `there is no recipe "${spec.recipe}"` },
      ];
    return Object.entries(spec.ml).flatMap(([kind, wanted]) => {
      const path = `/specs/${i}/ml/${kind}`;
      const slot = recipe.slots.find((s) => s.kind === kind || s.or.includes(kind));
      if (slot === undefined)
        return [
          {
            code: 'published',
            pointer: path,
            detail: `${recipe.id} has no ${kind}; the published list has ${wanted} ml`,
          },
        ];
      const ours = amountMl(slot.amount) ?? 0;
      const allowed = Math.max(published.toleranceMl, wanted * published.toleranceShare);
      return Math.abs(ours - wanted) > allowed + 1e-9
        ? [
            {
              code: 'published',
              pointer: path,
              detail: `${recipe.id} takes ${ours} ml of ${kind}; the published list has ${wanted}`,
            },
          ]
        : [];
    });
  });
}

import type { Evening } from '../evening/evening.js';
import { withoutDrink, type Collection } from '../notebook/collection.js';
import type { Plan } from '../plan/plan.js';

/** What may name a drink. */
interface Naming {
  plans: readonly Plan[];
  evenings: readonly Evening[];
  collections: readonly Collection[];
}

/**
 * What goes with a drink that is removed: the plans that must have it, the evenings that wish for it or will not have
 * it, the collections it is in, each as it is without it.
 */
export function goneWithDrink(id: string, { plans, evenings, collections }: Naming): Naming {
  const without = (ids: readonly string[]) => ids.filter((d) => d !== id);
  return {
    plans: plans
      .filter((p) => p.brief.mustDrinks.includes(id))
      .map((p) => ({ ...p, brief: { ...p.brief, mustDrinks: without(p.brief.mustDrinks) } })),
    evenings: evenings
      .filter((e) => e.must.includes(id) || e.never.includes(id))
      .map((e) => ({ ...e, must: without(e.must), never: without(e.never) })),
    collections: collections.filter((c) => c.drinks.includes(id)).map((c) => withoutDrink(c, id)),
  };
}

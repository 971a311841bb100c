import { PlanSearch } from '@uisce/core/planner';

/** Get the search compiled before the first question arrives: solve something small a few times. */
export function warmUp(): void {
  const ids = Array.from({ length: 24 }, (_, i) => `k${i}`);
  const slot = (id: string) => ({ any: [{ all: [id], fit: 1 }] });
  const search = new PlanSearch({
    format: 'uisce-plan-problem/1',
    budget: 1,
    items: ids.map((id, i) => ({ id, provides: [id], price: 90 + ((i * 37) % 50), widthMm: 0, counted: true, liquorMl: 0 })),
    drinks: ids.flatMap((id, i) =>
      [1, 5, 7].map((step) => ({ id: `${id}-${step}`, weight: 1, slots: [slot(id), slot(ids[(i + step) % 24] as string)] })),
    ),
    owned: [],
    must: [],
    never: [],
    mustDrinks: [],
    minFit: 1,
  }); // prettier-ignore
  for (let budget = 300; budget < 2000; budget += 300) search.solve(budget);
}

import { cheapestWay } from './cheapest-way.js';
import type { Judgement, PreparedProblem } from './prepared.js';

/** Bundles tried in one round; the rest can wait for the exact search. */
const MOST_BUNDLES = 300;

/**
 * A fair set in a few milliseconds, for the exact search to begin from and to beat.
 *
 * Opens the must-drinks first, then again and again buys the bundle (the cheapest way to one shut
 * drink) that brings the most value for its price. Greedy buying has no guarantee; this is never
 * shown as more than a first answer. `enough` may end the buying early. Returns undefined when the must-drinks do not fit.
 */
export function greedySet(
  prepared: PreparedProblem,
  budget: number,
  enough: () => boolean = () => false,
): Set<number> | undefined {
  let items = new Set(prepared.forced);
  for (const drink of prepared.mustDrinks) {
    for (const item of cheapestWay(prepared, drink, items)?.items ?? []) items.add(item);
  }
  let judged: Judgement = prepared.judge(items, budget);
  if (!judged.valid) return undefined;
  while (!enough()) {
    let best: { items: Set<number>; judged: Judgement; ratio: number } | undefined;
    for (const bundle of bundles(prepared, items, judged)) {
      const wider = new Set([...items, ...bundle]);
      const next = prepared.judge(wider, budget);
      const gain = next.steps - judged.steps;
      if (!next.valid || gain <= 0) continue;
      const ratio = gain / Math.max(next.spend - judged.spend, 1);
      if (best === undefined || ratio > best.ratio) best = { items: wider, judged: next, ratio };
    }
    if (best === undefined) break;
    ({ items, judged } = best);
  }
  return items;
}

/** The distinct cheapest ways to the drinks still shut, best value for money first. */
function bundles(prepared: PreparedProblem, items: ReadonlySet<number>, judged: Judgement): number[][] {
  const ways = new Map<string, { items: number[]; worth: number }>();
  prepared.drinks.forEach((drink, d) => {
    if ((judged.fits[d] ?? 0) > 0) return;
    const way = cheapestWay(prepared, d, items);
    if (way === undefined) return;
    const key = [...way.items].sort((a, b) => a - b).join(',');
    const worth = (ways.get(key)?.worth ?? 0) + drink.weight / Math.max(way.cost, 1);
    ways.set(key, { items: way.items, worth });
  });
  return [...ways.values()]
    .sort((a, b) => b.worth - a.worth)
    .slice(0, MOST_BUNDLES)
    .map((w) => w.items);
}

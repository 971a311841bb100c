import { PlanSearch } from '../planner/plan-search.js';
import { withoutLimits, type PlanProblem } from '../planner/problem.js';

/** What makes several drinks at once with the fewest bottles. */
export interface FewestBottles {
  /** Ids of the bottles to get. */
  bottles: string[];
  /** Ids of what else is to be got: mixers, packs, glasses, tools. */
  others: string[];
  /** What they cost together, minor units. */
  cost: number;
}

/**
 * The fewest bottles that open every one of some drinks, and of such sets the cheapest; what is owned is there. Exact: the
 * planner's own search, with each bottle dearer than all the money there is.
 *
 * @param drinks ids; those the problem does not know are left out.
 * @returns undefined where nothing on sale makes one of them.
 * @example fewestBottles(compilePlan(brief, prices, catalogue).problem, ['negroni', 'boulevardier'])?.bottles.length // 4
 */
export function fewestBottles(problem: PlanProblem, drinks: readonly string[]): FewestBottles | undefined {
  const wanted = new Set(drinks);
  const owned = new Set(problem.owned);
  const all = problem.items.reduce((sum, i) => sum + (owned.has(i.id) ? 0 : i.price), 0) + 1;
  const isCounted = new Map(problem.items.map((i) => [i.id, i.counted && !owned.has(i.id)]));
  const { variety: _v, shares: _s, ...plain } = withoutLimits(problem);
  const asked: PlanProblem = {
    ...plain,
    items: problem.items.map((i) => (isCounted.get(i.id) ? { ...i, price: i.price + all } : i)),
    drinks: problem.drinks.filter((d) => wanted.has(d.id)).map((d) => ({ ...d, weight: 0 })),
    mustDrinks: problem.drinks.flatMap((d) => (wanted.has(d.id) ? [d.id] : [])),
    must: [],
  };
  const search = new PlanSearch(asked);
  const answer = search.solve(search.wholePrice);
  if (answer.status !== 'optimal') return undefined;
  const items = answer.items.filter((id) => !owned.has(id));
  const bottles = items.filter((id) => isCounted.get(id));
  const others = items.filter((id) => !isCounted.get(id));
  return { bottles, others, cost: answer.spend - bottles.length * all };
}

import { PlanSearch } from '../planner/plan-search.js';
import { withoutLimits, type PlanProblem } from '../planner/problem.js';

/** Why no set meets every rule. */
export type Obstacle =
  { kind: 'money'; need: number } | { kind: 'limits' } | { kind: 'unobtainable'; drinks: string[] };

/** Least money that meets every rule, whatever it makes; undefined when no money does. */
function leastSpend(problem: PlanProblem): number | undefined {
  const { variety: _v, shares: _s, ...plain } = problem;
  const worthless = { ...plain, drinks: problem.drinks.map((d) => ({ ...d, weight: 0 })) };
  const search = new PlanSearch(worthless);
  const answer = search.solve(search.wholePrice);
  return answer.status === 'optimal' ? answer.spend : undefined;
}

/**
 * Find out what stands in the way of an infeasible problem: too little money (and how much would
 * do), limits on number or room, or drinks that nothing on sale can open.
 */
export function findObstacle(problem: PlanProblem): Obstacle {
  const need = leastSpend(problem);
  if (need !== undefined) return { kind: 'money', need };
  const unlimited = withoutLimits(problem);
  if (leastSpend(unlimited) !== undefined) return { kind: 'limits' };
  const drinks = problem.mustDrinks.filter(
    (id) => leastSpend({ ...unlimited, must: [], mustDrinks: [id] }) === undefined,
  );
  return { kind: 'unobtainable', drinks };
}

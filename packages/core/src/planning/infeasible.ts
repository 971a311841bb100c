import type { Highs } from 'highs';
import { PlanModel } from './plan-model.js';
import type { PlanProblem } from './problem.js';

/** Why no set meets every rule. */
export type Obstacle =
  { kind: 'money'; need: number } | { kind: 'limits' } | { kind: 'unobtainable'; drinks: string[] };

function leastSpend(highs: Highs, problem: PlanProblem): number | undefined {
  const model = new PlanModel(highs, problem);
  try {
    return model.leastSpend();
  } finally {
    model.dispose();
  }
}

/**
 * Find out what stands in the way of an infeasible problem: too little money (and how much would
 * do), limits on number or room, or drinks that nothing on sale can open.
 */
export function findObstacle(highs: Highs, problem: PlanProblem): Obstacle {
  const need = leastSpend(highs, problem);
  if (need !== undefined) return { kind: 'money', need };
  const { maxCounted: _c, maxWidthMm: _w, maxLiquorMl: _l, ...unlimited } = problem;
  if (leastSpend(highs, unlimited) !== undefined) return { kind: 'limits' };
  const drinks = problem.mustDrinks.filter(
    (id) => leastSpend(highs, { ...unlimited, must: [], mustDrinks: [id] }) === undefined,
  );
  return { kind: 'unobtainable', drinks };
}

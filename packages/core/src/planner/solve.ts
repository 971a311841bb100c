import { PlanSearch, type SolveControl } from './plan-search.js';
import type { Frontier, FrontierPoint, PlanAnswer, PlanProblem } from './problem.js';

/**
 * Best set of items for a problem, proven, with every tie broken as the format says.
 *
 * @throws OutOfTimeError when no valid set was found in the time given.
 * @example solvePlan(workedExample).status // 'optimal'
 */
export function solvePlan(problem: PlanProblem, control: SolveControl = {}): PlanAnswer {
  return new PlanSearch(problem).solve(problem.budget, control);
}

/**
 * Every efficient point from the forced minimum to the budget, in rising order. When time runs out
 * the points up to there are returned, each of them exact, and the status is "feasible".
 *
 * @example solveFrontier(problem).points
 */
export function solveFrontier(problem: PlanProblem, control: SolveControl = {}): Frontier {
  const search = new PlanSearch(problem);
  const points: FrontierPoint[] = [];
  for (const stretch of search.stretches(problem.budget)) {
    if (!search.settle(stretch, control)) return { status: 'feasible', points };
    // The first of a stretch may be the last of the one before.
    for (const { spend, value, items } of search.known(stretch))
      if (points.at(-1)?.spend !== spend) points.push({ spend, value, items });
  }
  return { status: points.length === 0 ? 'infeasible' : 'optimal', points };
}

import type { Highs } from 'highs';
import { PlanModel, type SolveControl } from './plan-model.js';
import type { Frontier, FrontierPoint, PlanAnswer, PlanProblem } from './problem.js';

/**
 * Best set of items for a problem, proven by HiGHS, with every tie broken as the format says.
 *
 * @throws OutOfTimeError when no valid set was found in the time given.
 */
export function solvePlan(highs: Highs, problem: PlanProblem, control: SolveControl = {}): PlanAnswer {
  const model = new PlanModel(highs, problem);
  try {
    return model.solve(problem.budget, control);
  } finally {
    model.dispose();
  }
}

/**
 * Every efficient point from the forced minimum to the budget, in rising order.
 *
 * Walks downward: the best set at a budget spends S, so the next point lies at S − 1 or below.
 * When time runs out the points found so far are returned, and the status is "feasible".
 */
export function solveFrontier(highs: Highs, problem: PlanProblem, control: SolveControl = {}): Frontier {
  const model = new PlanModel(highs, problem);
  const points: FrontierPoint[] = [];
  try {
    let budget = problem.budget;
    while (budget >= 0) {
      const answer = model.solve(budget, control);
      if (answer.status === 'feasible') return { status: 'feasible', points: points.reverse() };
      if (answer.status === 'infeasible') break;
      points.push({ spend: answer.spend, value: answer.value, items: answer.items });
      budget = answer.spend - 1;
    }
    return { status: points.length === 0 ? 'infeasible' : 'optimal', points: points.reverse() };
  } finally {
    model.dispose();
  }
}

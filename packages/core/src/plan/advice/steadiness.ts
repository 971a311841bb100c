import { randomFrom } from '../../base/random.js';
import type { PlanProblem } from '../../planner/problem.js';
import { solvePlan } from '../../planner/solve.js';

/** How the prices of one draw are made: each is its own, within this share of what it is. */
const PRICE_SPREAD = 0.15;

/** How often each item was in the best set when prices wandered. */
export interface Steadiness {
  draws: number;
  picked: Record<string, number>;
}

/**
 * Solve the problem again with prices drawn anew, so many times, and count what stays in. The same
 * seed gives the same draws.
 *
 * @param draws how often.
 * @param onDraw told after each; false ends it early.
 */
export function steadiness(
  problem: PlanProblem,
  draws: number,
  onDraw: (so: Steadiness) => boolean = () => true,
  seed = 1,
): Steadiness {
  const random = randomFrom(seed);
  const so: Steadiness = { draws: 0, picked: {} };
  const wander = (price: number) => Math.round(price * (1 + PRICE_SPREAD * (2 * random() - 1)));
  while (so.draws < draws) {
    const items = problem.items.map((item) => ({ ...item, price: wander(item.price) }));
    for (const id of solvePlan({ ...problem, items }).items) so.picked[id] = (so.picked[id] ?? 0) + 1;
    so.draws += 1;
    if (!onDraw(so)) break;
  }
  return so;
}

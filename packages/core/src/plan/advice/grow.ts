import { withoutLimits, type PlanAnswer, type PlanProblem } from '../../planner/problem.js';
import { PlanSearch } from '../../planner/plan-search.js';
import { PreparedProblem } from '../../planner/prepared.js';
import { changeBetween, type Change } from './change.js';

/** The cheapest way from a set to several wanted drinks at once. */
export interface Growth {
  /** Absent when nothing on sale makes one of them. */
  change?: Change;
  cost: number;
}

/** The problem from a set on: what it holds is there already, and money is no object. */
function from(problem: PlanProblem, held: readonly string[]): PlanProblem {
  const unlimited = withoutLimits(problem);
  const kept = new Set(held);
  return {
    ...unlimited,
    owned: [...kept],
    must: [],
    mustDrinks: [],
    never: problem.never.filter((id) => !kept.has(id)),
  };
}

/**
 * The cheapest items that open every wanted drink from the answer's set, proven, and what else they
 * open; limits are left aside, since this asks what money would do.
 */
export function growTo(problem: PlanProblem, answer: PlanAnswer, wanted: readonly string[]): Growth {
  const start = from(problem, answer.items);
  const { variety: _v, shares: _s, ...plain } = start;
  const cheapest = new PlanSearch({
    ...plain,
    drinks: plain.drinks.map((d) => ({ ...d, weight: 0 })),
    mustDrinks: [...wanted],
  });
  const way = cheapest.solve(cheapest.wholePrice);
  if (way.status === 'infeasible') return { cost: 0 };
  const prepared = new PreparedProblem(start);
  return {
    cost: way.spend,
    change: changeBetween(prepared.answerOf(answer.items), prepared.answerOf(way.items)),
  };
}

/**
 * Which bottles to ask guests for, one each, so that the answer's menu widens most: the best set of
 * so many more items when money is no object.
 *
 * @param askable ids that a guest can bring.
 */
export function askGuests(
  problem: PlanProblem,
  answer: PlanAnswer,
  guests: number,
  askable: ReadonlySet<string>,
): Change {
  const start = from(problem, answer.items);
  const held = new Set(start.owned);
  const asked = {
    ...start,
    // Every bottle costs one guest.
    items: start.items.map((item) => ({ ...item, price: held.has(item.id) ? 0 : 1 })),
    never: start.items.filter((i) => !held.has(i.id) && !askable.has(i.id)).map((i) => i.id),
  };
  const best = new PlanSearch(asked).solve(guests);
  const prepared = new PreparedProblem(start);
  return changeBetween(prepared.answerOf(answer.items), prepared.answerOf(best.items));
}

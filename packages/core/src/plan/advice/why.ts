import { PreparedProblem } from '../../planner/prepared.js';
import type { PlanAnswer, PlanProblem } from '../../planner/problem.js';
import { solvePlan } from '../../planner/solve.js';
import { changeBetween, type Change } from './change.js';

/** Rivals named beside an item. */
const MAX_RIVALS = 3;

/** What holds an item in the set, whatever it makes. */
export type HeldBy = { kind: 'owned' } | { kind: 'kept' } | { kind: 'must-drinks'; drinks: string[] };

/** Another item put in an item's place in the set as it stands: what that costs in value. */
export interface Rival {
  id: string;
  loses: number;
  spend: number;
}

/** Why an item is in the best set: what the best set without it is like. */
export interface WhyIn {
  heldBy?: HeldBy;
  /** From the answer to the best set without the item; absent when no set does without it. */
  without?: Change;
  rivals: Rival[];
}

/** Why an item is not in the best set: what the best set with it is like. */
export interface WhyNot {
  /** Absent when no allowed set holds it: too dear, or against a limit. */
  withIt?: Change;
  ruledOut: boolean;
}

/**
 * Solve anew without an item of the answer, and say what that loses, what would come instead, and
 * what holds it in.
 */
export function whyIn(problem: PlanProblem, answer: PlanAnswer, itemId: string): WhyIn {
  const others = (ids: readonly string[]) => ids.filter((id) => id !== itemId);
  const freed = { ...problem, owned: others(problem.owned), must: others(problem.must) };
  const refused = { ...freed, never: [...problem.never, itemId] };
  const best = solvePlan(refused);
  const heldBy = holderOf(problem, refused, itemId);
  return {
    ...(heldBy ? { heldBy } : {}),
    ...(best.status === 'infeasible' ? {} : { without: changeBetween(answer, best) }),
    rivals: rivalsOf(freed, answer, itemId),
  };
}

function holderOf(problem: PlanProblem, refused: PlanProblem, itemId: string): HeldBy | undefined {
  if (problem.owned.includes(itemId)) return { kind: 'owned' };
  if (problem.must.includes(itemId)) return { kind: 'kept' };
  const prepared = new PreparedProblem(refused);
  const all = new Set(problem.items.map((_, i) => i).filter((i) => !prepared.never.has(i)));
  const supply = prepared.supply(all);
  const drinks = [...prepared.mustDrinks].filter((d) => prepared.fit(d, supply) === 0);
  if (drinks.length === 0) return undefined;
  return { kind: 'must-drinks', drinks: drinks.map((d) => prepared.drinks[d]?.id ?? '') };
}

/** The items that would cost least in this one's place, nothing else in the set changed. */
function rivalsOf(problem: PlanProblem, answer: PlanAnswer, itemId: string): Rival[] {
  const prepared = new PreparedProblem(problem);
  const index = new Map(problem.items.map((item, i) => [item.id, i]));
  const rest = answer.items.filter((id) => id !== itemId).map((id) => index.get(id) as number);
  const bare = prepared.judge(new Set(rest)).steps;
  const chosen = new Set(answer.items);
  return problem.items
    .flatMap((item, i): Rival[] => {
      if (chosen.has(item.id) || prepared.never.has(i)) return [];
      const judged = prepared.judge(new Set([...rest, i]));
      if (!judged.valid || judged.steps <= bare) return [];
      return [{ id: item.id, loses: answer.value - judged.value, spend: judged.spend - answer.spend }];
    })
    .sort((a, b) => a.loses - b.loses || a.spend - b.spend || (a.id < b.id ? -1 : 1))
    .slice(0, MAX_RIVALS);
}

/** Force an item in that the answer leaves out, and say what that costs. */
export function whyNot(problem: PlanProblem, answer: PlanAnswer, itemId: string): WhyNot {
  const ruledOut = problem.never.includes(itemId);
  const forced = solvePlan({
    ...problem,
    never: problem.never.filter((id) => id !== itemId),
    must: [...problem.must, itemId],
  });
  if (forced.status === 'infeasible') return { ruledOut };
  return { ruledOut, withIt: changeBetween(answer, forced) };
}

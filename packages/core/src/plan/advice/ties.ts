import { PlanSearch } from '../../planner/plan-search.js';
import type { PlanAnswer, PlanProblem } from '../../planner/problem.js';

/** Sets as good as the answer: same value, same spend, same number of items. */
export interface Ties {
  /** The answer's own set first; at most as many as were asked for. */
  sets: string[][];
  /** Whether there are no more than these. */
  all: boolean;
  /** Items that every one of them holds. */
  shared: string[];
}

/**
 * Every set as good as a proven answer. One such set is left out at a time: for each item of a set,
 * the best set without it and with the items before it is as good, or there is none (Lawler 1972).
 */
export function tiesOf(problem: PlanProblem, answer: PlanAnswer, most: number): Ties {
  const forced = new Set([...problem.owned, ...problem.must]);
  const sets: string[][] = [answer.items];
  const open: { items: string[]; must: string[]; never: string[] }[] = [
    { items: answer.items, must: [], never: [] },
  ];
  while (open.length > 0 && sets.length < most) {
    const { items, must, never } = open.shift() as (typeof open)[number];
    const held = [...must];
    for (const item of items) {
      if (forced.has(item) || must.includes(item)) continue;
      const refused = [...never, item];
      const search = new PlanSearch({
        ...problem,
        must: [...problem.must, ...held],
        never: [...problem.never, ...refused],
      });
      const other = search.equal(answer);
      if (other !== undefined) {
        sets.push(other.items);
        open.push({ items: other.items, must: [...held], never: refused });
        if (sets.length === most) break;
      }
      held.push(item);
    }
  }
  const shared = answer.items.filter((id) => sets.every((set) => set.includes(id)));
  return { sets, all: open.length === 0 && sets.length < most, shared };
}

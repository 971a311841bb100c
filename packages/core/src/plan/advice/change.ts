import type { PlanAnswer } from '../../planner/problem.js';

/** How one set differs from another: ids of items and of drinks. */
export interface Change {
  joined: string[];
  left: string[];
  added: string[];
  lost: string[];
  /** Value and spend of the second less those of the first. */
  value: number;
  spend: number;
}

type Compared = Pick<PlanAnswer, 'items' | 'drinks' | 'value' | 'spend'>;

/** What changes from one answer to another. */
export function changeBetween(from: Compared, to: Compared): Change {
  const drinks = (answer: Compared) => answer.drinks.map((d) => d.id);
  return {
    joined: lacking(to.items, from.items),
    left: lacking(from.items, to.items),
    added: lacking(drinks(to), drinks(from)),
    lost: lacking(drinks(from), drinks(to)),
    value: to.value - from.value,
    spend: to.spend - from.spend,
  };
}

function lacking(list: readonly string[], from: readonly string[]): string[] {
  const known = new Set(from);
  return list.filter((id) => !known.has(id));
}

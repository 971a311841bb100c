import type { MenuCriterion } from './menu.js';
import type { Evening } from './evening.js';

/** What an evening says of its menu: drinks that must stand on it, and drinks that never do. No drink is both. */
export type MenuWishes = Pick<Evening, 'must' | 'never'>;

const without = (ids: readonly string[], id: string) => ids.filter((other) => other !== id);

/**
 * A drink never stands on the menu.
 *
 * @example refuse(evening, 'negroni').never // [..., 'negroni']
 */
export function refuse({ must, never }: MenuWishes, id: string): MenuWishes {
  return { must: without(must, id), never: [...without(never, id), id] };
}

/**
 * A drink must stand on the menu; of more than it has room for, those asked for last.
 *
 * @param size drinks on the menu.
 */
export function demand({ must, never }: MenuWishes, id: string, size: number): MenuWishes {
  return { must: [...without(must, id), id].slice(-size), never: without(never, id) };
}

/** A drink need not stand on the menu any more, and may. */
export function free({ must, never }: MenuWishes, id: string): MenuWishes {
  return { must: without(must, id), never: without(never, id) };
}

/** What decides between two menus, with one criterion moved up a place; the first stays first. */
export function sooner(order: readonly MenuCriterion[], criterion: MenuCriterion): MenuCriterion[] {
  const at = order.indexOf(criterion);
  const moved = order.filter((other) => other !== criterion);
  if (at >= 0) moved.splice(Math.max(0, at - 1), 0, criterion);
  return moved;
}

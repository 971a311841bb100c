import { limitsByName, type Limits } from '../drink/limits.js';
import type { World } from './descriptor.js';

/**
 * What a name cannot have, by all that was said of it: in the household's book, of a guest of an evening that is not
 * over, by a guest on their own page.
 */
export function limitsIn({
  people,
  evenings,
  asks,
}: Pick<World, 'people' | 'evenings' | 'asks'>): (name: string) => Limits {
  const open = evenings.filter((e) => e.endedOn === null);
  const ids = new Set(open.map((e) => e.id));
  return limitsByName([
    // Whether somebody drives is asked each time: of the book it is said, and refuses nothing.
    ...people.map((p) => ({ ...p, drives: false })),
    ...open.flatMap((e) => e.guests),
    // Somebody of that name at an evening that is over may have been somebody else.
    ...asks
      .filter((a) => ids.has(a.evening))
      .map(({ name, cannot, without, noAlcohol }) => ({
        name,
        allergens: cannot,
        without,
        noAlcohol,
        drives: false,
      })),
  ]);
}

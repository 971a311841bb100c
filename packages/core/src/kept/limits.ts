import { limitsByName, type Limits } from '../drink/limits.js';
import type { World } from './descriptor.js';

/**
 * What a name cannot have, by all that was said of it: in the household's book, of a guest of an evening that is not
 * over, by a guest on their own page.
 */
export function limitsIn({ people, evenings, asks }: Pick<World, 'people' | 'evenings' | 'asks'>): (name: string) => Limits {
  const guests = evenings.filter((e) => e.endedOn === null).flatMap((e) => e.guests);
  return limitsByName([
    ...people,
    ...guests,
    ...asks.map(({ name, cannot, noAlcohol }) => ({ name, allergens: cannot, noAlcohol, drives: false })),
  ]);
} // prettier-ignore

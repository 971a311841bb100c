import type { Taste } from '../drink/tastes.js';
import { FINDS_EACH, type Candidate, type MenuProblem } from './menu.js';
import type { Guest } from './guest.js';

/** What a menu lacks for somebody: said of it before anything good is. */
export type Lack =
  /** What they like is what they will not have: nothing can please them. */
  | { is: 'contradiction'; guest: string; tastes: Taste[] }
  /** They find fewer than two on it; `exists` is how many there are here for them at all. */
  | { is: 'few'; guest: string; finds: number; exists: number }
  /** Nothing without alcohol stands on it, for whoever wants that. */
  | { is: 'no-soft' };

/**
 * Tastes that somebody likes and will not have, or cannot: likes and nevers that exclude each other.
 *
 * @example contradictionsOf({ …, likes: ['sour'], dislikes: ['sour'] }) // ['sour']
 */
export function contradictionsOf({
  likes,
  dislikes,
  allergens,
  noAlcohol,
  drives,
}: Pick<Guest, 'likes' | 'dislikes' | 'allergens' | 'noAlcohol' | 'drives'>): Taste[] {
  return likes.filter(
    (taste) =>
      dislikes.includes(taste) ||
      (taste === 'egg' && allergens.includes('egg')) ||
      (taste === 'strong' && (noAlcohol || drives)),
  );
}

/**
 * What a menu lacks, for whom; empty only where everyone really finds two they like.
 *
 * @param seats of the problem: the guests in their order, and after them whoever comes without alcohol.
 */
export function lacksOf(
  guests: readonly Guest[],
  { candidates, seats }: Pick<MenuProblem, 'candidates' | 'seats'>,
  drinks: readonly string[],
): Lack[] {
  const on = new Set(drinks);
  const found = (seat: number, of: (c: Candidate) => boolean) =>
    candidates.filter((c) => c.finds[seat] && of(c)).length;
  const lacks = guests.flatMap((guest, seat): Lack[] => {
    const finds = found(seat, (c) => on.has(c.id));
    if (finds >= FINDS_EACH) return [];
    const exists = found(seat, () => true);
    const tastes = contradictionsOf(guest);
    if (exists === 0 && tastes.length > 0) return [{ is: 'contradiction', guest: guest.name, tastes }];
    return [{ is: 'few', guest: guest.name, finds, exists }];
  });
  // Of those who may come without being asked for: one who drinks nothing with alcohol.
  const soft = guests.length;
  return seats.length > soft && found(soft, (c) => on.has(c.id)) === 0
    ? [...lacks, { is: 'no-soft' }]
    : lacks;
}

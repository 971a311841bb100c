import type { Guest } from './guest.js';

/** Pours a guest in each hour: two in the first, one an hour after (common practice). */
export function usualThirst(hours: number): number[] {
  return Array.from({ length: Math.max(1, Math.ceil(hours)) }, (_, h) => (h === 0 ? 2 : 1));
}

/** Pours of each drink of a card, and those for whom it has none. */
export interface Pours {
  /** By drink, whole glasses. */
  byDrink: number[];
  byHour: number[];
  total: number;
  /** Guests for whom the card has nothing. */
  without: string[];
}

/**
 * Who drinks how much of what: each guest's pours are shared evenly among the drinks of the card that they find;
 * whole glasses, their sum kept.
 *
 * @param found by guest and drink: whether they find it.
 * @param thirst pours a guest by hour.
 */
export function poursOf(
  guests: readonly Guest[],
  found: readonly (readonly boolean[])[],
  thirst: readonly number[],
  drinks: number,
): Pours {
  const each = thirst.reduce((a, b) => a + b, 0);
  const exact = Array.from({ length: drinks }, () => 0);
  const without: string[] = [];
  let served = 0;
  guests.forEach(({ count, name }, g) => {
    const mine = (found[g] ?? []).flatMap((is, d) => (is ? [d] : []));
    if (mine.length === 0) {
      without.push(name);
      return;
    }
    served += count;
    for (const d of mine) exact[d] = (exact[d] ?? 0) + (count * each) / mine.length;
  });
  const total = Math.round(served * each);
  const byDrink = exact.map(Math.floor);
  const order = exact
    .map((x, d) => ({ d, rest: x - Math.floor(x) }))
    .sort((a, b) => b.rest - a.rest || a.d - b.d);
  for (let k = 0, more = total - byDrink.reduce((a, b) => a + b, 0); k < more; k++) {
    const at = order[k % order.length]?.d ?? 0;
    byDrink[at] = (byDrink[at] ?? 0) + 1;
  }
  return { byDrink, byHour: thirst.map((t) => Math.round(t * served)), total, without };
}

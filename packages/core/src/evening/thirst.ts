import type { Guest } from './guest.js';

/** Pours a guest in each hour: two in the first, one an hour after (common practice). */
export function usualThirst(hours: number): number[] {
  return Array.from({ length: Math.max(1, Math.ceil(hours)) }, (_, h) => (h === 0 ? 2 : 1));
}

/** Pours a guest in each hour of an evening: as they said or as was learnt, else the usual; the last hour goes on. */
export function thirstOf({ hours, thirst }: { hours: number; thirst: readonly number[] | null }): number[] {
  const usual = usualThirst(hours);
  return thirst === null || thirst.length === 0
    ? usual
    : usual.map((_, h) => thirst[h] ?? thirst.at(-1) ?? 1);
}

/** People who drink so much each. */
export interface Drinker {
  people: number;
  /** Glasses of each, the whole evening. */
  pours: number;
}

/**
 * Who drinks how much of what: everyone's pours are shared evenly among the drinks of the menu that they find; whole
 * glasses, their sum kept.
 */
export function sharePours(
  drinkers: readonly Drinker[],
  found: (drinker: number, drink: number) => boolean,
  drinks: number,
): { byDrink: number[]; total: number } {
  const exact = Array.from({ length: drinks }, () => 0);
  let all = 0;
  drinkers.forEach(({ people, pours }, s) => {
    let mine = 0;
    for (let d = 0; d < drinks; d++) if (found(s, d)) mine += 1;
    if (mine === 0) return;
    all += people * pours;
    for (let d = 0; d < drinks; d++) if (found(s, d)) exact[d] = (exact[d] ?? 0) + (people * pours) / mine;
  });
  const total = Math.round(all);
  // Sums of thirds come out a hair below whole numbers.
  const byDrink = exact.map((x) => Math.floor(x + 1e-9));
  const order = exact
    .map((x, d) => ({ d, rest: Math.round((x - (byDrink[d] ?? 0)) * 1e9) }))
    .sort((a, b) => b.rest - a.rest || a.d - b.d);
  for (let k = 0, more = total - byDrink.reduce((a, b) => a + b, 0); k < more; k++) {
    const at = order[k % order.length]?.d ?? 0;
    byDrink[at] = (byDrink[at] ?? 0) + 1;
  }
  return { byDrink, total };
}

/** Pours of each drink of a menu, and those for whom it has none. */
export interface MenuPours {
  /** By drink, whole glasses. */
  byDrink: number[];
  byHour: number[];
  total: number;
  /** Guests for whom the menu has nothing. */
  without: string[];
}

/**
 * The pours of an evening.
 *
 * @param found by guest and drink: whether they find it.
 * @param thirst pours a guest by hour.
 */
export function poursOf(
  guests: readonly Pick<Guest, 'count' | 'name'>[],
  found: readonly (readonly boolean[])[],
  thirst: readonly number[],
  drinks: number,
): MenuPours {
  const pours = thirst.reduce((a, b) => a + b, 0);
  const finds = (g: number, d: number) => found[g]?.[d] ?? false;
  const shared = sharePours(
    guests.map(({ count }) => ({ people: count, pours })),
    finds,
    drinks,
  );
  const dry = guests.filter((_, g) => !found[g]?.some(Boolean));
  const served = guests.reduce((sum, g) => sum + (dry.includes(g) ? 0 : g.count), 0);
  return {
    ...shared,
    byHour: thirst.map((t) => Math.round(t * served)),
    without: dry.map((g) => g.name),
  };
}

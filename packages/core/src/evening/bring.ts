import type { Kind } from '../catalogue/kind.js';
import { scoreMenu, type MenuProblem } from './menu.js';
import { goodMenu } from './good-menu.js';
import { moneyFor, type EveningWare } from './ware.js';

/** Something a guest may bring, and what that would do. */
export interface Bring {
  kind: string;
  /** Drinks that somebody who comes would like, and that lack nothing else. */
  adds: number;
  /** What of the menu's missing money falls away, minor units. */
  savesMinor: number;
  /** What a menu with it would lack still, minor units. */
  thenMinor: number;
}

/** So many are worked out to the end. */
const MOST = 6;

/**
 * What to ask guests for: the bottles with which the menu lacks least, and which open most for those who come.
 *
 * @param drinks of the menu as it stands.
 */
export function bringOf(
  problem: MenuProblem,
  drinks: readonly string[],
  kinds: ReadonlyMap<string, Kind>,
): Bring[] {
  const on = drinks.flatMap((id) => problem.candidates.find((c) => c.id === id) ?? []);
  const now = scoreMenu(problem, on).money;
  const with_ = (place: number): MenuProblem => ({
    ...problem,
    wares: problem.wares.map((w, i): EveningWare => (i === place ? { ...w, there: Infinity } : w)),
  });
  const all = problem.wares.flatMap((ware, place) => {
    const isBottle = kinds.get(ware.kind)?.supply === 'bottle';
    // Nobody is asked for what is there.
    if (!isBottle || !ware.packs.some((p) => p.ware.is === 'bottle')) return [];
    const adds = problem.candidates.filter(({ finds, uses }) => {
      const mine = uses.find((u) => u.ware === place);
      if (mine === undefined || !finds.some(Boolean) || moneyFor(ware, mine.amount) === 0) return false;
      return uses.every((u) => u === mine || moneyFor(problem.wares[u.ware] as EveningWare, u.amount) === 0);
    }).length;
    const savesMinor = now - scoreMenu(with_(place), on).money;
    return adds > 0 || savesMinor > 0 ? [{ place, kind: ware.kind, adds, savesMinor }] : [];
  });
  return all
    .sort((a, b) => b.savesMinor - a.savesMinor || b.adds - a.adds || (a.kind < b.kind ? -1 : 1))
    .slice(0, MOST)
    .map(({ place, ...bring }): Bring => {
      const better = goodMenu(with_(place))?.score;
      return {
        ...bring,
        thenMinor: Math.min(better?.lacking === 0 ? better.money : Infinity, now - bring.savesMinor),
      };
    })
    .sort((a, b) => a.thenMinor - b.thenMinor || b.adds - a.adds);
}

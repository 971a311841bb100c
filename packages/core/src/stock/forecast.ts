import { addDays, daysBetween } from '../base/days.js';
import type { Kind } from '../catalogue/kind.js';
import type { Bottle } from './bottle.js';
import { goodUntil } from './life.js';
import type { AtHand } from './at-hand.js';

/** No pace is known well enough to tell a day beyond ten years. */
const FORESEEN_DAYS = 3653;

/** What becomes of a kind at a pace. */
export interface Forecast {
  kind: string;
  ml: number;
  perWeekMl: number;
  /** The day it runs dry; undefined where nothing pours it, or so little that it stands for ten years. */
  dryOn: string | undefined;
  /** The day some of it turns before it is poured, and how much of it is lost then. */
  turnsOn: string | undefined;
  lostMl: number;
  /** Whichever comes first. */
  first: string | undefined;
}

/**
 * The day each kind runs dry or turns. Bottles are poured one after the other; what is still in one when it
 * turns is lost.
 *
 * @param perWeekMl ml of a kind that are poured in a week.
 * @param today ISO day.
 */
export function forecast(
  there: ReadonlyMap<string, AtHand>,
  bottles: readonly Bottle[],
  kinds: ReadonlyMap<string, Kind>,
  perWeekMl: (kind: string) => number,
  today: string,
): Forecast[] {
  const byId = new Map(bottles.map((b) => [b.id, b]));
  const all = [...there.values()].map((at): Forecast => {
    const perDay = perWeekMl(at.kind) / 7;
    const kind = kinds.get(at.kind);
    let day = 0;
    let lostMl = 0;
    let turnsOn: string | undefined;
    for (const id of at.bottleIds) {
      const bottle = byId.get(id);
      if (!bottle || !kind || bottle.leftMl === null) continue;
      const until = goodUntil(bottle, kind);
      const days = perDay > 0 ? bottle.leftMl / perDay : Infinity;
      const good = until === undefined ? Infinity : Math.max(0, daysBetween(today, until) - day);
      if (days > good) {
        turnsOn ??= until;
        lostMl += bottle.leftMl - good * perDay;
        day += good;
      } else day += days;
    }
    const dryOn = perDay > 0 && day <= FORESEEN_DAYS ? addDays(today, Math.floor(day)) : undefined;
    const first = [dryOn, turnsOn].filter((d) => d !== undefined).sort()[0];
    return { kind: at.kind, ml: at.ml, perWeekMl: perDay * 7, dryOn, turnsOn, lostMl, first };
  });
  return all.sort((a, b) => {
    const [x, y] = [a.first ?? '9999', b.first ?? '9999'];
    return x === y ? (a.kind < b.kind ? -1 : 1) : x < y ? -1 : 1;
  });
}

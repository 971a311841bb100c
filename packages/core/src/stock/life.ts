import { addDays, daysBetween } from '../base/days.js';
import { daysOnceOpen, type Kind } from '../catalogue/kind.js';
import type { Bottle } from './bottle.js';

/** Below a third a spirit fades sooner: use it first, or decant it (common practice). */
export const FADING_LEVEL = 1 / 3;

/** The last day a bottle is good; undefined for what keeps for years, or where no day is known. */
export function goodUntil(
  { openedOn, boughtOn, place }: Pick<Bottle, 'openedOn' | 'boughtOn' | 'place'>,
  kind: Pick<Kind, 'openDays' | 'boughtOpenDays' | 'closedDays'>,
): string | undefined {
  // What is frozen waits.
  if (place === 'freezer') return undefined;
  const open = daysOnceOpen(kind, { homeMade: false });
  if (openedOn !== null) return open === undefined ? undefined : addDays(openedOn, open);
  return boughtOn === null || kind.closedDays === undefined ? undefined : addDays(boughtOn, kind.closedDays);
}

/** Days from today to the last good one; less than 0 when it is past. */
export function daysLeft(
  bottle: Pick<Bottle, 'openedOn' | 'boughtOn' | 'place'>,
  kind: Pick<Kind, 'openDays' | 'boughtOpenDays' | 'closedDays'>,
  today: string,
): number | undefined {
  const until = goodUntil(bottle, kind);
  return until === undefined ? undefined : daysBetween(today, until);
}

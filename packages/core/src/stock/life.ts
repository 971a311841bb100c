import { addDays, daysBetween } from '../base/days.js';
import { daysOnceOpen, daysSealed, type Kind } from '../catalogue/kind.js';
import type { Bottle } from './bottle.js';

/** Below a third a spirit fades sooner: use it first, or decant it (common practice). */
export const FADING_LEVEL = 1 / 3;
/** What turns keeps so long in the freezer (common practice: juice and syrup three months). */
export const FROZEN_DAYS = 90;

type Dated = Pick<Bottle, 'openedOn' | 'boughtOn' | 'place' | 'frozenOn' | 'frozenDays'>;
type Turning = Pick<Kind, 'openDays' | 'boughtOpenDays' | 'closedDays' | 'boughtClosedDays'>;

/**
 * The last day a bottle is good; undefined for what keeps for years, or where no day is known. Days in the freezer do
 * not count, as far as they were written down; they never bring back what was past its day.
 */
export function goodUntil(bottle: Dated, kind: Turning): string | undefined {
  const { openedOn, boughtOn, frozenOn, frozenDays } = bottle;
  const open = daysOnceOpen(kind, { homeMade: false });
  const [from, days] = openedOn !== null ? [openedOn, open] : [boughtOn, daysSealed(kind)];
  if (from === null || days === undefined) return undefined;
  return frozenOn === null ? addDays(from, days + (frozenDays ?? 0)) : addDays(frozenOn, FROZEN_DAYS);
}

/** Days from today to the last good one; less than 0 when it is past. */
export function daysLeft(bottle: Dated, kind: Turning, today: string): number | undefined {
  const until = goodUntil(bottle, kind);
  return until === undefined ? undefined : daysBetween(today, until);
}

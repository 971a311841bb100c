import { daysBetween } from '../base/days.js';
import type { Kind } from '../catalogue/kind.js';
import type { Bottle, Place } from './bottle.js';
import { daysLeft, FROZEN_DAYS } from './life.js';

/** A move that cannot be made, in words. */
export class CannotMove extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CannotMove';
  }
}

/** Pour what is left of a bottle into a smaller one: less air above it. */
export interface Decanted {
  from: Bottle;
  into: Bottle;
}

/**
 * Decant: from the old bottle into a new one of a size, as much as it takes. What does not fit stays.
 *
 * @param intoMl what the new bottle holds.
 * @throws CannotMove where nothing was measured or nothing is left.
 */
export function decant(bottle: Bottle, id: string, intoMl: number, today: string): Decanted {
  const left = bottle.leftMl;
  if (left === null) throw new CannotMove('Say how much is in it first.');
  if (left <= 0) throw new CannotMove('There is nothing left in it.');
  const poured = Math.min(left, intoMl);
  const rest = left - poured;
  return {
    from: { ...bottle, leftMl: rest, finishedOn: rest === 0 ? today : bottle.finishedOn },
    into: {
      ...bottle,
      id,
      sizeMl: intoMl,
      leftMl: poured,
      emptyG: null,
      // What was paid stays with the bottle it was paid for.
      priceMinor: null,
      openedOn: bottle.openedOn ?? today,
      decantedFrom: bottle.id,
    },
  };
}

/**
 * Marry: what is left of one bottle goes into another of the same kind, as far as that holds it. The older
 * opening day holds for both.
 *
 * @throws CannotMove for different kinds, or where either was not measured.
 */
export function marry(from: Bottle, into: Bottle, today: string): { from: Bottle; into: Bottle } {
  if (from.id === into.id) throw new CannotMove('That is the same bottle.');
  if (from.kind !== into.kind) throw new CannotMove('Only bottles of one kind are married.');
  if (from.leftMl === null || into.leftMl === null || into.sizeMl === null)
    throw new CannotMove('Say how much is in both first.');
  const poured = Math.min(from.leftMl, into.sizeMl - into.leftMl);
  if (poured <= 0) throw new CannotMove('It is full already.');
  const rest = from.leftMl - poured;
  const opened = [from.openedOn, into.openedOn].filter((d) => d !== null).sort()[0] ?? today;
  return {
    from: { ...from, leftMl: rest, finishedOn: rest === 0 ? today : from.finishedOn },
    into: { ...into, leftMl: into.leftMl + poured, openedOn: opened, frozenDays: thawedOf(from, into) },
  };
}

/** Days that two bottles were both frozen; what either was thawed from is not frozen again. */
function thawedOf(...both: Bottle[]): number | null {
  if (both.every((b) => b.frozenDays === null)) return null;
  return Math.min(...both.map((b) => b.frozenDays ?? 0));
}

/**
 * A bottle put somewhere else. What turns is frozen only while it is good, and only once: its life stands still in the
 * freezer, and what was left of it is what it has when it comes out.
 *
 * @throws CannotMove into the freezer for what is past its day, or was thawed before.
 */
export function moved(bottle: Bottle, place: Place, today: string, kind: Kind): Bottle {
  const there = { ...bottle, place };
  if (place === bottle.place) return bottle;
  if (bottle.frozenOn !== null) {
    // Longer than it keeps frozen is no longer frozen: from then on its days count.
    const days = Math.min(FROZEN_DAYS, Math.max(0, daysBetween(bottle.frozenOn, today)));
    return { ...there, frozenOn: null, frozenDays: days };
  }
  if (place !== 'freezer') return there;
  const left = daysLeft(bottle, kind, today);
  if (left === undefined) return there;
  if (left < 0) throw new CannotMove('It is past its day: freezing makes nothing younger. Throw it away.');
  if (bottle.frozenDays !== null)
    throw new CannotMove('It was thawed already: what was thawed is not frozen again.');
  return { ...there, frozenOn: today };
}

import { tzOffset } from '@date-fns/tz';
import { z } from 'zod';

const MINUTE_MS = 60_000;

/** A moment as the clock on a wall has it: its ISO day, and minutes since midnight, 0 to 1,439. */
export interface LocalMoment {
  day: string;
  minutes: number;
}

/**
 * Whether days can be counted in a time zone of that name (IANA time zone database).
 *
 * @example isTimeZone('Europe/Dublin') // true
 */
export function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

export const timeZoneSchema = z.string().max(60).refine(isTimeZone, 'not a time zone that is known');

/**
 * What the clock on a wall shows at a moment.
 *
 * @param timeZone by its IANA name.
 * @example localMoment(new Date('2026-11-25T23:30:00Z'), 'Asia/Kolkata') // { day: '2026-11-26', minutes: 300 }
 */
export function localMoment(at: Date, timeZone: string): LocalMoment {
  const there = new Date(at.getTime() + offsetMinutes(at, timeZone) * MINUTE_MS);
  return {
    day: there.toISOString().slice(0, 10),
    minutes: there.getUTCHours() * 60 + there.getUTCMinutes(),
  };
}

/**
 * The moment at which the clock on a wall shows a time. Where clocks are put forward over it, as much later; where they
 * show it twice, one of the two.
 *
 * @param time hours and minutes, 24 hours. @param timeZone by its IANA name.
 * @example instantOf('2026-07-01', '20:00', 'Europe/Dublin').toISOString() // '2026-07-01T19:00:00.000Z'
 */
export function instantOf(day: string, time: string, timeZone: string): Date {
  const asUtc = Date.parse(`${day}T${time}:00Z`);
  const before = (at: number) => new Date(asUtc - offsetMinutes(new Date(at), timeZone) * MINUTE_MS);
  const first = before(asUtc);
  const second = before(first.getTime());
  const isShown = before(second.getTime()).getTime() === second.getTime();
  return isShown || second > first ? second : first;
}

/**
 * How far the clock on a wall is ahead of UTC at a moment, minutes.
 *
 * @example offsetMinutes(new Date('2026-07-01T12:00:00Z'), 'Europe/Dublin') // 60
 */
export function offsetMinutes(at: Date, timeZone: string): number {
  return tzOffset(timeZone, at);
}

import {
  addDays as later,
  addMonths as monthsLater,
  differenceInCalendarDays,
  formatISO,
  parseISO,
} from 'date-fns';

/**
 * The ISO day so many days after another.
 *
 * @example addDays('2026-12-30', 3) // '2027-01-02'
 */
export function addDays(isoDay: string, days: number): string {
  return formatISO(later(parseISO(isoDay), days), { representation: 'date' });
}

/**
 * Whole days from one ISO day to another.
 *
 * @example daysBetween('2026-12-30', '2027-01-02') // 3
 */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}

/** The ISO day so many months after another; the last of its month where that day does not exist. */
export function addMonths(isoDay: string, months: number): string {
  return formatISO(monthsLater(parseISO(isoDay), months), { representation: 'date' });
}

/**
 * Whether people of a region write the month before the day: 3/5 is the fifth of March there.
 *
 * @param locale BCP 47, such as "en-US".
 */
export function writesMonthFirst(locale: string): boolean {
  const parts = new Intl.DateTimeFormat(locale).formatToParts(0);
  const at = (type: string) => parts.findIndex((p) => p.type === type);
  return at('month') < at('day') && at('month') < at('year');
}

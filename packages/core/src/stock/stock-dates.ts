import { addDays, daysBetween } from '../base/days.js';
import { valueOf, WORDED_NUMBER } from './number-words.js';

/** A day as somebody typed it at stock-taking. */
export interface SaidDay {
  /** What is left of the text. */
  rest: string;
  /** What happened then; undefined where nobody said. */
  verb: 'opened' | 'bought' | undefined;
  /** ISO day; undefined where none was said, or there is none such. */
  day: string | undefined;
  /** The words of a day that is none, or is yet to come. */
  wrong: string | undefined;
}

const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const WEEKDAYS = 'sunday monday tuesday wednesday thursday friday saturday'.split(' ');
const MONTH = `(${MONTHS.join('|')})[a-z]*\\.?`;
const MANY = `(\\d{1,3}|${WORDED_NUMBER}|an?)`;
const UNIT_DAYS: Readonly<Record<string, number>> = { day: 1, week: 7, month: 30, year: 365 };
const AS_WORDS: Readonly<Record<string, number>> = {
  today: 0,
  'just now': 0,
  'this morning': 0,
  'last night': 1,
  yesterday: 1,
  'day before yesterday': 2,
  'last week': 7,
  'last month': 30,
};

/** Takes a pattern out of a text, and says what it was. */
export function take(text: string, pattern: RegExp): { rest: string; found: RegExpExecArray | null } {
  const found = pattern.exec(text);
  return {
    rest: found ? `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}` : text,
    found,
  };
}

/** An ISO day of year, month from 1 and date; undefined where no calendar has it. */
function isoOf(year: number, month: number, date: number): string | undefined {
  const at = new Date(Date.UTC(year, month - 1, date));
  const isThat = at.getUTCFullYear() === year && at.getUTCMonth() === month - 1 && at.getUTCDate() === date;
  return isThat ? at.toISOString().slice(0, 10) : undefined;
}

/** That date in the year that was said, of two digits or four; else the latest that is not after today. */
function dated(date: number, month: number, year: string | undefined, today: string): string | undefined {
  if (year !== undefined) return isoOf(year.length === 2 ? 2000 + Number(year) : Number(year), month, date);
  const now = Number(today.slice(0, 4));
  const day = isoOf(now, month, date);
  return day !== undefined && day > today ? isoOf(now - 1, month, date) : day;
}

type Reading = (m: RegExpExecArray, today: string, monthFirst: boolean) => string | undefined;
const byMonth = (name: string | undefined) => MONTHS.indexOf(name ?? '') + 1;

/** Days in figures stand behind a verb only: else "2/3" is a level. */
const AFTER_VERB: readonly (readonly [RegExp, Reading])[] = [
  [
    /^ ?(?:on |since )?(\d{1,2})([/.-]) ?(\d{1,2})(?!\d|[./-]\d)\.?/,
    ([, a = '', mark, b = ''], today, monthFirst) =>
      // Points are written where the date comes first.
      monthFirst && mark !== '.'
        ? dated(Number(b), Number(a), undefined, today)
        : dated(Number(a), Number(b), undefined, today),
  ],
];
const ANYWHERE: readonly (readonly [RegExp, Reading])[] = [
  [/\b(\d{4})-(\d{2})-(\d{2})\b/, ([, y = '', m, d], today) => dated(Number(d), Number(m), y, today)],
  [
    /\b(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})\b/,
    ([, a, b, y], today, monthFirst) =>
      monthFirst ? dated(Number(b), Number(a), y, today) : dated(Number(a), Number(b), y, today),
  ],
  [
    new RegExp(`\\b(\\d{1,2})(?:st|nd|rd|th)?\\.? ?(?:of )?${MONTH}(?: (\\d{4}))?(?![a-z])`),
    ([, d, m, y], today) => dated(Number(d), byMonth(m), y, today),
  ],
  [
    new RegExp(`\\b${MONTH} (?:the )?(\\d{1,2})(?:st|nd|rd|th)?(?:,? (\\d{4}))?(?![\\d/])`),
    ([, m, d, y], today) => dated(Number(d), byMonth(m), y, today),
  ],
  [
    new RegExp(`\\b${MANY} (day|week|month|year)s? ago\\b`),
    ([, n = '', unit = ''], today) => addDays(today, -valueOf(n) * (UNIT_DAYS[unit] ?? 1)),
  ],
  [
    new RegExp(
      `\\b(?:the )?(${Object.keys(AS_WORDS)
        .sort((a, b) => b.length - a.length)
        .join('|')})\\b`,
    ),
    ([, words = ''], today) => addDays(today, -(AS_WORDS[words] ?? 0)),
  ],
  [
    new RegExp(`\\b(?:on |last )?(${WEEKDAYS.join('|')})\\b`),
    ([, name = ''], today) => {
      const now = new Date(`${today}T00:00:00Z`).getUTCDay();
      return addDays(today, -((now - WEEKDAYS.indexOf(name) + 7) % 7 || 7));
    },
  ],
];

/** Whether something was opened; a bottle that is "open" was, nobody says when. */
const VERB = /\b(?:(just opened|opened|open since|open)|(bought|got|from the shop))\b(?: on| since)?/;

/**
 * The day that is said of a thing, and what happened then: "opened 3/5", "bought yesterday", "May 3rd".
 *
 * @param text folded; @param today ISO day; @param monthFirst whether 3/5 is the fifth of March.
 */
export function sayDay(text: string, today: string, monthFirst: boolean): SaidDay {
  const { rest: without, found: verb } = take(text, VERB);
  const kind = verb === null ? undefined : verb[1] === undefined ? 'bought' : 'opened';
  const read = (rest: string, words: string, day: string | undefined): SaidDay => {
    const isWrong = day === undefined || daysBetween(day, today) < 0;
    return { rest, verb: kind, day: isWrong ? undefined : day, wrong: isWrong ? words.trim() : undefined };
  };
  if (verb !== null) {
    const behind = text.slice(verb.index + verb[0].length);
    for (const [pattern, reading] of AFTER_VERB) {
      const m = pattern.exec(behind);
      if (m)
        return read(
          `${text.slice(0, verb.index)} ${behind.slice(m[0].length)}`,
          m[0],
          reading(m, today, monthFirst),
        );
    }
  }
  for (const [pattern, reading] of ANYWHERE) {
    const { rest, found } = take(without, pattern);
    if (found) return read(rest, found[0], reading(found, today, monthFirst && !found[0].includes('.')));
  }
  return {
    rest: without,
    verb: kind,
    day: verb?.[1] === 'just opened' ? today : undefined,
    wrong: undefined,
  };
}

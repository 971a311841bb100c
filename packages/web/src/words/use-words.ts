import { formatMoney, printAmount, printVolume, type Amount } from '@uisce/core/base';
import { useClock } from '../household/use-clock';
import { useSettings } from '../household/use-settings';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';

const PLURAL = new Intl.PluralRules('en');

/** "1 drink", "58 drinks". */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${PLURAL.select(n) === 'one' ? one : many}`;
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** "6", "2½", "½": what is cut by eighths. */
export function sayEighths(n: number): string {
  const eighths = Math.round(n * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  return whole === 0 && part !== '' ? part : `${whole}${part}`;
}

/** "6 limes", "2½ limes", "½ lime": what is counted, to the eighth. */
export function countPieces(n: number, [one, many]: readonly [string, string]): string {
  return `${sayEighths(n)} ${n > 1 || n === 0 ? many : one}`;
}

/** A name and its plural: coupe and coupes, rocks glass and rocks glasses. */
export function oneAndMany(one: string): [one: string, many: string] {
  return [one, /(s|x|ch|sh)$/.test(one) ? `${one}es` : `${one}s`];
}

/** "18 days", "2 months", "2 years": a life, as nearly as it matters. */
export function sayDays(days: number): string {
  if (days < 45) return count(days, 'day');
  if (days < 365) return count(Math.round(days / 30), 'month');
  return count(Math.round(days / 365), 'year');
}

export { listed } from '@uisce/core/base';

/** The same without a syrup's ratio, which stands in the spec. */
export function plainName(name: string): string {
  return name.replace(/ [\d.]+:1$/, '');
}

/** Making a formatter is slow next to using it, and a long list asks for hundreds. */
const formats = new Map<string, Intl.NumberFormat>();

/** Figures as the reader's region and measures write them. */
export function useWords() {
  const settings = useSettings();
  const clock = useClock();
  const plans = usePlans();
  const catalogue = useCatalogue();
  function format(options: Intl.NumberFormatOptions): Intl.NumberFormat {
    const key = settings.current.locale + JSON.stringify(options);
    const known = formats.get(key);
    if (known) return known;
    const made = new Intl.NumberFormat(settings.current.locale, options);
    formats.set(key, made);
    return made;
  }
  const sayDay = (iso: string, dateStyle: 'long' | 'medium') =>
    new Intl.DateTimeFormat(settings.current.locale, { dateStyle, timeZone: 'UTC' }).format(
      new Date(`${iso}T00:00:00Z`),
    );
  const time = (instant: string) =>
    new Intl.DateTimeFormat(settings.current.locale, {
      timeStyle: 'short',
      timeZone: clock.timeZone,
    }).format(new Date(instant));
  const dayAt = (instant: string) => sayDay(clock.moment(new Date(instant)).day, 'medium');
  const currency = () => plans.brief?.currency ?? catalogue.prices?.currency ?? 'EUR';
  /** Money in the currency of the prices, whatever the plan counts in; always with decimals, so that columns line up. */
  const price = (minor: number) =>
    formatMoney(minor, catalogue.prices?.currency ?? currency(), settings.current.locale, { exact: true });

  return {
    currency,
    /** Whole amounts without decimals, for headlines. */
    money: (minor: number) => formatMoney(minor, currency(), settings.current.locale),
    volume: (ml: number) => printVolume(ml, settings.current.measure, settings.current.locale),
    amount: (amount: Amount) => printAmount(amount, settings.current.measure, settings.current.locale),
    number: (value: number, digits = 1) => format({ maximumFractionDigits: digits }).format(value),
    /** A figure with so many decimals, even where they are noughts: a scale's reading. */
    fixed: (value: number, digits: number) =>
      format({ minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value),
    price,
    /** "22 December 2026", of an ISO date. */
    day: (iso: string) => sayDay(iso, 'long'),
    /** "Sat 5", of an ISO date. */
    weekday: (iso: string) =>
      new Intl.DateTimeFormat(settings.current.locale, {
        weekday: 'short',
        day: 'numeric',
        timeZone: 'UTC',
      }).format(new Date(`${iso}T00:00:00Z`)),
    /** "22 Dec 2026", where there is little room. */
    shortDay: (iso: string) => sayDay(iso, 'medium'),
    /** "Dec 2026", of an ISO year and month. */
    month: (iso: string) =>
      new Intl.DateTimeFormat(settings.current.locale, {
        month: 'short',
        year: 'numeric',
        timeZone: 'UTC',
      }).format(new Date(`${iso}-01T00:00:00Z`)),
    /** "14:05" by the household's clock, of an ISO instant. */
    time,
    /** "22 Dec 2026" by the household's clock, of an ISO instant. */
    dayAt,
    /** "22 Dec 2026, 14:05". */
    moment: (instant: string) => `${dayAt(instant)}, ${time(instant)}`,
    percent: (fraction: number) =>
      format({ style: 'percent', minimumFractionDigits: 1, maximumFractionDigits: 1 }).format(fraction),
    /** "500 g" or "1 kg" of a pack. */
    mass: (g: number) => (g >= 1000 ? `${g / 1000} kg` : `${g} g`),
    /** "35 cl" or "1 l" of a bottle, as shops print it. */
    size: (ml: number) => (ml >= 1000 ? `${ml / 1000} l` : ml % 10 === 0 ? `${ml / 10} cl` : `${ml} ml`),
  };
}

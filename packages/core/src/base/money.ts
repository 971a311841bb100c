/** Money as integer minor units (cents, pence) of an ISO 4217 currency. */

/** Digits after the decimal point in `currency` (2 for EUR, 0 for JPY), from ISO 4217 by way of Intl. */
export function minorDigits(currency: string): number {
  return new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions()
    .maximumFractionDigits as number;
}

/**
 * Minor units as the reader's region writes money.
 *
 * Whole amounts drop their decimals unless `exact` is set ("€240", "€17.50").
 *
 * @example formatMoney(24000, 'EUR', 'en-IE') // '€240'
 */
export function formatMoney(
  minor: number,
  currency: string,
  locale: string,
  options: { exact?: boolean } = {},
): string {
  const digits = minorDigits(currency);
  const unit = 10 ** digits;
  const whole = minor % unit === 0 && options.exact !== true;
  return new Intl.NumberFormat(locale, {
    style: 'currency',
    currency,
    minimumFractionDigits: whole ? 0 : digits,
    maximumFractionDigits: whole ? 0 : digits,
  }).format(minor / unit);
}

/** What five euro are in a currency, roundly: the step by which money is moved with keys, in whole units. */
const KEY_STEPS: Readonly<Record<string, number>> = { INR: 500, JPY: 500, KRW: 5000 };

/** A sensible step of a currency for arrow keys, minor units. */
export function moneyStepMinor(currency: string): number {
  return (KEY_STEPS[currency] ?? 5) * 10 ** minorDigits(currency);
}

export type MoneyReading = { ok: true; minor: number } | { ok: false; reason: string };

/** The most that can be said: what a brief may hold, in minor units. */
export const MAX_MINOR = 100_000_000;

/**
 * Read a typed amount of money ("240", "€ 17,50", "1,250.00") as minor units.
 *
 * The last comma or point followed by one or two digits is the decimal mark; the others group
 * thousands. Negative, empty or garbled input gives a reason in words for the field it was typed in.
 *
 * @example parseMoney('17,50', 'EUR') // { ok: true, minor: 1750 }
 */
export function parseMoney(text: string, currency: string): MoneyReading {
  const digits = minorDigits(currency);
  const bare = text.replace(/[\p{Sc}\s\u00a0]|\b[A-Za-z]{3}\b/gu, '');
  if (bare === '') return { ok: false, reason: 'Type an amount, for example 240.' };
  if (/^[-−–]/u.test(bare)) return { ok: false, reason: 'Money cannot be less than nothing.' };
  // Thousands by threes, or as in India by twos and then a three: 1,50,000.
  const match = /^(\d+(?:[.,'’]\d{2,3})*[.,'’]\d{3}|\d+)(?:[.,](\d{1,2}))?$/u.exec(bare);
  if (match === null) return { ok: false, reason: 'That is not an amount of money; try 240 or 17.50.' };
  const fraction = match[2] ?? '';
  if (fraction.length > digits) {
    return { ok: false, reason: `${currency} has ${digits} digits after the point.` };
  }
  const whole = (match[1] ?? '0').replace(/\D/g, '');
  const minor = Number(whole) * 10 ** digits + Number(fraction.padEnd(digits, '0') || '0');
  if (minor > MAX_MINOR) return { ok: false, reason: 'That is more money than we can count.' };
  return { ok: true, minor };
}

import { z } from 'zod';
import { MAX_MINOR } from '../base/money.js';
import { currencySchema } from '../catalogue/price-list.js';

/** What money is for. "set-aside" comes in; everything else goes out. */
export const PURPOSES = [
  'set-aside',
  'bottles',
  'mixers',
  'kit',
  'pantry',
  'fresh',
  'trip',
  'difference',
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** One entry of the kitty. */
export const kittyEntrySchema = z.strictObject({
  id: z.uuid(),
  on: z.iso.date(),
  purpose: z.enum(PURPOSES),
  /** Minor units. Below 0 only where a receipt asked less than its lines came to. */
  minor: z.int().min(-MAX_MINOR).max(MAX_MINOR),
  currency: currencySchema,
  shop: z.string().trim().max(80),
  note: z.string().trim().max(200),
  errandId: z.uuid().nullable(),
});
export type KittyEntry = z.infer<typeof kittyEntrySchema>;

/** What came in and went out in a month, minor units. */
interface KittyMonth {
  /** "2026-11". */
  month: string;
  inMinor: number;
  outMinor: number;
  byPurpose: Partial<Record<Purpose, number>>;
}

/** The kitty of one currency. */
export interface Kitty {
  /** Newest first. */
  months: KittyMonth[];
  inMinor: number;
  outMinor: number;
}

/** Add up the entries of a currency by month and purpose: no cent more, none less. */
export function kittyOf(entries: readonly KittyEntry[], currency: string): Kitty {
  const months = new Map<string, KittyMonth>();
  for (const { on, purpose, minor, currency: of } of entries) {
    if (of !== currency) continue;
    const key = on.slice(0, 7);
    const month = months.get(key) ?? { month: key, inMinor: 0, outMinor: 0, byPurpose: {} };
    months.set(key, month);
    if (purpose === 'set-aside') month.inMinor += minor;
    else month.outMinor += minor;
    month.byPurpose[purpose] = (month.byPurpose[purpose] ?? 0) + minor;
  }
  const all = [...months.values()].sort((a, b) => (a.month < b.month ? 1 : -1));
  const sum = (of: 'inMinor' | 'outMinor') => all.reduce((total, m) => total + m[of], 0);
  return { months: all, inMinor: sum('inMinor'), outMinor: sum('outMinor') };
}

/** The kitty as rows for a table file: one entry a row, oldest first, money in whole units of the currency. */
export function kittyRows(entries: readonly KittyEntry[], digitsOf: (currency: string) => number): object[] {
  return [...entries]
    .sort((a, b) => (a.on + a.id < b.on + b.id ? -1 : 1))
    .map(({ on, purpose, minor, currency, shop, note }) => {
      const digits = digitsOf(currency);
      const signed = purpose === 'set-aside' ? minor : -minor;
      return { day: on, for: purpose, amount: (signed / 10 ** digits).toFixed(digits), currency, shop, note };
    });
}

import { readNumber } from '../base/read-number.js';
import { z } from 'zod';
import type { Kind } from '../catalogue/kind.js';
import { bottleSchema, type Bottle } from './bottle.js';

/** The columns of a stock table; money in minor units, days as 2026-11-26. */
export const STOCK_COLUMNS = [
  'kind',
  'label',
  'sizeMl',
  'leftMl',
  'pieces',
  'priceMinor',
  'currency',
  'shop',
  'boughtOn',
  'openedOn',
  'finishedOn',
  'place',
  'sipping',
  'emptyG',
  'id',
  'decantedFrom',
  'abv',
  'cutOn',
  'frozenOn',
  'frozenDays',
] as const;
type Column = (typeof STOCK_COLUMNS)[number];

/** Bottles as rows for a table file; what is not known is empty. */
export function stockRows(bottles: readonly Bottle[]): Record<Column, string>[] {
  const cell = (value: string | number | boolean | null) =>
    value === null ? '' : value === true ? 'yes' : value === false ? 'no' : String(value);
  return bottles.map(
    (b) => Object.fromEntries(STOCK_COLUMNS.map((c) => [c, cell(b[c])])) as Record<Column, string>,
  );
}

/** A row that could not be taken: its number in the file (the heading is 1), and why. */
export interface StockRowFault {
  row: number;
  detail: string;
}

const NUMBERS: readonly Column[] = [
  'sizeMl',
  'leftMl',
  'pieces',
  'priceMinor',
  'emptyG',
  'abv',
  'frozenDays',
];

/**
 * Read a stock table. A row with the id of a bottle that is there is that bottle; one without is a new one.
 *
 * @param newId makes an id.
 * @example readStockRows([{ kind: 'dry-gin', sizeMl: '700', leftMl: '350' }], kinds, crypto.randomUUID)
 */
export function readStockRows(
  rows: readonly Record<string, string | undefined>[],
  kinds: ReadonlyMap<string, Kind>,
  newId: () => string,
): { bottles: Bottle[]; faults: StockRowFault[] } {
  const bottles: Bottle[] = [];
  const faults: StockRowFault[] = [];
  const seen = new Set<string>();
  rows.forEach((cells, i) => {
    const row = i + 2;
    const text = (c: Column) => (cells[c] ?? '').trim();
    const value = (c: Column) => {
      if (text(c) === '') return null;
      return NUMBERS.includes(c) ? (readNumber(text(c)) ?? Number.NaN) : text(c);
    };
    const raw = Object.fromEntries(STOCK_COLUMNS.map((c) => [c, value(c)]));
    const read = bottleSchema.safeParse({
      ...raw,
      id: raw.id ?? newId(),
      shop: raw.shop ?? '',
      place: raw.place ?? kinds.get(text('kind'))?.storage ?? 'shelf',
      sipping: /^(yes|true|1)$/i.test(text('sipping')),
    });
    const kind = kinds.get(text('kind'));
    if (kind === undefined || kind.abstract)
      faults.push({ row, detail: `"${text('kind')}" is not a kind that is bottled` });
    else if (!read.success) faults.push({ row, detail: sayFirst(read.error) });
    else if (seen.has(read.data.id)) faults.push({ row, detail: 'this bottle stands in the table twice' });
    else if (read.data.leftMl !== null && read.data.leftMl > (read.data.sizeMl ?? Infinity))
      faults.push({ row, detail: `${read.data.leftMl} ml do not go into ${read.data.sizeMl ?? 0}` });
    else {
      seen.add(read.data.id);
      bottles.push(read.data);
    }
  });
  return { bottles, faults };
}

function sayFirst(error: z.ZodError): string {
  const [issue] = error.issues;
  return issue ? `${issue.path.join('.')}: ${issue.message}` : 'cannot be read';
}

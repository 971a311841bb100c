import { z } from 'zod';
import type { Kind } from '../catalogue/kind.js';
import { bottleSchema, PLACES, type Bottle } from './bottle.js';
import { bottleFaults } from './bottle-faults.js';
import { KindFinder } from './find-kind.js';
import { STOCK_COLUMNS, type StockColumn } from './stock-columns.js';
import { columnsOf, currencyIn, readCell, type CellReading } from './table-cells.js';

/** Bottles as rows for a table file; what is not known is empty. */
export function stockRows(bottles: readonly Bottle[]): Record<StockColumn, string>[] {
  const cell = (value: string | number | boolean | null) =>
    value === null ? '' : value === true ? 'yes' : value === false ? 'no' : String(value);
  return bottles.map(
    (b) => Object.fromEntries(STOCK_COLUMNS.map((c) => [c, cell(b[c])])) as Record<StockColumn, string>,
  );
}

/** A row that could not be taken: its number in the file (the heading is 1), and why. */
interface StockRowFault {
  row: number;
  detail: string;
}

/** A table of bottles as it was read: what is in it, what cannot be taken, and what is wrong with all of it. */
interface ReadStock {
  bottles: Bottle[];
  faults: StockRowFault[];
  /** One sentence, where it is no table of bottles at all. */
  noTable: string | undefined;
}

/** How a file is read: by which kinds, money and day. */
interface StockFile {
  kinds: ReadonlyMap<string, Kind>;
  /** Of prices that name none. */
  currency: string;
  /** ISO day. */
  today: string;
  monthFirst: boolean;
  /** Makes an id. */
  newId: () => string;
}

const none = (noTable: string): ReadStock => ({ bottles: [], faults: [], noTable });

/**
 * Read a table of bottles. A row with the id of a bottle that is there is that bottle; one without is a new one. Nothing
 * of it is to be taken while a row has a fault.
 *
 * @param columns its headings; @param rows its cells by heading.
 * @example readStockRows(['Name', 'Size'], [{ Name: 'Dry gin', Size: '70 cl' }], file).bottles[0].sizeMl // 700
 */
export function readStockRows(
  columns: readonly string[],
  rows: readonly Record<string, string | undefined>[],
  file: StockFile,
): ReadStock {
  const found = columnsOf(columns);
  if (columns.length === 0) return none('The file is empty.');
  if (!found.has('kind'))
    return none(
      'No table of bottles: its first line must name the columns, one of them “kind” or “name”, as a table saved here does.',
    );
  if (rows.length === 0) return none('There are headings and no rows.');
  const reading = { ...file, finder: new KindFinder(file.kinds, []) };
  const bottles: Bottle[] = [];
  const faults: StockRowFault[] = [];
  const seen = new Set<string>();
  rows.forEach((cells, i) => {
    const row = i + 2;
    const { bottle, fault } = readRow(found, cells, reading, file);
    if (bottle === undefined) faults.push({ row, detail: fault ?? 'cannot be read' });
    else if (seen.has(bottle.id)) faults.push({ row, detail: 'this bottle stands in the table twice' });
    else {
      seen.add(bottle.id);
      bottles.push(bottle);
      for (const { detail } of bottleFaults(bottle)) faults.push({ row, detail });
    }
  });
  return { bottles, faults, noTable: undefined };
}

function readRow(
  columns: ReadonlyMap<StockColumn, string>,
  cells: Readonly<Record<string, string | undefined>>,
  reading: CellReading,
  { kinds, newId, currency }: StockFile,
): { bottle?: Bottle; fault?: string } {
  const text = (c: StockColumn) => (cells[columns.get(c) ?? ''] ?? '').trim();
  const cell = (c: StockColumn, sizeMl: number | null = null) =>
    readCell(c, { ...reading, heading: columns.get(c) ?? '', text: text(c), sizeMl });
  const id = String(cell('kind') ?? '');
  const kind = kinds.get(id);
  if (kind === undefined || kind.abstract)
    return { fault: `“${text('kind')}” is nothing we know as a bottle` };
  const size = cell('sizeMl');
  const sizeMl = typeof size === 'number' ? size : null;
  // A table saved here says its currency itself.
  const isPriceSaid = text('priceMinor') !== '' && columns.get('priceMinor') !== 'priceMinor';
  const read = bottleSchema.safeParse({
    ...Object.fromEntries(STOCK_COLUMNS.map((c) => [c, cell(c, sizeMl)])),
    id: text('id') || newId(),
    shop: text('shop'),
    currency: text('currency') || (isPriceSaid ? (currencyIn(text('priceMinor')) ?? currency) : null),
    place: PLACES.find((p) => text('place').toLowerCase().includes(p)) ?? (text('place') || kind.storage),
    sipping: /^(yes|true|1)$/i.test(text('sipping')),
  });
  if (!read.success) return { fault: sayFirst(read.error, columns, text) };
  return { bottle: read.data };
}

/** What is wrong with a row first, in the words of its own heading. */
function sayFirst(
  error: z.ZodError,
  columns: ReadonlyMap<StockColumn, string>,
  text: (column: StockColumn) => string,
): string {
  const column = error.issues[0]?.path[0] as StockColumn | undefined;
  return column === undefined
    ? 'cannot be read'
    : `“${text(column)}” under “${columns.get(column) ?? column}” cannot be read`;
}

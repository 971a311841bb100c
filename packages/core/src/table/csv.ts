import Papa from 'papaparse';

/** A table program takes what begins so for a formula, and may run it (OWASP, “CSV injection”). */
const FORMULA = /^'*[=+\-@\t\r]/;
/** A number below nothing is none. */
const NUMBER = /^-\d+(?:[.,]\d+)?$/;
const QUOTED = /^'+[=+\-@\t\r]/;

/** A cell that no table program takes for a formula: an apostrophe before it makes it text. Numbers stay what they are. */
const harmless = (cell: unknown) =>
  typeof cell === 'string' && FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell;
const asWritten = (cell: string) => (QUOTED.test(cell) ? cell.slice(1) : cell);

/**
 * A table as CSV (RFC 4180): what `readCsv` gives back is what was written, cell by cell.
 *
 * @param columns in their order; those of the rows where absent.
 * @example writeCsv([{ name: '=1+1', ml: -5 }]) // "name,ml\r\n'=1+1,-5"
 */
export function writeCsv(rows: readonly object[], columns?: readonly string[]): string {
  const fields = [...(columns ?? new Set(rows.flatMap((row) => Object.keys(row))))];
  const data = rows.map((row) => fields.map((field) => harmless((row as Record<string, unknown>)[field])));
  return Papa.unparse({ fields, data }, { newline: '\r\n' });
}

/** A table that was read: its rows by their headings, and what is wrong with it as a table. */
export interface ReadTable {
  columns: string[];
  rows: Record<string, string>[];
  faults: { row: number | undefined; message: string }[];
}

/** Read a table, whatever separates its cells; what was made harmless is as it was. */
export function readCsv(text: string): ReadTable {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transform: asWritten,
  });
  return {
    columns: meta.fields ?? [],
    rows: data,
    // That nothing separates its cells is no fault of a table of one column.
    faults: errors.filter((e) => e.type !== 'Delimiter').map(({ row, message }) => ({ row, message })),
  };
}

import { writeCsv } from '@uisce/core/table';
import { strToU8, zipSync } from 'fflate';
import { KEPT, keptTable } from '@uisce/core/kept';
import type { KeptStore } from '../kept/store.js';

/** All that is kept as a ZIP of tables, a CSV (RFC 4180) for each kind of thing there is any of. What looks like a formula is kept from being one. */
export function tablesZip(store: KeptStore): Uint8Array {
  const files = KEPT.flatMap((kept) => {
    const values = store.list(kept).map((entry) => entry.value);
    if (values.length === 0) return [];
    const { columns, rows } = keptTable(values);
    const text = writeCsv(rows, columns);
    return [[`${kept.name}.csv`, strToU8(`${text}\r\n`)] as const];
  });
  return zipSync(Object.fromEntries(files));
}

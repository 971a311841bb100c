/** A cell of a table: what a spreadsheet shows as it is; lists as JSON. */
type Cell = string | number | boolean;

function flat(value: unknown, path: string, into: Map<string, Cell>): void {
  if (value === null || value === undefined) into.set(path, '');
  else if (Array.isArray(value)) into.set(path, JSON.stringify(value));
  else if (typeof value === 'object')
    for (const [key, inner] of Object.entries(value)) flat(inner, path === '' ? key : `${path}.${key}`, into);
  else into.set(path, value as Cell);
}

/**
 * Things of a kind as a table: a row each, a column for every field of any, fields within fields by a dot.
 *
 * @example keptTable([{ id: 'a', brief: { money: 1 } }]) // { columns: ['id', 'brief.money'], rows: [{ id: 'a', 'brief.money': 1 }] }
 */
export function keptTable(values: readonly unknown[]): { columns: string[]; rows: Record<string, Cell>[] } {
  const rows = values.map((value) => {
    const cells = new Map<string, Cell>();
    flat(value, '', cells);
    return Object.fromEntries(cells);
  });
  return { columns: [...new Set(rows.flatMap((cells) => Object.keys(cells)))], rows };
}

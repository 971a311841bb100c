/** A place where two values differ, in words, with what stands there in each. */
export interface FieldDifference {
  what: string;
  mine: string;
  theirs: string;
}

/** "moneyNowMinor" as people read it: "money now". */
function worded(key: string): string {
  return key
    .replace(/(Minor|Ml|Mm|G)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
}

/** A value at a key, with its unit where the key names one. */
function printed(value: unknown, key: string): string {
  if (value === undefined || value === null) return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') {
    if (key.endsWith('Minor')) return (value / 100).toFixed(2);
    const unit = /(Ml|Mm|G)$/.exec(key)?.[1];
    return unit ? `${Math.round(value * 10) / 10} ${unit.toLowerCase()}` : String(value);
  }
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map((v) => named(v)).join(', ');
  return typeof value === 'object' ? named(value) : String(value);
}

/** A thing in a list: by its name, or its id, or as it is written. */
function named(value: unknown): string {
  if (typeof value !== 'object' || value === null) return String(value);
  const { name, id } = value as { name?: unknown; id?: unknown };
  return String(name ?? id ?? JSON.stringify(value));
}

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Where two values of one thing differ, field by field; a list is compared as a whole. */
export function fieldDifferences(mine: unknown, theirs: unknown, what = ''): FieldDifference[] {
  if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
  if (isPlain(mine) && isPlain(theirs)) {
    const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
    return [...keys].flatMap((key) => {
      const found = fieldDifferences(mine[key], theirs[key], key);
      return what === '' || what === 'brief'
        ? found
        : found.map((d) => ({ ...d, what: `${worded(what)}: ${d.what}` }));
    });
  }
  return [{ what: worded(what), mine: printed(mine, what), theirs: printed(theirs, what) }];
}

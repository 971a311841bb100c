import { FIELD_LABELS } from './field-labels';

/** A place where two values differ, in words, with what stands there in each. */
export interface FieldDifference {
  what: string;
  mine: string;
  theirs: string;
}

/** Money in words: minor units of a currency, of the household's own where none is told. */
export type SayMoney = (minor: number, currency?: string) => string;

/** The unit that a field's name ends with, as every field of kept things has it. */
const unitOf = (key: string) => /(Minor|Ml|Mm|G)$/.exec(key)?.[1];

/** A field as it is called where it is filled in, else its key as people read it: "useBy" is "use by". */
function worded(key: string): string {
  const label = FIELD_LABELS[key];
  if (label !== undefined) return label;
  return key
    .replace(/(Minor|Ml|Mm|G)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
}

/** A value at a key, with its unit where the key names one. */
function printed(value: unknown, key: string, money: (minor: number) => string): string {
  if (value === undefined || value === null) return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') {
    const unit = unitOf(key);
    if (unit === 'Minor') return money(value);
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

/** The currency that a thing is counted in, where it tells. */
function currencyOf(thing: Record<string, unknown>): string | undefined {
  return typeof thing.currency === 'string' ? thing.currency : undefined;
}

/**
 * Where two values of one thing differ, field by field; a list is compared as a whole.
 *
 * @param say money of the thing's own currency, which may be another on either side.
 * @param what the field that is compared, none for the whole thing.
 */
export function fieldDifferences(
  mine: unknown,
  theirs: unknown,
  say: SayMoney,
  what = '',
): FieldDifference[] {
  if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
  if (isPlain(mine) && isPlain(theirs)) {
    const [ours, others] = [currencyOf(mine), currencyOf(theirs)];
    const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
    return [...keys].flatMap((key) => {
      const [a, b] = [mine[key], theirs[key]];
      if (unitOf(key) === 'Minor' && a !== b)
        return [
          {
            what: worded(key),
            mine: printed(a, key, (minor) => say(minor, ours)),
            theirs: printed(b, key, (minor) => say(minor, others)),
          },
        ];
      const found = fieldDifferences(a, b, say, key);
      return what === '' || what === 'brief'
        ? found
        : found.map((d) => ({ ...d, what: `${worded(what)}: ${d.what}` }));
    });
  }
  return [{ what: worded(what), mine: printed(mine, what, say), theirs: printed(theirs, what, say) }];
}

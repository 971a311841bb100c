import { kindFault } from '../rules/references.js';
import type { BottleSize, Kind } from '../catalogue/kind.js';
import { pricedBottleSchema, type PricedBottle, type PriceList } from '../catalogue/price-list.js';
import { foldText } from '../base/fold.js';
import { readNumber } from '../base/read-number.js';
import { minorDigits, parseMoney } from '../base/money.js';
import { parseAmount, amountMl } from '../base/amount.js';
import { currencyRefusal } from './overlay.js';

/** What a table of prices may hold, and what each column is for. */
export const PRICE_COLUMNS = [
  'kind',
  'label',
  'size',
  'price',
  'currency',
  'tier',
  'widthMm',
  'heightMm',
] as const;
export type PriceColumn = (typeof PRICE_COLUMNS)[number];
/** Without these a row says nothing. */
export const NEEDED_COLUMNS: readonly PriceColumn[] = ['kind', 'size', 'price'];

/** Which heading of the file fills which column. */
export type ColumnMapping = Partial<Record<PriceColumn, string>>;

/** A row that could not be taken: its number in the file (the heading is 1), its column, and why. */
interface RowFault {
  row: number;
  column: string;
  message: string;
}

export interface TableReading {
  bottles: PricedBottle[];
  faults: RowFault[];
  /** Why the whole file is refused, whatever its rows say. */
  refusal?: string;
}

const HEADINGS: Record<PriceColumn, RegExp> = {
  kind: /^(kind|type|spirit|what)$/i,
  label: /^(label|name|bottle|product)$/i,
  size: /^(size|ml|volume|content)$/i,
  price: /^(price|cost|paid)$/i,
  currency: /^(currency|money)$/i,
  tier: /^(tier|quality)$/i,
  widthMm: /^width(_?mm)?$/i,
  heightMm: /^height(_?mm)?$/i,
};

/** A first guess at which heading fills which column. */
export function guessMapping(headings: readonly string[]): ColumnMapping {
  return Object.fromEntries(
    PRICE_COLUMNS.flatMap((column) => {
      const heading = headings.find((h) => HEADINGS[column].test(h.trim()));
      return heading === undefined ? [] : [[column, heading]];
    }),
  );
}

/** A kind by its id, its name, or what another place calls it. */
function kindNamed(text: string, kinds: ReadonlyMap<string, Kind>): Kind | undefined {
  const wanted = foldText(text.trim());
  const direct = kinds.get(wanted);
  if (direct) return direct;
  return [...kinds.values()].find((k) => [k.name, ...k.also].some((name) => foldText(name) === wanted));
}

/** "700", "70 cl", "25.4 oz", "1 l" as ml. */
function readMl(text: string): number | undefined {
  const bare = text
    .trim()
    .replace(/^([\d.,]+)\s*l(itres?|iters?)?$/i, (_, n: string) => `${(readNumber(n) ?? 0) * 1000} ml`);
  const amount = parseAmount(/^[\d.,]+$/.test(bare) ? `${bare} ml` : bare);
  const ml = amount === undefined ? undefined : amountMl(amount);
  return ml === undefined ? undefined : Math.round(ml);
}

/** Currencies that have a sign to themselves; others share one: a dollar may be of many countries. */
const SIGNS: Record<string, string> = { '€': 'EUR', '£': 'GBP', '₹': 'INR' };

/** The currency that a price names, by its code or a sign that is not the plan's: in code where that is certain, else the sign. */
function foreignCurrency(price: string, currency: string): string | undefined {
  const sign = /\p{Sc}/u.exec(price)?.[0];
  if (sign !== undefined && sign !== signOf(currency)) return SIGNS[sign] ?? sign;
  const code = /\b([A-Z]{3})\b/.exec(price)?.[1];
  return code === currency ? undefined : code;
}

/** The sign a currency is written with: "$" for USD and CAD. */
function signOf(currency: string): string | undefined {
  return new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(0)
    .find((part) => part.type === 'currency')?.value;
}

/** Outside of a bottle whose table does not say: the kind's usual size nearest in content, scaled. */
function usualOutside(kind: Kind, ml: number): Pick<BottleSize, 'widthMm' | 'heightMm'> {
  const nearest = [...kind.sizes].sort((a, b) => Math.abs(a.ml - ml) - Math.abs(b.ml - ml))[0];
  const { widthMm, heightMm, ml: of } = nearest ?? { widthMm: 76, heightMm: 290, ml: 700 };
  const scale = Math.cbrt(ml / of);
  return {
    widthMm: Math.max(1, Math.round(widthMm * scale)),
    heightMm: Math.max(1, Math.round(heightMm * scale)),
  };
}

/** One row of a table: its cells by what they hold. */
type Cell = (column: PriceColumn) => string;
type RowRead = { bottle: PricedBottle } | { column: PriceColumn; message: string };

/** One row as a bottle, or the column that is wrong and why. */
function readRow(
  cell: Cell,
  kinds: ReadonlyMap<string, Kind>,
  currency: string,
  isTaken: (id: string) => boolean,
): RowRead {
  const kind = kindNamed(cell('kind'), kinds);
  if (kind === undefined) {
    const message = cell('kind') === '' ? 'names no kind' : `“${cell('kind')}” is not a kind we know`;
    return { column: 'kind', message };
  }
  const unfit = kindFault(kind.id, kinds);
  if (unfit !== undefined) return { column: 'kind', message: unfit };
  const ml = readMl(cell('size'));
  if (ml === undefined || ml < 1)
    return { column: 'size', message: `“${cell('size')}” is not a size; write ml, or 70 cl` };
  const price = parseMoney(cell('price'), currency);
  if (!price.ok) return { column: 'price', message: `“${cell('price')}”: ${price.reason}` };

  const outside = usualOutside(kind, ml);
  const tier = cell('tier').toLowerCase();
  let id = `own-${kind.id}-${ml}`;
  for (let n = 2; isTaken(id); n++) id = `own-${kind.id}-${ml}-${n}`;
  const parsed = pricedBottleSchema.safeParse({
    id,
    kind: kind.id,
    label: cell('label') || kind.name,
    ml,
    priceMinor: price.minor,
    widthMm: cell('widthMm') === '' ? outside.widthMm : Number(cell('widthMm')),
    heightMm: cell('heightMm') === '' ? outside.heightMm : Number(cell('heightMm')),
    ...(tier === '' ? {} : { tier }),
  });
  if (parsed.success) return { bottle: parsed.data };
  const issue = parsed.error.issues[0];
  const key = String(issue?.path[0] ?? 'kind');
  const column = key === 'ml' ? 'size' : key === 'priceMinor' ? 'price' : (key as PriceColumn);
  return { column, message: issue?.message ?? 'cannot be read' };
}

/**
 * Read rows of a price table as bottles, row by row: a bad row is named with its column and reason,
 * the others are taken. A table in another currency than the plan's is refused whole.
 *
 * @param rows each with the file's headings as keys.
 * @param currency the plan's.
 * @example readPriceTable(rows, guessMapping(headings), kinds, 'EUR').bottles
 */
export function readPriceTable(
  rows: readonly Record<string, string>[],
  mapping: ColumnMapping,
  kinds: ReadonlyMap<string, Kind>,
  currency: string,
): TableReading {
  const bottles: PricedBottle[] = [];
  const faults: RowFault[] = [];
  const ids = new Set<string>();
  for (const [i, row] of rows.entries()) {
    const cell: Cell = (column) => (mapping[column] === undefined ? '' : (row[mapping[column]] ?? '').trim());
    const named = cell('currency');
    const foreign = named !== '' && named !== currency ? named : foreignCurrency(cell('price'), currency);
    if (foreign) return { bottles: [], faults: [], refusal: currencyRefusal(foreign, currency) ?? '' };
    const read = readRow(cell, kinds, currency, (id) => ids.has(id));
    if ('bottle' in read) {
      ids.add(read.bottle.id);
      bottles.push(read.bottle);
    } else faults.push({ row: i + 2, column: mapping[read.column] ?? read.column, message: read.message });
  }
  return { bottles, faults };
}

/** What a price list sells as rows for a table, in the columns that `readPriceTable` takes. */
export function writePriceTable(list: PriceList): Record<PriceColumn, string>[] {
  const digits = minorDigits(list.currency);
  return list.bottles
    .filter((b) => !b.homeMade)
    .map((b) => ({
      kind: b.kind,
      label: b.label,
      size: String(b.ml),
      price: (b.priceMinor / 10 ** digits).toFixed(digits),
      currency: list.currency,
      tier: b.tier,
      widthMm: String(b.widthMm),
      heightMm: String(b.heightMm),
    }));
}

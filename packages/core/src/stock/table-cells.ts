import { foldText } from '../base/fold.js';
import { parseMoney } from '../base/money.js';
import { readNumber } from '../base/read-number.js';
import { nameWords, type KindFinder } from './find-kind.js';
import { plainFigures, readAmounts } from './stock-amounts.js';
import { sayDay } from './stock-dates.js';
import { STOCK_COLUMNS, type StockColumn } from './stock-columns.js';

/** What people head the columns of a table of bottles with, folded; the table's own names beside them. */
const HEADINGS: Readonly<Partial<Record<StockColumn, string>>> = {
  kind: 'kind|name|what|bottle|spirit|ingredient|type|product|item',
  label: 'label|brand|on the label',
  sizeMl: 'size|volume|ml|holds|bottle size',
  leftMl: 'left|level|remaining|how full|rest',
  pieces: 'pieces|count|number',
  priceMinor: 'price|paid|cost|price paid',
  currency: 'currency',
  shop: 'shop|store|from|where',
  boughtOn: 'bought|bought on|date|day|purchased',
  openedOn: 'opened|opened on|open since',
  finishedOn: 'finished|finished on|empty since',
  place: 'place|stands|kept',
  abv: 'abv|strength|alcohol|vol',
};

/**
 * The columns of a table by its headings, as the program writes them or as people do.
 *
 * @returns by column, its heading in the file; those that nobody can read are left out.
 */
export function columnsOf(headings: readonly string[]): Map<StockColumn, string> {
  const found = new Map<StockColumn, string>();
  for (const column of STOCK_COLUMNS) {
    const own = headings.find((h) => h.trim() === column);
    const said = headings.find((h) => HEADINGS[column]?.split('|').includes(foldText(h).trim()));
    const heading = own ?? said;
    if (heading !== undefined) found.set(column, heading);
  }
  return found;
}

/** What cells are read with. */
export interface CellReading {
  finder: KindFinder;
  currency: string;
  today: string;
  monthFirst: boolean;
}

const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;
/** A currency by what stands beside a price: a sign, or three letters. */
const SIGNS: Readonly<Record<string, string>> = { '€': 'EUR', '£': 'GBP', $: 'USD', '₹': 'INR', '¥': 'JPY' };
export function currencyIn(text: string): string | undefined {
  const letters = /\b[A-Z]{3}\b/.exec(text)?.[0];
  return letters ?? Object.entries(SIGNS).find(([sign]) => text.includes(sign))?.[1];
}

/** One cell, and what it is read with. */
interface Cell extends CellReading {
  text: string;
  /** What its column is called in the file. */
  heading: string;
  /** Of the bottle, for a level. */
  sizeMl: number | null;
}

const amountsOf = ({ text }: Cell) => readAmounts(plainFigures(foldText(text)));
const plainNumber = ({ text }: Cell) => readNumber(text) ?? Number.NaN;
function day({ text, today, monthFirst }: Cell): string {
  return ISO_DAY.test(text) ? text : (sayDay(`opened ${foldText(text)}`, today, monthFirst).day ?? text);
}
function size(cell: Cell): number {
  const { sizeMl, eitherMl } = amountsOf(cell);
  return readNumber(cell.text) ?? sizeMl ?? eitherMl ?? Number.NaN;
}
function level(cell: Cell): number {
  const number = readNumber(cell.text);
  if (number !== undefined && (cell.heading === 'leftMl' || number > 1)) return number;
  const { left, sizeMl, eitherMl } = amountsOf(cell);
  if (left && 'ml' in left) return left.ml;
  if (left && 'share' in left)
    return cell.sizeMl === null ? Number.NaN : Math.round(left.share * cell.sizeMl);
  return eitherMl ?? sizeMl ?? Number.NaN;
}
function price(cell: Cell): number {
  if (cell.heading === 'priceMinor') return plainNumber(cell);
  const read = parseMoney(cell.text, currencyIn(cell.text) ?? cell.currency);
  return read.ok ? read.minor : Number.NaN;
}
function strength({ text }: Cell): number {
  const number = readNumber(text.replace(/ ?%.*$/, '')) ?? Number.NaN;
  return number > 1 || text.includes('%') ? number / 100 : number;
}
const kindOf = ({ text, finder }: Cell) =>
  finder.has(text) ? text : (finder.find(nameWords(foldText(text))).kind ?? text);

const READERS: Readonly<Partial<Record<StockColumn, (cell: Cell) => unknown>>> = {
  kind: kindOf,
  sizeMl: size,
  leftMl: level,
  pieces: plainNumber,
  priceMinor: price,
  boughtOn: day,
  openedOn: day,
  finishedOn: day,
  cutOn: day,
  frozenOn: day,
  frozenDays: plainNumber,
  emptyG: plainNumber,
  abv: strength,
  sugarGPerL: plainNumber,
};

/**
 * A cell of a table of bottles as its column is kept: the program's own form first, else as people write it ("Dry gin",
 * "70 cl", "half", "€17.50", "3 May", "40 %"). What cannot be read is left as it stands, and refused by its schema.
 *
 * @returns null for an empty cell.
 */
export function readCell(column: StockColumn, cell: Cell): unknown {
  if (cell.text === '') return null;
  return READERS[column]?.(cell) ?? cell.text;
}

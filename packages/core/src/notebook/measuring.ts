import { measureAtEnd, measureAtStart, type Measured } from './measure-words.js';
import { quantityAtEnd, quantityAtStart, type Quantity } from './quantity.js';

const OTHER_AMOUNT = /\(([^)]*\d[^)]*)\)|\s\/\s*([\d.,]+\s*\p{L}+)\b/u;

/** How much a line asks for, and the words that are left. */
export interface Measuring {
  quantity: Quantity | undefined;
  measured: Measured | undefined;
  rest: string;
}

/** Number and measure of a line, wherever they stand. */
export function measuring(text: string): Measuring {
  const first = quantityAtStart(text);
  if (first) {
    const measure = measureAtStart(first.rest);
    return { quantity: first.quantity, measured: measure?.measured, rest: measure?.rest ?? first.rest };
  }
  const bare = measureAtStart(text);
  // "Dash of bitters", "barspoon maraschino": one of it.
  if (bare && bare.rest !== '' && !quantityAtEnd(bare.rest))
    return { quantity: { value: 1, upTo: undefined }, measured: bare.measured, rest: bare.rest };
  const trimmed = text.replace(/[.…\s]+$/u, '');
  const last = measureAtEnd(trimmed);
  const behind = last && quantityAtEnd(last.rest);
  if (last && behind && behind.rest !== '')
    return { quantity: behind.quantity, measured: last.measured, rest: tidy(behind.rest) };
  const counted = quantityAtEnd(trimmed);
  if (counted && counted.rest !== '' && /\p{L}/u.test(counted.rest))
    return { quantity: counted.quantity, measured: undefined, rest: tidy(counted.rest) };
  return { quantity: undefined, measured: undefined, rest: text };
}
/** Without what only ends a line. */
export const tidy = (text: string) => text.replace(/[\s:.…,;–—-]+$/u, '').trim();

/** Number and measure of a line that may say them twice: "1 oz (30 ml)" is metric. */
export function measuringOnce(text: string): Measuring & { isBoth: boolean } {
  const other = OTHER_AMOUNT.exec(text);
  const beside = other && measuring((other[1] ?? other[2] ?? '').trim());
  if (!other || beside?.quantity === undefined || beside.measured === undefined)
    return { ...measuring(text), isBoth: false };
  const main = measuring(`${text.slice(0, other.index)} ${text.slice(other.index + other[0].length)}`.trim());
  const isBoth = main.measured?.measure === 'ounce' && beside.measured.measure !== 'ounce';
  return isBoth ? { ...beside, rest: main.rest, isBoth } : { ...main, isBoth };
}

import { foldText } from '../base/fold.js';
import { NUMBER_PATTERN, readNumber } from '../base/read-number.js';
import { inAnyLanguage, LANGUAGES } from './languages/index.js';

/** A number as people write it, or two of them: "6–8". */
export interface Quantity {
  value: number;
  /** The other end of a range; `value` is its beginning. */
  upTo: number | undefined;
}

/** Numbers in words, in every language. */
const NUMBER_WORDS = new Map(LANGUAGES.flatMap(({ numbers }) => Object.entries(numbers)));

const DASH = `\\s*(?:-|\u2013|\u2014|${inAnyLanguage((l) => l.to)})\\s*`;
/** Words before a number that change nothing. */
const ABOUT = `(?:${inAnyLanguage((l) => l.about)}|~)?\\s*`;
const RANGE = `(${NUMBER_PATTERN})(?:${DASH}(${NUMBER_PATTERN}))?`;

const AT_START = new RegExp(`^${ABOUT}${RANGE}(?![\\d%°])`, 'iu');
// "No. 2" and "#2" number a drink, and measure nothing.
const AT_END = new RegExp(`(?<![\\d.,/#]|\\bno\\.? )${RANGE}$`, 'iu');
const WORD_AT_START = new RegExp(`^([\\p{L}]+)(?:\\s+(${inAnyLanguage((l) => l.andAHalf)}))?(?=\\s)`, 'iu');

function quantityOf(first: string | undefined, second: string | undefined): Quantity | undefined {
  const value = first === undefined ? undefined : readNumber(first);
  const upTo = second === undefined ? undefined : readNumber(second);
  return value === undefined || value <= 0 ? undefined : { value, upTo };
}

/**
 * The number that a text begins with, and what follows it.
 *
 * @example quantityAtStart('1 1/2 oz gin') // { quantity: { value: 1.5 }, rest: 'oz gin' }
 */
export function quantityAtStart(text: string): { quantity: Quantity; rest: string } | undefined {
  const found = AT_START.exec(text);
  if (found) {
    const quantity = quantityOf(found[1], found[2]);
    return quantity ? { quantity, rest: text.slice(found[0].length).trim() } : undefined;
  }
  const word = WORD_AT_START.exec(text);
  const value = word ? NUMBER_WORDS.get(foldText(word[1] ?? '')) : undefined;
  if (!word || value === undefined) return undefined;
  let rest = text.slice(word[0].length).trim();
  let total = word[2] === undefined ? value : value + 0.5;
  // "half a lime", "half an egg white", "a quarter lemon", "a few drops", "a couple of dashes".
  const next = WORD_AT_START.exec(rest);
  const more = next ? NUMBER_WORDS.get(foldText(next[1] ?? '')) : undefined;
  if (next && more !== undefined && (value < 1 ? more === 1 : value === 1 && more !== 1)) {
    total = value < 1 ? value : more;
    rest = rest
      .slice(next[0].length)
      .trim()
      .replace(/^of\s+/, '');
  }
  return { quantity: { value: total, upTo: undefined }, rest };
}

/** The number that a text ends with, and what comes before it: "gin 4" of "gin 4 cl", its measure taken off. */
export function quantityAtEnd(text: string): { quantity: Quantity; rest: string } | undefined {
  const found = AT_END.exec(text.trimEnd());
  const quantity = found ? quantityOf(found[1], found[2]) : undefined;
  return found && quantity ? { quantity, rest: text.slice(0, found.index).trim() } : undefined;
}

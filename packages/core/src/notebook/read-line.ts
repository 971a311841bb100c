import { amountMl, type Amount } from '../base/amount.js';
import { foldText } from '../base/fold.js';
import { SURE, wordsOf, type KindMatch, type KindMatcher } from './kind-matcher.js';
import { inAnyLanguage, type Language } from './languages/index.js';
import { measureAtEnd, measureAtStart, type Measured } from './measure-words.js';
import { quantityAtEnd, quantityAtStart, type Quantity } from './quantity.js';

/** What is to be said of a line beside what it was read as. */
export const LINE_NOTES = [
  'range',
  'loose',
  'no-amount',
  'juice-of-fruit',
  'top',
  'ounce',
  'both',
  'unsure',
  'unknown',
] as const;
export type LineNote = (typeof LINE_NOTES)[number];

/** Which ounce a text means; it is asked once. */
export type Ounce = 'us-oz' | 'bar-oz' | 'imperial-oz';

/** One line of a recipe as it was read. */
export interface ReadLine {
  text: string;
  /** undefined for what is topped up or left to taste; a number of parts is no amount yet. */
  amount: Amount | undefined;
  parts: number | undefined;
  /** ml of it; undefined for what is counted, and for parts. */
  ml: number | undefined;
  /** The other end of a range, in the same measure. */
  upTo: number | undefined;
  /** The words that name it. */
  says: string;
  /** The likeliest kind; undefined where nothing is like it. */
  kind: string | undefined;
  confidence: number;
  /** Other kinds that it may be, the likeliest first. */
  near: string[];
  /** Kinds that do as well, where the line says "or". */
  or: string[];
  optional: boolean;
  muddle: boolean;
  float: boolean;
  rinse: boolean;
  garnish: boolean;
  top: boolean;
  notes: LineNote[];
}

const BULLET = /^(?:[-•*·▪◦–—☐□✓]|\d+[.)](?=\s))\s*/u;
/** A word of a line, in any language. */
const said = (of: (line: Language['line']) => string | undefined, before = '\\b', after = '\\b') =>
  new RegExp(`${before}(?:${inAnyLanguage((l) => of(l.line))})${after}`, 'iu');

const OPTIONAL = said((l) => l.optional, '\\(?\\b', '\\b\\)?');
const MUDDLED = said((l) => l.muddled);
const FLOATED = said((l) => l.floated);
const RINSED = said((l) => l.rinsed);
const TOPPED = said((l) => l.topped, '^', '\\s+(?:with\\s+)?');
const TOP_AFTER = said((l) => l.toppedAfter, '(?:[,(]?\\s*', '\\)?)$');
/** What stands before a garnish. */
export const GARNISHED = said((l) => l.garnished, '^', '(?!\\p{L})\\s*:?\\s*');
/** "juice of half a lime". */
const JUICE_OF = new RegExp(
  `^(?:(?:${inAnyLanguage((l) => l.line.the)})\\s+)?(?:(?:${inAnyLanguage((l) => l.line.squeezed)})\\s+)*` +
    `(?:${inAnyLanguage((l) => l.line.juice)})\\s+(?:${inAnyLanguage((l) => l.line.juiceOf)})\\s*`,
  'iu',
);
const JUICE_OF_BACK = said((l) => l.juiced, '^(.*?)[,(]\\s*', '\\)?$');
const FRUIT_JUICE: Record<string, string> = {
  'lime-whole': 'lime-juice',
  'lime-juice': 'lime-juice',
  'lemon-juice': 'lemon-juice',
  'orange-slice': 'orange-juice',
  'orange-juice': 'orange-juice',
  'grapefruit-juice': 'grapefruit-juice',
};
/** A fruit by its bare name, measured in ml, is its juice. */
const BARE_FRUIT: Record<string, string> = {
  lime: 'lime-juice',
  lemon: 'lemon-juice',
  orange: 'orange-juice',
  grapefruit: 'grapefruit-juice',
  pineapple: 'pineapple-juice',
};
const SUGAR = said((l) => l.sugar);
const OR = new RegExp(`\\s+(?:${inAnyLanguage((l) => l.or)})\\s+`, 'iu');
const OTHER_AMOUNT = /\(([^)]*\d[^)]*)\)|\s\/\s*([\d.,]+\s*\p{L}+)\b/u;

/** What a line's words say beside naming something; the words left. */
function taken(text: string, pattern: RegExp): [boolean, string] {
  // Accents are folded away for the look; folding keeps every letter in its place, but ß and œ, which patterns avoid.
  const folded = text.normalize('NFD').replace(/\p{M}/gu, '');
  const found = pattern.exec(folded.length === text.length ? folded : text);
  if (!found) return [false, text];
  return [
    true,
    `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`.replace(/\s+/g, ' ').trim(),
  ];
}

function amountOf(
  { value, upTo }: Quantity,
  { measure, times }: Measured,
  ounce: Ounce,
): Pick<ReadLine, 'amount' | 'parts' | 'upTo'> {
  const middle = upTo === undefined ? value : (value + upTo) / 2;
  const end = upTo === undefined ? undefined : upTo * times;
  if (measure === 'part') return { amount: undefined, parts: middle * times, upTo: end };
  return {
    amount: { value: middle * times, measure: measure === 'ounce' ? ounce : measure },
    parts: undefined,
    upTo: end,
  };
}

interface Measuring {
  quantity: Quantity | undefined;
  measured: Measured | undefined;
  rest: string;
}

/** Number and measure of a line, wherever they stand. */
function measuring(text: string): Measuring {
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
const tidy = (text: string) => text.replace(/[\s:.…,;–—-]+$/u, '').trim();

/** The likeliest kinds of a line: as it names it, or by what it says first of several. */
function named(text: string, matcher: KindMatcher): { matches: KindMatch[]; or: string[] } {
  const whole = matcher.match(text);
  if ((whole[0]?.confidence ?? 0) >= SURE || !OR.test(text)) return { matches: whole, or: [] };
  const each = text.split(OR).map((part) => matcher.match(part));
  const [first = [], ...others] = each;
  const or = others.flatMap((m) => (m[0] && m[0].confidence >= SURE ? [m[0].kind] : []));
  return (first[0]?.confidence ?? 0) >= SURE ? { matches: first, or } : { matches: whole, or: [] };
}

/**
 * One line of a recipe, read: how much of what, and how sure that is.
 *
 * @example readLine('1 1/2 oz fresh lime juice', matcher, 'us-oz').amount // { value: 1.5, measure: 'us-oz' }
 */
export function readLine(line: string, matcher: KindMatcher, ounce: Ounce): ReadLine {
  const notes: LineNote[] = [];
  let text = line.trim().replace(BULLET, '').replace(/\s+/g, ' ');
  const take = (pattern: RegExp): boolean => {
    const [is, rest] = taken(text, pattern);
    if (is) text = tidy(rest.replace(/^[\s,:;-]+/u, '').replace(/\(\s*\)/g, ''));
    return is;
  };
  const garnish = take(GARNISHED);
  const optional = take(OPTIONAL);
  const muddle = take(MUDDLED);
  const float = take(FLOATED);
  const rinse = take(RINSED);
  const before = take(TOPPED);
  const top = take(TOP_AFTER) || before;
  const backwards = JUICE_OF_BACK.exec(text);
  let pressed = backwards !== null;
  if (backwards) text = backwards[1]?.trim() ?? text;
  if (JUICE_OF.test(text)) {
    pressed = true;
    text = text.replace(JUICE_OF, '');
  }
  const other = OTHER_AMOUNT.exec(text);
  const beside = other && measuring((other[1] ?? other[2] ?? '').trim());
  const isOther = beside?.quantity !== undefined && beside.measured !== undefined;
  if (other && isOther)
    text = `${text.slice(0, other.index)} ${text.slice(other.index + other[0].length)}`.trim();
  let { quantity, measured, rest } = measuring(text);
  // "1 oz (30 ml)": metric, where it says both.
  if (isOther && beside && measured?.measure === 'ounce' && beside.measured?.measure !== 'ounce') {
    ({ quantity, measured } = beside);
    notes.push('both');
  }
  rest =
    rest
      .replace(/\([^)]*\)/g, ' ')
      .replace(/\s+/g, ' ')
      .trim() || rest;
  const says = tidy(rest.split(/,\s/)[0] ?? rest);
  const { matches, or } = named(says, matcher);
  let [best] = matches;
  let read: Pick<ReadLine, 'amount' | 'parts' | 'upTo'> = {
    amount: undefined,
    parts: undefined,
    upTo: undefined,
  };
  if (quantity) read = amountOf(quantity, measured ?? { measure: 'whole', times: 1, loose: false }, ounce);
  const isVolume = read.amount ? amountMl(read.amount) !== undefined : read.parts !== undefined;
  const bare = BARE_FRUIT[wordsOf(says).join(' ')];
  if (bare !== undefined && (isVolume || pressed)) best = { kind: bare, confidence: SURE };
  if (measured?.measure === 'cube' && SUGAR.test(foldText(says)))
    best = { kind: 'sugar-cube', confidence: SURE };
  if (measured?.loose) notes.push('loose');
  if (measured?.measure === 'ounce') notes.push('ounce');
  if (read.upTo !== undefined) notes.push('range');
  const juice = best && FRUIT_JUICE[best.kind];
  if (pressed && best && juice && read.amount) {
    const ml = (matcher.juiceOf(juice) ?? 0) * (measured === undefined ? read.amount.value : 0);
    if (ml > 0) read = { ...read, amount: { value: ml, measure: 'ml' } };
    best = { kind: juice, confidence: best.confidence };
    notes.push('juice-of-fruit');
  }
  if (top) notes.push('top');
  else if (read.amount === undefined && read.parts === undefined && !garnish && !rinse)
    notes.push('no-amount');
  if (best === undefined) notes.push('unknown');
  else if (best.confidence < SURE) notes.push('unsure');
  return {
    text: line.trim(),
    ...read,
    ml: read.amount && amountMl(read.amount),
    says,
    kind: best?.kind,
    confidence: best?.confidence ?? 0,
    near: matches.map((m) => m.kind).filter((k) => k !== best?.kind),
    or,
    optional,
    muddle,
    float,
    rinse,
    garnish,
    top,
    notes,
  };
}

/**
 * Whether a line looks like one of a recipe's ingredients: it measures something, or tops it up. A number in words alone
 * may be a name ("Two to one"), unless it counts something that is known.
 */
export function looksMeasured(line: string, matcher: KindMatcher): boolean {
  const text = line.trim().replace(BULLET, '');
  const folded = foldText(text);
  if (TOPPED.test(folded) || JUICE_OF.test(text)) return true;
  if (TOP_AFTER.test(folded) && text.length < LONGEST_TOP) return true;
  const { quantity, measured, rest } = measuring(text);
  if (quantity === undefined) return false;
  if (measured !== undefined) return true;
  return /\d|[½¼¾⅓⅔]/u.test(text)
    ? text.length < LONGEST_COUNTED
    : (matcher.match(rest)[0]?.confidence ?? 0) >= SURE;
}
const LONGEST_TOP = 50;
const LONGEST_COUNTED = 60;

import { amountMl, type Amount } from '../base/amount.js';
import { foldText } from '../base/fold.js';
import { isRead } from '../catalogue/garnish.js';
import { readGarnish } from '../catalogue/read-garnish.js';
import { SURE, wordsOf, type KindMatch, type KindMatcher } from './kind-matcher.js';
import { inAnyLanguage, type Language } from './languages/index.js';
import type { Measured } from './measure-words.js';
import { measuring, measuringOnce, tidy } from './measuring.js';
import type { Quantity } from './quantity.js';

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
const OPTIONAL_BEFORE = said((l) => l.optional, '^\\(?', '\\)?\\s*[:–-]\\s*');
const MUDDLED = said((l) => l.muddled);
const FLOATED = said((l) => l.floated);
const RINSED = said((l) => l.rinsed);
const TOPPED = said((l) => l.topped, '^', '\\s+(?:with\\s+)?');
const TOP_AFTER = said((l) => l.toppedAfter, '(?:[,(]?\\s*', '\\)?)$');
const GARNISHED_AFTER = said((l) => l.garnishedAfter, '[,(]?\\s*\\b', '\\)?$');
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

/** The likeliest kinds of a line: as it names it, or by what it says first of several. */
function named(text: string, matcher: KindMatcher): { matches: KindMatch[]; or: string[] } {
  const whole = matcher.match(text);
  if ((whole[0]?.confidence ?? 0) >= SURE || !OR.test(text)) return { matches: whole, or: [] };
  const each = text.split(OR).map((part) => matcher.match(part));
  const [first = [], ...others] = each;
  const or = others.flatMap((m) => (m[0] && m[0].confidence >= SURE ? [m[0].kind] : []));
  return (first[0]?.confidence ?? 0) >= SURE ? { matches: first, or } : { matches: whole, or: [] };
}

/** What a line says beside naming something, and the words that are left. */
function marksOf(line: string) {
  let text = line.trim().replace(BULLET, '').replace(/\s+/g, ' ');
  const take = (pattern: RegExp): boolean => {
    const [is, rest] = taken(text, pattern);
    if (is) text = tidy(rest.replace(/^[\s,:;-]+/u, '').replace(/\(\s*\)/g, ''));
    return is;
  };
  const after = take(GARNISHED_AFTER);
  const garnish = take(GARNISHED) || after;
  const optional = take(OPTIONAL);
  const muddle = take(MUDDLED);
  const float = take(FLOATED);
  const rinse = take(RINSED);
  const before = take(TOPPED);
  const top = take(TOP_AFTER) || before;
  const backwards = JUICE_OF_BACK.exec(text);
  if (backwards) text = backwards[1]?.trim() ?? text;
  const pressed = backwards !== null || JUICE_OF.test(text);
  return {
    marks: { optional, muddle, float, rinse, garnish, top },
    /** What is meant is the juice of a fruit. */
    pressed,
    text: text.replace(JUICE_OF, ''),
  };
}

const NO_AMOUNT: Pick<ReadLine, 'amount' | 'parts' | 'upTo'> = {
  amount: undefined,
  parts: undefined,
  upTo: undefined,
};
const ASKED = 0.7;
const ONE_OF_IT: Measured = { measure: 'whole', times: 1, loose: false };

/** The kind that a line means, where its measure tells more than its words: a lime in ml is its juice. */
function meant(says: string, best: KindMatch | undefined, measured: Measured | undefined, isJuice: boolean) {
  // Sugar by the glass is a syrup, of whatever strength: asked. By the spoon it is sugar.
  if (best?.kind === 'sugar' && isJuice && !measured?.measure.endsWith('spoon'))
    return { kind: 'simple-syrup', confidence: ASKED };
  if (measured?.measure === 'cube' && SUGAR.test(foldText(says)))
    return { kind: 'sugar-cube', confidence: SURE };
  const bare = BARE_FRUIT[wordsOf(says).join(' ')];
  return bare !== undefined && isJuice ? { kind: bare, confidence: SURE } : best;
}

/** The juice of so many fruit, in ml; undefined where it is no fruit, or nobody says how much. */
function juiceOfFruit(
  best: KindMatch | undefined,
  read: Pick<ReadLine, 'amount' | 'parts' | 'upTo'>,
  measured: Measured | undefined,
  matcher: KindMatcher,
) {
  const kind = best && FRUIT_JUICE[best.kind];
  if (best === undefined || kind === undefined || read.amount === undefined) return undefined;
  const ml = measured === undefined ? (matcher.juiceOf(kind) ?? 0) * read.amount.value : 0;
  const amount: Amount = ml > 0 ? { value: ml, measure: 'ml' } : read.amount;
  return { best: { kind, confidence: best.confidence }, read: { ...read, amount } };
}

/** What is to be said of a line as it was read. */
function notesOf(
  read: Pick<ReadLine, 'amount' | 'parts' | 'upTo'>,
  { top, garnish, rinse }: Pick<ReadLine, 'top' | 'garnish' | 'rinse'>,
  measured: Measured | undefined,
  best: KindMatch | undefined,
  isJuiceOfFruit: boolean,
): LineNote[] {
  const isMeasured = read.amount !== undefined || read.parts !== undefined;
  const notes: [LineNote, boolean][] = [
    ['loose', measured?.loose === true],
    ['ounce', measured?.measure === 'ounce'],
    ['range', read.upTo !== undefined],
    ['juice-of-fruit', isJuiceOfFruit],
    ['top', top],
    ['no-amount', !top && !isMeasured && !garnish && !rinse],
    ['unknown', best === undefined],
    ['unsure', best !== undefined && best.confidence < SURE],
  ];
  return notes.flatMap(([note, is]) => (is ? [note] : []));
}

/**
 * One line of a recipe, read: how much of what, and how sure that is.
 *
 * @example readLine('1 1/2 oz fresh lime juice', matcher, 'us-oz').amount // { value: 1.5, measure: 'us-oz' }
 */
export function readLine(line: string, matcher: KindMatcher, ounce: Ounce): ReadLine {
  const { marks, pressed, text } = marksOf(line);
  const { quantity, measured, rest: after, isBoth } = measuringOnce(text);
  const rest =
    after
      .replace(/\([^)]*\)/g, ' ')
      .replace(/\s+/g, ' ')
      .trim() || after;
  const says = tidy(rest.split(/,\s/)[0] ?? rest);
  const { matches, or } = named(says, matcher);
  const written = quantity ? amountOf(quantity, measured ?? ONE_OF_IT, ounce) : NO_AMOUNT;
  const isVolume = written.amount ? amountMl(written.amount) !== undefined : written.parts !== undefined;
  const likeliest = meant(says, matches[0], measured, isVolume || pressed);
  const juice = pressed ? juiceOfFruit(likeliest, written, measured, matcher) : undefined;
  const { best, read } = juice ?? { best: likeliest, read: written };
  return {
    text: line.trim(),
    ...read,
    ml: read.amount && amountMl(read.amount),
    says,
    kind: best?.kind,
    confidence: best?.confidence ?? 0,
    near: matches.map((m) => m.kind).filter((k) => k !== best?.kind),
    or,
    ...marks,
    notes: [
      ...(isBoth ? ['both' as const] : []),
      ...notesOf(read, marks, measured, best, juice !== undefined),
    ],
  };
}

/** A line without its bullet and a heading that only says it may be left out. */
const withoutMarks = (line: string) => line.trim().replace(BULLET, '').replace(OPTIONAL_BEFORE, '');

/**
 * Whether a line names something to pour or put in, without saying how much: "tonic water", "absinthe rinse". Only what is
 * surely known is one.
 */
export function looksNamed(line: string, matcher: KindMatcher): boolean {
  const { marks, text } = marksOf(line);
  if (text.length > LONGEST_COUNTED || /[.!?:]$/.test(text)) return false;
  const { matches } = named(text, matcher);
  return !marks.garnish && (matches[0]?.confidence ?? 0) >= SURE;
}

/** Whether a line is nothing but a garnish: "lime wedge, to garnish", "orange twist", "grated nutmeg". */
export function looksLikeGarnish(line: string): boolean {
  const text = line.trim().replace(BULLET, '');
  const folded = foldText(text);
  if (GARNISHED.test(folded) || GARNISHED_AFTER.test(folded)) return true;
  if (/\d|[.!?:]$/.test(text) || text.split(/\s+/).length > LONGEST_DRESSING) return false;
  const read = readGarnish(text.replace(/^(?:freshly|fresh)\s+/iu, ''));
  return read.length > 0 && read.every((g) => isRead(g) && text.split(/\s+/).length > 1);
}
/** A garnish alone, without what only says that it is one. */
export function garnishWords(line: string): string {
  const [, after] = taken(line.trim().replace(BULLET, ''), GARNISHED_AFTER);
  return tidy(after.replace(GARNISHED, ''));
}
const LONGEST_DRESSING = 6;

/**
 * Whether a line looks like one of a recipe's ingredients: it measures something, or tops it up. A number in words alone
 * may be a name ("Two to one"), unless it counts something that is known.
 */
export function looksMeasured(line: string, matcher: KindMatcher): boolean {
  const text = withoutMarks(line);
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

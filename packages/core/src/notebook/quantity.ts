import { VULGAR_FRACTIONS } from '../base/amount.js';

/** A number as people write it, or two of them: "6–8". */
export interface Quantity {
  value: number;
  /** The other end of a range; `value` is its beginning. */
  upTo: number | undefined;
}

/** Numbers in words, in the languages of the trade. */
const NUMBER_WORDS: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  half: 0.5,
  quarter: 0.25,
  ein: 1,
  eine: 1,
  einen: 1,
  einer: 1,
  eines: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  funf: 5,
  sechs: 6,
  acht: 8,
  zehn: 10,
  halbe: 0.5,
  halber: 0.5,
  halben: 0.5,
  halbes: 0.5,
  un: 1,
  une: 1,
  deux: 2,
  trois: 3,
  quatre: 4,
  cinq: 5,
  huit: 8,
  dix: 10,
  demi: 0.5,
  demie: 0.5,
  uno: 1,
  una: 1,
  dos: 2,
  tres: 3,
  cuatro: 4,
  cinco: 5,
  seis: 6,
  ocho: 8,
  diez: 10,
  medio: 0.5,
  media: 0.5,
  due: 2,
  tre: 3,
  quattro: 4,
  cinque: 5,
  sei: 6,
  otto: 8,
  dieci: 10,
  mezzo: 0.5,
  mezza: 0.5,
};

const GLYPHS = Object.keys(VULGAR_FRACTIONS).join('');
const SLASHES = '[/\u2044\u2215]';
/** "1 1/2", "1½", "½", "3/4", "0,75", ".75", "45". */
const NUMBER = `(?:\\d+\\s+\\d+\\s*${SLASHES}\\s*\\d+|\\d+\\s*${SLASHES}\\s*\\d+|\\d*\\s*[${GLYPHS}]|\\d+(?:[.,]\\d+)?|[.,]\\d+)`;
const DASH = '\\s*(?:-|\u2013|\u2014|to|bis|a|à|ou|or|o|oder)\\s*';
/** Words before a number that change nothing. */
const ABOUT =
  '(?:about|approx\\.?|approximately|ca\\.?|circa|etwa|environ|env\\.?|unos|unas|aprox\\.?|scant|generous|good|~)?\\s*';

const AT_START = new RegExp(`^${ABOUT}(${NUMBER})(?:${DASH}(${NUMBER}))?(?![\\d%°])`, 'iu');
const AT_END = new RegExp(`(?<![\\d.,/])(${NUMBER})(?:${DASH}(${NUMBER}))?$`, 'iu');
const WORD_AT_START = /^([\p{L}]+)(?:\s+(?:and\s+a\s+half|y\s+media?o?|e\s+mezz[oa]|et\s+demie?))?(?=\s)/iu;

/** One number as it is written; undefined where it is none. */
export function readNumber(text: string): number | undefined {
  const trimmed = text.trim();
  const glyph = new RegExp(`^(\\d*)\\s*([${GLYPHS}])$`, 'u').exec(trimmed);
  if (glyph) return Number(glyph[1] || 0) + (VULGAR_FRACTIONS[glyph[2] ?? ''] ?? 0);
  const slashed = new RegExp(`^(?:(\\d+)\\s+)?(\\d+)\\s*${SLASHES}\\s*(\\d+)$`, 'u').exec(trimmed);
  if (slashed) {
    const below = Number(slashed[3]);
    return below === 0 ? undefined : Number(slashed[1] ?? 0) + Number(slashed[2]) / below;
  }
  return /^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(trimmed) ? Number(trimmed.replace(',', '.')) : undefined;
}

function quantityOf(first: string | undefined, second: string | undefined): Quantity | undefined {
  const value = first === undefined ? undefined : readNumber(first);
  const upTo = second === undefined ? undefined : readNumber(second);
  return value === undefined || value <= 0 ? undefined : { value, upTo };
}

/** Strip accents and case from a word. */
export const fold = (word: string): string =>
  word.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/ß/g, 'ss').replace(/œ/g, 'oe');

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
  const value = word ? NUMBER_WORDS[fold(word[1] ?? '')] : undefined;
  if (!word || value === undefined) return undefined;
  let rest = text.slice(word[0].length).trim();
  let total = /half|media|mezz|demi/i.test(word[0].slice((word[1] ?? '').length)) ? value + 0.5 : value;
  // "half a lime", "half an egg white", "a quarter lemon".
  const next = WORD_AT_START.exec(rest);
  const more = next ? NUMBER_WORDS[fold(next[1] ?? '')] : undefined;
  if (next && more !== undefined && (value < 1 ? more === 1 : value === 1 && more < 1)) {
    total = value < 1 ? value : more;
    rest = rest.slice(next[0].length).trim();
  }
  return { quantity: { value: total, upTo: undefined }, rest };
}

/** The number that a text ends with, and what comes before it: "gin 4" of "gin 4 cl", its measure taken off. */
export function quantityAtEnd(text: string): { quantity: Quantity; rest: string } | undefined {
  const found = AT_END.exec(text.trimEnd());
  const quantity = found ? quantityOf(found[1], found[2]) : undefined;
  return found && quantity ? { quantity, rest: text.slice(0, found.index).trim() } : undefined;
}

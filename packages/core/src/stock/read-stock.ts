import { foldText } from '../base/fold.js';
import { readNumber } from '../base/read-number.js';
import type { Kind } from '../catalogue/kind.js';

/** One thing read from what was typed. */
export interface StockLine {
  /** The words it was read from. */
  text: string;
  /** The kind, where it is clear; else what it may be, the likeliest first. */
  kind: string | undefined;
  near: string[];
  /** How sure: 1 for a name as the catalogue has it, less for parts of one, 0 where nothing was found. */
  confidence: number;
  /** What is left: a share of the bottle, ml, or pieces. */
  left: { share: number } | { ml: number } | { pieces: number } | undefined;
  sizeMl: number | undefined;
  /** ISO day it was opened, where one was said; the word "open" alone says no day. */
  openedOn: string | undefined;
  opened: boolean;
}

const WORDED: readonly (readonly [RegExp, number])[] = [
  [/\bthree quarters?\b/, 0.75],
  [/\btwo thirds?\b/, 2 / 3],
  [/\b(?:a|one)? ?half(?: (?:full|empty|left))?\b/, 0.5],
  [/\b(?:a|one) third\b/, 1 / 3],
  [/\b(?:a|one) quarter\b/, 0.25],
  [/\b(?:nearly|almost) (?:empty|out|gone)\b/, 0.05],
  [/\b(?:nearly|almost) full\b/, 0.95],
  [/\b(?:full|new|unopened)\b/, 1],
  [/\b(?:empty|out|gone)\b/, 0],
];
const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const OPENED =
  /\b(?:opened|open since|open)(?: on)?(?: (\d{1,2})[.]? ?([a-z]{3})[a-z]*| ([a-z]{3})[a-z]* (\d{1,2})| (\d{4}-\d{2}-\d{2}))?\b/;

/** Text in lines: at line ends, semicolons, and commas that are no decimal commas. */
function linesOf(text: string): string[] {
  return text
    .split(/[\n;]|,(?!\d)/u)
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** The latest day of that month and date that is not after today. */
function lately(month: number, date: number, today: string): string | undefined {
  const [year] = today.split('-').map(Number) as [number];
  const iso = (y: number) => `${y}-${String(month + 1).padStart(2, '0')}-${String(date).padStart(2, '0')}`;
  if (date < 1 || date > 31) return undefined;
  return iso(year) <= today ? iso(year) : iso(year - 1);
}

/** Takes a pattern out of a text, and says what it was. */
function take(text: string, pattern: RegExp): { rest: string; found: RegExpExecArray | null } {
  const found = pattern.exec(text);
  return { rest: found ? text.replace(found[0], ' ') : text, found };
}

/** Names of kinds, folded, as they are looked for. */
export class StockReader {
  private readonly names: { kind: string; words: string[]; name: string }[];

  constructor(kinds: Iterable<Kind>) {
    this.names = [...kinds]
      .filter((k) => !k.abstract)
      .flatMap((k) =>
        [k.name, ...k.also].map((name) => {
          const folded = foldText(name);
          return { kind: k.id, name: folded, words: wordsOf(folded) };
        }),
      );
  }

  /**
   * What was typed at stock-taking, thing by thing: "dry gin 2/3, triple sec 0.4, sweet vermouth half opened
   * 3 May, 6 limes". What is not clear is left open, with what it may be.
   *
   * @param today ISO day, for days without a year.
   */
  read(text: string, today: string): StockLine[] {
    return linesOf(text).map((line) => this.readLine(line, today));
  }

  private readLine(line: string, today: string): StockLine {
    let text = foldText(line);
    const opening = take(text, OPENED);
    text = opening.rest;
    const size = take(text, /\b(\d+(?:[.,]\d+)?) ?(cl|l|litres?|liters?)\b/);
    text = size.rest;
    const left = this.takeLeft(text);
    text = left.rest;
    const { kind, near, confidence } = this.find(wordsOf(text));
    return {
      text: line,
      kind,
      near,
      confidence,
      left: left.left,
      sizeMl: size.found ? number(size.found[1]) * (size.found[2] === 'cl' ? 10 : 1000) : undefined,
      opened: opening.found !== null,
      openedOn: dayOf(opening.found, today),
    };
  }

  private takeLeft(text: string): { rest: string; left: StockLine['left'] } {
    const ml = take(text, /\b(\d+(?:[.,]\d+)?) ?ml\b/);
    if (ml.found) return { rest: ml.rest, left: { ml: number(ml.found[1]) } };
    const percent = take(text, /\b(\d{1,3}) ?%/);
    if (percent.found)
      return { rest: percent.rest, left: { share: Math.min(1, number(percent.found[1]) / 100) } };
    const fraction = take(text, /\b(\d+) ?\/ ?(\d+)\b/);
    if (fraction.found && number(fraction.found[2]) >= number(fraction.found[1]))
      return { rest: fraction.rest, left: { share: number(fraction.found[1]) / number(fraction.found[2]) } };
    const decimal = take(text, /\b0[.,]\d+\b/);
    if (decimal.found) return { rest: decimal.rest, left: { share: number(decimal.found[0]) } };
    for (const [pattern, share] of WORDED) {
      const worded = take(text, pattern);
      if (worded.found) return { rest: worded.rest, left: { share } };
    }
    const pieces = take(text, /(?:^|\s)(\d{1,3})(?:\s|$)/);
    if (pieces.found) return { rest: pieces.rest, left: { pieces: number(pieces.found[1]) } };
    return { rest: text, left: undefined };
  }

  private find(words: readonly string[]): Pick<StockLine, 'kind' | 'near' | 'confidence'> {
    if (words.length === 0) return { kind: undefined, near: [], confidence: 0 };
    const whole = words.join(' ');
    const exact = this.names.filter((n) => n.words.join(' ') === whole);
    const [only] = exact;
    if (only && new Set(exact.map((n) => n.kind)).size === 1)
      return { kind: only.kind, near: [only.kind], confidence: 1 };
    // A part of a name, or a name with more said about it: clear where only one kind has all of the words.
    const scored = this.names
      .map((n) => {
        const hits = words.filter((w) => n.words.includes(w)).length;
        return {
          kind: n.kind,
          score: (2 * hits) / (words.length + n.words.length),
          all: hits === words.length,
        };
      })
      .filter((n) => n.score > 0)
      .sort((a, b) => b.score - a.score);
    const near = [...new Set(scored.map((s) => s.kind))].slice(0, 5);
    const having = new Set(scored.filter((s) => s.all).map((s) => s.kind));
    const [first] = having;
    if (having.size === 1 && first !== undefined)
      return { kind: first, near: [first, ...near.filter((k) => k !== first)], confidence: 0.8 };
    return { kind: undefined, near, confidence: near.length > 0 ? 0.4 : 0 };
  }
}

const number = (text: string | undefined) => readNumber(text ?? '') ?? 0;

/** Words that tell nothing, and a plural's end. */
const wordsOf = (text: string) =>
  text
    .split(/[^\p{L}\p{N}]+/u)
    .filter((w) => w !== '' && !['of', 'the', 'a', 'an', 'bottle', 'bottles', 'left', 'in'].includes(w))
    .map((w) => (w.length > 3 && w.endsWith('s') && !w.endsWith('ss') ? w.slice(0, -1) : w));

function dayOf(found: RegExpExecArray | null, today: string): string | undefined {
  if (!found) return undefined;
  const [, date, month, monthFirst, dateAfter, iso] = found;
  if (iso !== undefined) return iso;
  const at = MONTHS.indexOf(month ?? monthFirst ?? '');
  return at < 0 ? undefined : lately(at, Number(date ?? dateAfter), today);
}

import { foldText } from '../base/fold.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { KindFinder, nameWords, type FoundKind, type Standing } from './find-kind.js';
import { plainFigures, readAmounts, type Amounts, type Left } from './stock-amounts.js';
import { sayDay } from './stock-dates.js';

/** One thing read from what was typed. */
export interface StockLine {
  /** The words it was read from. */
  text: string;
  /** The kind, where it is clear; else what it may be, the likeliest first. */
  kind: string | undefined;
  near: string[];
  /** How sure: 1 for a name as the catalogue has it, less for parts of one, 0 where nothing was found. */
  confidence: number;
  /** The bottle whose label was named. */
  bottleId: string | undefined;
  left: Left | undefined;
  sizeMl: number | undefined;
  /** How many of it there are, where more than one was said. */
  count: number | undefined;
  /** The strength on its label, a fraction. */
  abv: number | undefined;
  /** ISO day it was opened, where one was said; the word "open" alone says no day. */
  openedOn: string | undefined;
  opened: boolean;
  boughtOn: string | undefined;
  /** The words of a day that is none, or is yet to come: the line waits until it is put right. */
  wrongDay: string | undefined;
}

/** How days in figures are written, and what stands in the house. */
export interface StockReading {
  /** Whether 3/5 is the fifth of March. */
  monthFirst?: boolean;
  standing?: readonly Standing[];
}

/** Sizes in which bottles are sold, ml (common practice). */
const BOTTLE_SIZES = new Set([50, 100, 187, 200, 250, 275, 330, 350, 375, 500, 700, 750, 1000, 1500, 1750]);

/** Text in pieces: at line ends, semicolons, and commas that are no decimal commas. */
function piecesOf(text: string): string[] {
  return text
    .split(/[\n;]|(?<=\p{L}),(?=\d+\s*\p{L})|,(?!\d)/u)
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** Reads what was typed at stock-taking. */
export class StockReader {
  private readonly kinds: ReadonlyMap<string, Kind>;
  private readonly finder: KindFinder;
  private readonly monthFirst: boolean;

  constructor(kinds: Iterable<Kind>, { monthFirst = false, standing = [] }: StockReading = {}) {
    this.kinds = kindIndex([...kinds]);
    this.finder = new KindFinder(this.kinds, standing);
    this.monthFirst = monthFirst;
  }

  /**
   * What was typed at stock-taking, thing by thing: "dry gin 2/3, triple sec 0.4, sweet vermouth half opened
   * 3 May, 6 limes". A comma inside one thing parts nothing. What is not clear is left open, with what it may be.
   *
   * @param today ISO day, for days without a year.
   */
  read(text: string, today: string): StockLine[] {
    const things: string[] = [];
    for (const piece of piecesOf(text)) {
      const { words } = this.parts(piece, today);
      const last = things.length - 1;
      // What names nothing says more of the thing before it.
      if (words.length === 0 && last >= 0) things[last] = `${things[last]}, ${piece}`;
      else things.push(...this.joined(piece, today));
    }
    return things.map((thing) => this.readOne(thing, today));
  }

  /** "limes and lemons" are two things where each is one by itself. */
  private joined(piece: string, today: string): string[] {
    const sides = piece.split(/ (?:and|&|\+) /i);
    if (sides.length < 2 || this.find(piece, today).confidence === 1) return [piece];
    return sides.every((s) => this.find(s, today).confidence >= UNDERSTOOD) ? sides : [piece];
  }

  private find = (text: string, today: string): FoundKind => this.finder.find(this.parts(text, today).words);

  /** Day, amounts and the words that are left. */
  private parts(text: string, today: string) {
    const folded = plainFigures(foldText(text).replace(/[()"“”:]/g, ' '));
    const day = sayDay(folded, today, this.monthFirst);
    const amounts = readAmounts(day.rest.replace(/,/g, ' '));
    return { day, amounts, words: nameWords(amounts.rest) };
  }

  private readOne(text: string, today: string): StockLine {
    const { day, amounts, words } = this.parts(text, today);
    const found = this.finder.find(words);
    const kind = this.kinds.get(found.kind ?? found.near[0] ?? '');
    const isBought = day.verb === 'bought' || (day.verb === undefined && kind?.supply === 'fresh');
    return {
      text,
      ...found,
      ...amountsOf(amounts, kind),
      abv: amounts.abv,
      openedOn: isBought ? undefined : day.day,
      opened: day.verb === 'opened' || (day.day !== undefined && !isBought),
      boughtOn: isBought ? day.day : undefined,
      wrongDay: day.wrong,
    };
  }
}

/** From so sure on a name is taken as read. */
const UNDERSTOOD = 0.8;

/** Amounts by what they are of: a bottle's usual size is its size, what is made at home is what is left of it. */
function amountsOf(
  { left, sizeMl, eitherMl, count }: Amounts,
  kind: Kind | undefined,
): Pick<StockLine, 'left' | 'sizeMl' | 'count'> {
  const isFresh = kind?.supply === 'fresh';
  // Two gins are two bottles; two limes are two limes.
  if (left !== undefined && 'pieces' in left && kind !== undefined && !isFresh)
    return { left: undefined, sizeMl: sizeMl ?? eitherMl, count: Math.round(left.pieces) };
  if (eitherMl === undefined) return { left, sizeMl, count };
  const isSold = kind?.supply === 'bottle' || kind?.supply === 'mixer';
  const isSize = left !== undefined || count !== undefined || (isSold && BOTTLE_SIZES.has(eitherMl));
  return isSize ? { left, sizeMl: eitherMl, count } : { left: { ml: eitherMl }, sizeMl, count };
}

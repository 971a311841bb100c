import type { MeasureWords } from '../../base/measure-words.js';
import type { Ice, Method } from '../../catalogue/recipe.js';

/** Alternatives of a pattern, folded and without accents (`foldText`), parted by a bar. */
type Words = string;

/** What a column of a table of recipes holds. */
export type Column =
  | 'drink'
  | 'name'
  | 'amount'
  | 'measure'
  | 'ingredient'
  | 'list'
  | 'optional'
  | 'method'
  | 'glass'
  | 'garnish';

/**
 * All that is known of how one language writes recipes. Another language is another file of this shape, and its line in
 * `index.ts`: whatever reads recipes reads all of them at once, since texts mix them.
 */
export interface Language {
  /** Numbers in words. */
  numbers: Readonly<Record<string, number>>;
  /** "and a half", after a number. */
  andAHalf?: Words;
  /** Words before a number that change nothing. */
  about: Words;
  /** Between the two ends of a range. */
  to: Words;
  /** Between two things of which either does. */
  or: Words;
  /** Between a measure and what is measured. */
  of: Words;
  measures: MeasureWords;
  /**
   * What the commonest ingredients are called, beside the catalogue's own names, by the id of their kind. Compiled from common
   * usage; a phrase is matched by its words, whatever their order.
   */
  ingredients: Readonly<Record<string, Words>>;
  /** Words, parted by spaces, that describe an ingredient and change nothing about what it is. */
  passing: string;
  /** What the line of an ingredient says beside its name. */
  line: {
    optional: Words;
    muddled: Words;
    floated?: Words;
    rinsed: Words;
    /** Before what the glass is filled up with, and after it. */
    topped: Words;
    toppedAfter: Words;
    /** Before a garnish: a heading or a verb. */
    garnished: Words;
    /** Behind a garnish: "to garnish". */
    garnishedAfter?: Words;
    /** The same within a sentence. */
    garnishedWithin?: Words;
    /** "the freshly squeezed juice of": its article, what it is squeezed like, the word itself and what follows it. */
    the: Words;
    squeezed?: Words;
    juice: Words;
    juiceOf: Words;
    /** After a fruit: what is meant is its juice. */
    juiced: Words;
    sugar: Words;
  };
  text: {
    /** Lines that are headings and nothing else. */
    headings: Words;
    /** Before the glass, in a line of its own. */
    glass: Words;
    /** "equal parts", before a list of ingredients; and what stands before the last of a list. */
    equalParts?: Words;
    and: Words;
    /** Before the ice, the making or a remark, in a line of their own. */
    labels: Words;
    /** Before what is no part of a recipe: for how many, how long it takes. */
    asideLabels: Words;
    /** What the sentence of a step begins with. */
    steps: Words;
    /** What no name of a drink begins with. */
    noName?: Words;
  };
  /** Headings of a table's columns, the likeliest first. */
  columns: Partial<Record<Column, readonly string[]>>;
  method: {
    methods: Partial<Record<Method, Words>>;
    strainTwice: Words;
    strain: Words;
    /** Ice in the glass. */
    ices: Partial<Record<Ice, Words>>;
    /** Glasses by their id. */
    glasses: Readonly<Record<string, Words>>;
    muddles: Words;
  };
}

import type { Amount } from '../base/amount.js';
import { foldText } from '../base/fold.js';
import type { WrittenMeasure } from '../base/measure-words.js';
import { inAnyLanguage, LANGUAGES } from './languages/index.js';

/** A measure as it is written: what it stands for, and how much of that one of it is. */
export interface Measured {
  measure: Amount['measure'] | 'part' | 'ounce';
  times: number;
  /** Nobody agrees on how much it is: it is said how it was taken. */
  loose: boolean;
}

/** A splash, a shot and a cup (assumptions, common practice). */
const SPLASH_ML = 10;
const SHOT_ML = 45;
const CUP_ML = 240;

const PLAIN = { times: 1, loose: false };
/** What is written as a measure of its own, and is so much of another. */
const OTHERWISE: Partial<Record<WrittenMeasure, Measured>> = {
  dl: { measure: 'ml', times: 100, loose: false },
  l: { measure: 'ml', times: 1000, loose: false },
  splash: { measure: 'ml', times: SPLASH_ML, loose: true },
  shot: { measure: 'ml', times: SHOT_ML, loose: true },
  cup: { measure: 'ml', times: CUP_ML, loose: true },
};

/** Measures by their words in every language. */
const MEASURES = new Map(
  LANGUAGES.flatMap(({ measures }) =>
    (Object.entries(measures) as [WrittenMeasure, string][]).flatMap(([name, words]) => {
      const measured = OTHERWISE[name] ?? { measure: name as Measured['measure'], ...PLAIN };
      return words.split('|').map((word) => [word, measured] as const);
    }),
  ),
);
const MAX_WORDS = 3;
/** "of", between a measure and what is measured. */
const OF = new RegExp(`^(?:${inAnyLanguage((l) => l.of)})(?:\\s+|(?<=['’]))`, 'iu');

const plain = (word: string) => foldText(word).replace(/\./g, ' ').replace(/\s+/g, ' ').trim();

/** The measure that a text begins with, and what follows it, the "of" left out. */
export function measureAtStart(text: string): { measured: Measured; rest: string } | undefined {
  const words = text.split(/\s+/);
  for (let n = Math.min(MAX_WORDS, words.length); n >= 1; n--) {
    const measured = MEASURES.get(
      plain(
        words
          .slice(0, n)
          .join(' ')
          .replace(/[,:;)]+$/, ''),
      ),
    );
    if (measured)
      return {
        measured,
        rest: words
          .slice(n)
          .join(' ')
          .replace(/^[,:;-]\s*/, '')
          .replace(OF, ''),
      };
  }
  return undefined;
}

/** The measure that a text ends with, and what comes before it. */
export function measureAtEnd(text: string): { measured: Measured; rest: string } | undefined {
  const words = text.trim().split(/\s+/);
  for (let n = Math.min(MAX_WORDS, words.length); n >= 1; n--) {
    const measured = MEASURES.get(plain(words.slice(-n).join(' ')));
    if (measured) return { measured, rest: words.slice(0, -n).join(' ') };
  }
  return undefined;
}

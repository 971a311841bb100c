import { readNumber } from '../base/read-number.js';

/** Numbers as people say them at stock-taking. */
const NUMBER_WORDS: Readonly<Record<string, number>> = {
  'half a dozen': 6,
  'a dozen': 12,
  'two dozen': 24,
  'a couple of': 2,
  'a couple': 2,
  dozen: 12,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};
/** Those words, for a pattern: the longest first. */
export const WORDED_NUMBER = Object.keys(NUMBER_WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');

/** What a number comes to that was typed or said; "a bottle" is one. */
export const valueOf = (said: string | undefined) =>
  said === 'a' || said === 'an' ? 1 : (NUMBER_WORDS[said ?? ''] ?? readNumber(said ?? '') ?? 0);

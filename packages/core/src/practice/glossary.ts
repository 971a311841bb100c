import { z } from 'zod';
import { foldText } from '../base/fold.js';
import { randomFrom, seedOf, shuffled } from '../base/random.js';
import { idSchema } from '../base/ids.js';

const country = z.string().regex(/^[A-Z]{2}$/, 'a country is two capital letters (ISO 3166)');

/** A word of the trade: what it means, and where it means something else. */
const wordSchema = z.strictObject({
  id: idSchema,
  word: z.string().min(1).max(40),
  says: z.string().min(10).max(300),
  also: z.array(z.string().min(1).max(40)).default([]),
  where: z.array(z.strictObject({ in: country, says: z.string().min(2).max(160) })).default([]),
  see: z.array(idSchema).default([]),
});
export type Word = z.infer<typeof wordSchema>;

/** The words, and what shots and spoons hold by country. */
export const glossarySchema = z.strictObject({
  provenance: z.string().min(20),
  /** Words in it that no dictionary has, each looked at: none is a brand or a person. */
  reviewed: z.array(z.string().min(1)).default([]),
  measures: z.array(
    z.strictObject({
      what: z.string().min(1).max(40),
      in: country,
      ml: z.array(z.number().positive().max(2000)).min(1),
      note: z.string().max(120).default(''),
    }),
  ),
  words: z.array(wordSchema).min(1),
});
export type Glossary = z.infer<typeof glossarySchema>;

/** The words that answer to a text: those that begin with it, then those that hold it, then those that explain it. */
export function findWords(glossary: Pick<Glossary, 'words'>, text: string): Word[] {
  const sought = foldText(text.trim());
  if (sought === '') return [];
  const rank = (w: Word): number => {
    const names = [w.word, ...w.also].map(foldText);
    if (names.includes(sought)) return 0;
    if (names.some((n) => n.startsWith(sought))) return 1;
    if (names.some((n) => n.includes(sought))) return 2;
    return [w.says, ...w.where.map((o) => o.says)].some((s) => foldText(s).includes(sought)) ? 3 : 4;
  };
  return glossary.words
    .map((word) => ({ word, at: rank(word) }))
    .filter((r) => r.at < 4)
    .sort((a, b) => a.at - b.at || (a.word.word < b.word.word ? -1 : 1))
    .map((r) => r.word);
}

/** Whether a word is called so, or its name begins so: what it merely explains is not asked for. */
export function isCalled(word: Word, text: string): boolean {
  const sought = foldText(text.trim());
  return sought !== '' && [word.word, ...word.also].some((name) => foldText(name).startsWith(sought));
}

/** A piece of a sentence: plain, or a word that is explained. */
export interface Piece {
  text: string;
  word: Word | undefined;
}

/**
 * A sentence with the words of the trade in it found, each the first time it is said, longest first.
 *
 * @example piecesOf('Dry shake, then strain.', words)[0]?.word?.id // 'dry-shake'
 */
export function piecesOf(sentence: string, words: readonly Word[]): Piece[] {
  const names = words
    .flatMap((word) => [word.word, ...word.also].map((name) => ({ name: name.toLowerCase(), word })))
    .sort((a, b) => b.name.length - a.name.length);
  const lower = sentence.toLowerCase();
  const taken: { from: number; to: number; word: Word }[] = [];
  const isLetter = (c: string | undefined) => c !== undefined && /\p{L}/u.test(c);
  for (const { name, word } of names) {
    if (taken.some((t) => t.word.id === word.id)) continue;
    let from = lower.indexOf(name);
    // A whole word: "stir" is not in "stirred". Nothing is taken twice.
    while (
      from >= 0 &&
      (isLetter(lower[from - 1]) ||
        isLetter(lower[from + name.length]) ||
        taken.some((t) => from < t.to && from + name.length > t.from))
    )
      from = lower.indexOf(name, from + 1);
    if (from >= 0) taken.push({ from, to: from + name.length, word });
  }
  taken.sort((a, b) => a.from - b.from);
  const out: Piece[] = [];
  let at = 0;
  for (const { from, to, word } of taken) {
    if (from > at) out.push({ text: sentence.slice(at, from), word: undefined });
    out.push({ text: sentence.slice(from, to), word });
    at = to;
  }
  if (at < sentence.length) out.push({ text: sentence.slice(at), word: undefined });
  return out;
}

/** A question on a word: what does it mean, among four. */
export interface WordFlashcard {
  word: Word;
  choices: string[];
  right: number;
}

/** A card of a word: its meaning among three others'. */
export function wordFlashcard(
  glossary: Pick<Glossary, 'words'>,
  id: string,
  turn = 0,
): WordFlashcard | undefined {
  const word = glossary.words.find((w) => w.id === id);
  if (word === undefined) return undefined;
  const random = randomFrom(seedOf(`${id} ${turn}`));
  // What means nearly the same would be right as well.
  const near = new Set([
    word.id,
    ...word.see,
    ...glossary.words.filter((w) => w.see.includes(id)).map((w) => w.id),
  ]);
  const others = shuffled(
    glossary.words.filter((w) => !near.has(w.id)),
    random,
  ).slice(0, 3);
  const choices = shuffled([word, ...others], random).map((w) => w.says);
  return { word, choices, right: choices.indexOf(word.says) };
}

/** The deck that a word's card is kept in. */
export const deckOfWord = (id: string): string => `words-${id.charAt(0)}`;
const WORD_KEY = 'word.';
/** The key of a word's card in its deck. */
export const keyOfWord = (id: string): string => WORD_KEY + id;
/** The word that a card of that key asks for; undefined for a card of a drink. */
export const wordOfKey = (key: string): string | undefined =>
  key.startsWith(WORD_KEY) ? key.slice(WORD_KEY.length) : undefined;

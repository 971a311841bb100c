import { foldText } from '../base/fold.js';
import { isNearly } from '../base/nearly.js';
import type { Kind } from '../catalogue/kind.js';
import { LANGUAGES } from './languages/index.js';

/** What a text may stand for: a kind, and how sure that is, 0 to 1. */
export interface KindMatch {
  kind: string;
  confidence: number;
}

/** From here on a kind is taken as read; below it is asked. */
export const SURE = 0.8;

/** Words that describe an ingredient and change nothing about what it is. */
const PASSING_WORDS: ReadonlySet<string> = new Set(LANGUAGES.flatMap((l) => l.passing.split(' ')));

/** What a kind is called in the languages of the trade, beside its names in the catalogue; folded. */
export function namesInLanguages(kind: string): string[] {
  return LANGUAGES.flatMap((l) => l.ingredients[kind]?.split('|') ?? []);
}

/** Words of a text that count: folded, without what only describes. */
export function wordsOf(text: string): string[] {
  return foldText(text)
    .replace(/['’](?=s\b)/g, '')
    .split(/[^\p{L}\p{N}]+/u)
    .map((w) => (w === 'whisky' ? 'whiskey' : w))
    .filter((w) => w !== '' && !PASSING_WORDS.has(w));
}

const plural = (w: string) => (w.length > 3 ? w.replace(/(?:es|s)$/, '') : w);
const same = (a: string, b: string) => a === b || plural(a) === plural(b);

interface Phrase {
  kind: string;
  words: string[];
}

/** Finds the kind that a text means, in any of the languages, and never quietly a wrong one. */
export class KindMatcher {
  private readonly phrases: Phrase[] = [];
  /** By their words, sorted: one kind, or several that are called the same, which is asked. */
  private readonly exact = new Map<string, string[]>();
  /** What was looked for before: the same words come again and again in a book of recipes. */
  private readonly sought = new Map<string, KindMatch[]>();

  private readonly juiceMl: ReadonlyMap<string, number>;

  constructor(kinds: readonly Kind[]) {
    this.juiceMl = new Map(kinds.flatMap((k) => (k.juiceMl === undefined ? [] : [[k.id, k.juiceMl]])));
    // What the catalogue itself calls it comes first, with its ratio and without.
    this.add(
      kinds.flatMap(({ id, name }) => [[id, name] as const, [id, name.replace(/ \d+:\d+$/, '')] as const]),
    );
    this.add(kinds.flatMap(({ id, also }) => also.map((name) => [id, name] as const)));
    this.add(kinds.flatMap(({ id }) => namesInLanguages(id).map((name) => [id, name] as const)));
  }

  /** Names of one standing: a name that nobody of a higher one has, and several of this one share, is each of theirs. */
  private add(named: readonly (readonly [kind: string, name: string])[]): void {
    const now = new Map<string, string[]>();
    for (const [kind, name] of named) {
      const words = wordsOf(name);
      if (words.length === 0) continue;
      this.phrases.push({ kind, words });
      const key = [...words].sort().join(' ');
      const there = now.get(key) ?? [];
      if (!this.exact.has(key) && !there.includes(kind)) now.set(key, [...there, kind]);
    }
    for (const [key, of] of now) this.exact.set(key, of);
  }

  /**
   * The kinds a text may mean, the likeliest first. Sure is only what is said in just these words, a slip of the pen
   * apart; a word too many or too few makes it a question.
   *
   * @example matcher.match('freshly squeezed lime juice')[0] // { kind: 'lime-juice', confidence: 1 }
   */
  match(text: string): KindMatch[] {
    const words = wordsOf(text);
    if (words.length === 0) return [];
    const key = [...words].sort().join(' ');
    const before = this.sought.get(key);
    if (before) return before;
    const found = this.found(words, key);
    if (this.sought.size < MAX_SOUGHT) this.sought.set(key, found);
    return found;
  }

  /** ml of juice that one fruit gives; undefined for what is not pressed from fruit. */
  juiceOf(kind: string): number | undefined {
    return this.juiceMl.get(kind);
  }

  private found(words: readonly string[], key: string): KindMatch[] {
    const best = new Map<string, number>();
    const offer = (kind: string, confidence: number) => {
      if (confidence > (best.get(kind) ?? 0)) best.set(kind, confidence);
    };
    const exact = this.exact.get(key);
    // Said in just these words there is nothing to choose from.
    if (exact !== undefined)
      return exact.map((kind) => ({ kind, confidence: exact.length === 1 ? 1 : SHARED }));
    for (const { kind, words: phrase } of this.phrases) {
      const confidence = alike(words, phrase);
      if (confidence > 0) offer(kind, confidence);
    }
    return [...best]
      .map(([kind, confidence]) => ({ kind, confidence }))
      .filter(({ confidence }) => confidence >= LIKELY)
      .sort((a, b) => b.confidence - a.confidence || (a.kind < b.kind ? -1 : 1))
      .slice(0, MAX_NEAR);
  }
}

/** A name that several kinds share is asked; what is less likely than this is no suggestion. */
const SHARED = 0.75;
const LIKELY = 0.4;
const MAX_NEAR = 6;
const MAX_SOUGHT = 20_000;
/** The same words with a plural or a slip; a phrase with words beside it; some of its words. */
const SLIPPED = 0.9;
const WITH_MORE = 0.75;
const SOME = 0.6;

function alike(words: readonly string[], phrase: readonly string[]): number {
  let [met, slips] = [0, 0];
  for (const p of phrase) {
    if (words.some((w) => same(w, p))) met += 1;
    else if (words.some((w) => isNearly(w, p))) {
      met += 1;
      slips += 1;
    }
  }
  if (met === 0) return 0;
  if (met === phrase.length && phrase.length === words.length) return slips === 0 ? 0.97 : SLIPPED;
  if (met === phrase.length) return WITH_MORE * (phrase.length / words.length) ** 0.3 - slips * 0.05;
  return (SOME * met) / Math.max(words.length, phrase.length) - slips * 0.05;
}

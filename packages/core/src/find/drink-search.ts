import MiniSearch, { type SearchOptions, type SearchResult } from 'minisearch';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import { foldText } from '../base/fold.js';
import type { Canon } from '../catalogue/recipe.js';
import { drinkTastes } from '../drink/tastes.js';

/** Words that tell no drink from another. */
const SMALL_WORDS: ReadonlySet<string> = new Set(['a', 'and', 'in', 'of', 'on', 'the', 'with']);
/** A drink whose name has as many words as were asked for is the plain one, and comes before its variations. */
const PLAIN_BOOST = 1.6;

/** Words without accents, case or possessives, so that "Bees Knees" finds Bee's Knees; both spellings of whiskey are one. */
function fold(term: string): string {
  return foldText(term)
    .replace(/[’']s?$/u, '')
    .replace(/^whisky$/, 'whiskey');
}

/** The words of a text, apostrophes in them. */
const wordsOf = (text: string) => text.split(/[^\p{L}\p{N}’']+/u).filter((w) => w !== '');

/** A word, and with its possessive where it has one: both "buck" and "bucks" find Buck's. */
function forms(term: string): string[] {
  const all = [fold(term), foldText(term).replace(/[’']/gu, '')];
  return [...new Set(all)].filter((form) => form !== '');
}

/** A name in one word, as it is typed in haste. */
const joined = (name: string) => counting(name).join('');

/** The words of a text that count. */
const counting = (text: string) => wordsOf(text).filter((w) => !SMALL_WORDS.has(fold(w)));

/** Among equals the better known drink comes first. */
const CANON_BOOST: Record<Canon, number> = { core: 1.6, 'well-known': 1.25, specialist: 1, own: 1.6 };

/** Why a drink was found: called so, called so as well, all the words in it, but for a slip, or some of the words. */
export const FOUND_BY = ['name', 'other-name', 'words', 'slip', 'some-words'] as const;

/** A drink that was found. */
export interface Found {
  id: string;
  why: (typeof FOUND_BY)[number];
}
const WHYS: readonly Found['why'][] = ['words', 'slip', 'some-words'];

/** A name in one word, without small words, accents, apostrophes: "Dark 'n' Stormy" typed any way. */
const oneWord = (name: string) =>
  foldText(name)
    .replace(/&/g, ' and ')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((w) => w !== '' && w !== 'n' && !SMALL_WORDS.has(w))
    .map((w) => (w === 'whisky' ? 'whiskey' : w))
    .join('');

interface Entry {
  canon: Canon;
  id: string;
  name: string;
  also: string;
  kinds: string;
  family: string;
  tastes: string;
}

/** Finds drinks by name, other names, what is in them and what that is called elsewhere, family and taste. */
export class DrinkSearch {
  private readonly index: MiniSearch<Entry>;
  /** Drinks by their names and other names in one word, the better known first. */
  private readonly called = new Map<string, { id: string; why: 'name' | 'other-name' }[]>();

  constructor(catalogue: Catalogue) {
    const kinds = kindIndex(catalogue.kinds);
    const families = new Map(catalogue.families.map((f) => [f.id, f.name]));
    this.index = new MiniSearch<Entry>({
      fields: ['name', 'also', 'kinds', 'family', 'tastes'],
      storeFields: ['canon', 'name'],
      processTerm: (term) => (SMALL_WORDS.has(fold(term)) ? null : forms(term)),
      tokenize: wordsOf,
      searchOptions: {
        processTerm: (term) => (SMALL_WORDS.has(fold(term)) ? null : fold(term)),
        boost: { name: 6, also: 4, family: 2 },
        prefix: (term) => term.length > 1,
        // One slip in a short word, two (a pair of letters swapped) in a longer one.
        fuzzy: (term) => (term.length > 5 ? 2 : term.length > 3 ? 1 : 0),
        boostDocument: (_, __, stored) => CANON_BOOST[stored?.canon as Canon],
        combineWith: 'AND',
      },
    });
    const known: readonly Canon[] = ['own', 'core', 'well-known', 'specialist'];
    const byCanon = [...catalogue.recipes].sort((a, b) => known.indexOf(a.canon) - known.indexOf(b.canon));
    const call = (name: string, id: string, why: 'name' | 'other-name') => {
      const key = oneWord(name);
      const there = this.called.get(key) ?? [];
      if (!there.some((c) => c.id === id)) this.called.set(key, [...there, { id, why }]);
    };
    for (const { id, name } of byCanon) call(name, id, 'name');
    for (const { id, also } of byCanon) for (const other of also) call(other, id, 'other-name');
    const words = (id: string) =>
      kindAndAncestors(id, kinds).flatMap((k) => [kinds.get(k)?.name ?? '', ...(kinds.get(k)?.also ?? [])]);
    this.index.addAll(
      catalogue.recipes.map((recipe) => ({
        id: recipe.id,
        canon: recipe.canon,
        name: recipe.name,
        also: [...recipe.also, recipe.variant ?? '', ...[recipe.name, ...recipe.also].map(joined)].join(' '),
        kinds: recipe.slots
          .flatMap((s) => [s.kind, ...s.or].flatMap((k) => (kinds.has(k) ? words(k) : [])))
          .join(' '),
        family: `${recipe.family} ${families.get(recipe.family) ?? ''} ${recipe.method}`,
        tastes: [...drinkTastes(recipe, kinds)].join(' '),
      })),
    );
  }

  /**
   * Ids of drinks for a text, best first. Every word must be found in a drink; when no drink has
   * them all, those with the most.
   */
  find(text: string): string[] {
    return this.look(text).map((f) => f.id);
  }

  /** The same, each with why it was found: by just that name before what only has its words, and guesses last. */
  look(text: string): Found[] {
    if (text.trim() === '') return [];
    const exact: Found[] = this.called.get(oneWord(text)) ?? [];
    const others = this.byWords(text).filter((f) => !exact.some((e) => e.id === f.id));
    return [...exact, ...others];
  }

  private byWords(text: string): Found[] {
    // As typed first; then forgiving slips; then any of the words. A slip must not outrank the word itself.
    const tries: SearchOptions[] = [{ fuzzy: false }, {}, { combineWith: 'OR' }];
    let hits: SearchResult[] = [];
    let why: Found['why'] = 'words';
    for (const [i, options] of tries.entries()) {
      hits = this.index.search(text, options);
      why = WHYS[i] ?? 'some-words';
      if (hits.length > 0) break;
    }
    const asked = counting(text).length;
    const score = (hit: SearchResult) =>
      hit.score * (counting(String(hit.name)).length === asked ? PLAIN_BOOST : 1);
    return [...hits].sort((a, b) => score(b) - score(a)).map((hit) => ({ id: String(hit.id), why }));
  }
}

import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { foldText } from '../base/fold.js';
import type { Glossary } from '../practice/glossary.js';
import type { PriceList } from '../catalogue/price-list.js';

/** Every name a reader sees, with where it stands. */
function names(catalogue: Catalogue, lists: readonly PriceList[]): { path: string; text: string }[] {
  return [
    ...catalogue.kinds.flatMap((k, i) => [
      { path: `/kinds/${i}/name`, text: k.name },
      ...k.also.map((text, a) => ({ path: `/kinds/${i}/also/${a}`, text })),
    ]),
    ...catalogue.recipes.flatMap((r, i) => [
      { path: `/recipes/${i}/name`, text: r.name },
      ...r.also.map((text, a) => ({ path: `/recipes/${i}/also/${a}`, text })),
      { path: `/recipes/${i}/variant`, text: r.variant ?? '' },
    ]),
    ...catalogue.glasses.flatMap((g, i) =>
      [g.name, ...g.also].map((text) => ({ path: `/glasses/${i}`, text })),
    ),
    ...catalogue.tools.flatMap((t, i) => [t.name, ...t.also].map((text) => ({ path: `/tools/${i}`, text }))),
    ...(['kitchen', 'starterSets', 'moulds', 'jiggers', 'pantry'] as const).flatMap((list) =>
      catalogue[list].map(({ name }, i) => ({ path: `/${list}/${i}/name`, text: name })),
    ),
    ...lists.flatMap((list) => [
      { path: `/prices/${list.id}/name`, text: list.name },
      ...list.bottles.map((b, i) => ({ path: `/prices/${list.id}/bottles/${i}/label`, text: b.label })),
      ...list.kit.map((k, i) => ({ path: `/prices/${list.id}/kit/${i}/label`, text: k.label })),
    ]),
  ];
}

/** Words of a text, in lower case and without accents or possessives. */
export function plainWords(text: string): string[] {
  return (text.match(/[\p{L}’']+/gu) ?? [])
    .map((word) =>
      foldText(word)
        .replace(/[’']s?$/u, '')
        .replace(/[’']/gu, ''),
    )
    .filter((word) => word.length > 1);
}

/**
 * Words in names that are neither in the dictionary nor on the reviewed list: such a word may be a
 * brand or a person, and somebody has to look at it.
 *
 * @param isCommon whether a folded word is in an ordinary dictionary.
 * @param allowed reviewed words, folded: places, classic drink names, foreign trade terms.
 */
export function nameFaults(
  catalogue: Catalogue,
  lists: readonly PriceList[],
  isCommon: (word: string) => boolean,
  allowed: ReadonlySet<string>,
): Fault[] {
  return names(catalogue, lists).flatMap(({ path, text }) =>
    plainWords(text)
      .filter((word) => !isCommon(word) && !allowed.has(word))
      .map((word) => ({
        code: 'name',
        pointer: path,
        detail: `"${word}" in “${text}” is no common word: use a generic term; if it is a place or a classic drink’s name, add it to allowed-words.yaml`,
      })),
  );
}

/** What is written in the glossary, with where it stands. */
function saidIn({ words, measures }: Pick<Glossary, 'words' | 'measures'>): { path: string; text: string }[] {
  return [
    ...words.flatMap((w, i) =>
      [w.word, w.says, ...w.also, ...w.where.map((o) => o.says)].map((text) => ({
        path: `/words/${i}`,
        text,
      })),
    ),
    ...measures.map((m, i) => ({ path: `/measures/${i}`, text: `${m.what} ${m.note}` })),
  ];
}

/** Words of the glossary that are neither in the dictionary nor reviewed, and reviewed ones that it does not say. */
export function glossaryFaults(glossary: Glossary, isCommon: (word: string) => boolean): Fault[] {
  const reviewed = new Set(glossary.reviewed);
  const said = saidIn(glossary).map(({ path, text }) => ({ path, text, words: plainWords(text) }));
  const all = new Set(said.flatMap((s) => s.words));
  const fault = (pointer: string, detail: string): Fault => ({ code: 'name', pointer, detail });
  return [
    ...said.flatMap(({ path, words }) =>
      words
        .filter((word) => !isCommon(word) && !reviewed.has(word))
        .map((word) => fault(path, `"${word}" is no common word: say it otherwise, or review it`)),
    ),
    ...glossary.reviewed
      .filter((word) => !all.has(word))
      .map((word) => fault('/reviewed', `nothing says "${word}"; take it out`)),
  ];
}

/** Reviewed words that no name uses any more. */
export function idleAllowedWords(
  catalogue: Catalogue,
  lists: readonly PriceList[],
  allowed: ReadonlySet<string>,
): string[] {
  const used = new Set(names(catalogue, lists).flatMap(({ text }) => plainWords(text)));
  return [...allowed].filter((word) => !used.has(word));
}

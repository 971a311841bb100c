import { expect, it } from 'vitest';
import { KindMatcher, SURE, LANGUAGES, namesInLanguages } from '@uisce/core/notebook';
import { foldText } from '@uisce/core/base';
import { loadCatalogue } from './load.js';

const { catalogue } = loadCatalogue();
const ids = <T extends { id: string }>(things: readonly T[]) => new Set(things.map((t) => t.id));

it('every language names kinds and glasses that there are, in words as they are compared', () => {
  const [kinds, glasses] = [ids(catalogue.kinds), ids(catalogue.glasses)];
  for (const { ingredients, method, measures } of LANGUAGES) {
    expect(Object.keys(ingredients).filter((id) => !kinds.has(id))).toEqual([]);
    expect(Object.keys(method.glasses).filter((id) => !glasses.has(id))).toEqual([]);
    const words = [ingredients, measures].flatMap((w) => Object.values(w).flatMap((all) => all.split('|')));
    expect(words.filter((w) => foldText(w) !== w)).toEqual([]);
  }
});

it('a name in a language means its own kind; one that several share is asked, with each of them', () => {
  const matcher = new KindMatcher(catalogue.kinds);
  const named = catalogue.kinds.flatMap((k) => namesInLanguages(k.id).map((name) => [name, k.id] as const));
  expect(named.length).toBeGreaterThan(500);
  const otherwise = named.filter(([name, id]) => {
    const matches = matcher.match(name);
    const isShared = matches.length > 1 && (matches[0]?.confidence ?? 1) < SURE;
    return isShared ? !matches.some((m) => m.kind === id) : matches[0]?.kind !== id;
  });
  // What the catalogue itself calls so comes first.
  expect(otherwise.map(([name]) => name)).toEqual([]);
});

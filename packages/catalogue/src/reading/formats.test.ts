import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import {
  jsonLdOf,
  KindMatcher,
  readRecipes,
  recipeFrom,
  sayRecipe,
  textOfJsonLd,
} from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);
const matcher = new KindMatcher(catalogue.kinds);
/** What of a recipe a text carries: the rest (sources, eras) is not in it. */
const substance = (r: (typeof catalogue.recipes)[number] | undefined) =>
  r && {
    ...{ name: r.name, method: r.method, strain: r.strain, glass: r.glass },
    slots: r.slots.map((s) => [
      s.kind,
      Math.round(s.amount.value * 100) / 100,
      s.amount.measure,
      s.optional,
      s.float,
    ]),
  };
const sample = catalogue.recipes.filter((_, i) => i % 4 === 0);

describe('recipes as text, and back', () => {
  const read = (text: string) => {
    const [one] = readRecipes(text, matcher, 'us-oz');
    return one && recipeFrom(one, 'own-read', catalogue.recipes.slice(0, 1), kinds);
  };

  it('are the same in substance, nearly every one of the library, and said where they are not', () => {
    const lost = sample.filter((r) => JSON.stringify(substance(read(sayRecipe(r, kinds)))) !== JSON.stringify(substance(r))); // prettier-ignore
    if (lost.length > 0) console.error(lost.map((r) => r.id).join(', '));
    expect(lost.length / sample.length).toBeLessThan(0.1);
  });

  it('are schema.org recipes: name, ingredients and instructions, read back from a page that embeds them', () => {
    const three = sample.slice(0, 3);
    const document = jsonLdOf(three, catalogue);
    // Properties of Recipe and of Thing in schema.org's vocabulary (from memory).
    const known = ['@type', 'identifier', 'name', 'recipeCategory', 'recipeYield', 'recipeIngredient', 'recipeInstructions']; // prettier-ignore
    for (const recipe of document['@graph']) expect(Object.keys(recipe).sort()).toEqual([...known].sort());
    const page = `<html><body><p>Some words</p><script type="application/ld+json">${JSON.stringify(document)}</script></body></html>`;
    const text = textOfJsonLd(page) ?? expect.fail('the page holds recipes');
    expect(readRecipes(text, matcher, 'us-oz').map((r) => r.name)).toEqual(three.map((r) => r.name));
    expect(textOfJsonLd('{"@type":"Person","name":"Nobody"}')).toBeUndefined();
    expect(textOfJsonLd('Daiquiri\n60 ml rum')).toBeUndefined();
    expect(textOfJsonLd('{not json')).toBeUndefined();
  });

  it('are told apart in a long text, one after the other', () => {
    const many = sample.filter((r) => r.slots.length > 1);
    const text = many.map((r) => sayRecipe(r, kinds)).join('\n\n');
    expect(readRecipes(text, matcher, 'us-oz')).toHaveLength(many.length);
  });
});

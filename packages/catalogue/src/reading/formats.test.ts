import { Ajv2020 } from 'ajv/dist/2020.js';
import type { Graph } from 'schema-dts';
import { describe, expect, it } from 'vitest';
import { kindIndex } from '@uisce/core/catalogue';
import {
  jsonLdOf,
  KindMatcher,
  notebookFile,
  notebookFileSchema,
  notebookJsonSchema,
  readNamed,
  readRecipes,
  recipeFrom,
  recipeRows,
  recipesOfTable,
  sayRecipe,
  textOfJsonLd,
  withVersion,
  type OwnDrink,
} from '@uisce/core/notebook';
import { loadCatalogue } from '../load.js';

const { catalogue } = loadCatalogue();
const kinds = kindIndex(catalogue.kinds);
const matcher = new KindMatcher(catalogue.kinds);
/** What of a recipe a text carries: the rest (sources, eras) is not in it. */
const substance = (r: (typeof catalogue.recipes)[number] | undefined) =>
  r && {
    name: r.name,
    method: r.method,
    strain: r.strain,
    glass: r.glass,
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
    const lost = sample.filter(
      (r) => JSON.stringify(substance(read(sayRecipe(r, kinds)))) !== JSON.stringify(substance(r)),
    );
    if (lost.length > 0) console.error(lost.map((r) => r.id).join(', '));
    expect(lost.length / sample.length).toBeLessThan(0.1);
  });

  it('are schema.org recipes: name, ingredients and instructions, read back from a page that embeds them', () => {
    const three = sample.slice(0, 3);
    // The type is made from schema.org's own vocabulary: a property that Recipe has not, or of another type, does not compile.
    const document = jsonLdOf(three, catalogue) satisfies Graph;
    expect(document['@graph'].map((r) => r['@type'])).toEqual(['Recipe', 'Recipe', 'Recipe']);
    const page = `<html><body><p>Some words</p><script type="application/ld+json">${JSON.stringify(document)}</script></body></html>`;
    const text = textOfJsonLd(page) ?? expect.fail('the page holds recipes');
    expect(readRecipes(text, matcher, 'us-oz').map((r) => r.name)).toEqual(three.map((r) => r.name));
    expect(textOfJsonLd('{"@type":"Person","name":"Nobody"}')).toBeUndefined();
    expect(textOfJsonLd('Daiquiri\n60 ml rum')).toBeUndefined();
    expect(textOfJsonLd('{not json')).toBeUndefined();
  });

  it('are a table, and read from it again the same in substance', () => {
    const rows = recipeRows(sample, catalogue).map((row) =>
      Object.fromEntries(Object.entries(row).map(([k, v]) => [k, String(v)])),
    );
    const named = recipesOfTable(rows) ?? expect.fail('the table holds recipes');
    expect(named.map((n) => n.name)).toEqual(sample.map((r) => r.name));
    const parts = (r: (typeof sample)[number] | undefined) =>
      r?.slots.map((s) => [s.kind, s.amount.measure, Math.round(s.amount.value * 100)]);
    const lost = named.filter((n, i) => {
      const back = readNamed(n, matcher, 'us-oz');
      const recipe = back && recipeFrom(back, 'own-read', catalogue.recipes.slice(0, 1), kinds);
      return JSON.stringify(parts(recipe)) !== JSON.stringify(parts(sample[i]));
    });
    if (lost.length > 0) console.error(lost.map((r) => r.name).join(', '));
    expect(lost.length / sample.length).toBeLessThan(0.05);
  });

  it('are a file of our own that its published schema takes, as another validator reads it, and that comes back unchanged', () => {
    const drinks = sample.map((recipe, i): OwnDrink => {
      const id = `own-${recipe.id}`;
      const first: OwnDrink = {
        id,
        houseSpecOf: i % 3 === 0 ? recipe.id : null,
        current: 0,
        from: 'p. 4',
        tags: ['winter'],
        notes: '',
        chosen: [{ at: '2026-11-02T20:00:00.000Z', version: 0 }],
        versions: [{ at: '2026-11-01T20:00:00.000Z', why: '', recipe }],
      };
      return i % 2 === 0
        ? first
        : withVersion(first, { at: '2026-11-03T20:00:00.000Z', why: 'drier', recipe });
    });
    const collections = [
      {
        id: crypto.randomUUID(),
        name: 'Winter',
        note: '',
        book: 'Blue',
        pages: { daiquiri: 'p. 4' },
        drinks: ['daiquiri'],
      },
    ];
    const tastings = [
      {
        id: crypto.randomUUID(),
        drink: 'daiquiri',
        version: null,
        at: '2026-11-03T20:00:00.000Z',
        by: 'Ann',
        verdict: 4,
        note: '',
      },
    ];
    const file = notebookFile(drinks, [], collections, tastings);
    const back = notebookFileSchema.parse(JSON.parse(JSON.stringify(file)));
    expect(back).toEqual(file);
    const text = JSON.stringify(back);
    expect(JSON.stringify(notebookFileSchema.parse(JSON.parse(text)))).toBe(text);
    const ajv = new Ajv2020({ strict: false, validateFormats: false });
    const validate = ajv.compile(notebookJsonSchema());
    expect(validate(file), JSON.stringify(validate.errors?.slice(0, 3))).toBe(true);
    // What ours refuses, the published schema refuses as well.
    const broken = [
      { ...file, format: 'other' },
      { ...file, drinks: [{ ...drinks[0], versions: [] }] },
      { ...file, drinks: [{ ...drinks[0], colour: 'red' }] },
      { ...file, tastings: [{ ...tastings[0], verdict: 9 }] },
    ];
    for (const bad of broken) {
      expect(notebookFileSchema.safeParse(bad).success).toBe(false);
      expect(validate(bad)).toBe(false);
    }
  });

  it('are told apart in a long text, one after the other', () => {
    const many = sample.filter((r) => r.slots.length > 1);
    const text = many.map((r) => sayRecipe(r, kinds)).join('\n\n');
    expect(readRecipes(text, matcher, 'us-oz')).toHaveLength(many.length);
  });
});

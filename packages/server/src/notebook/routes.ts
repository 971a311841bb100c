import { writeCsv } from '@uisce/core/table';
import type { Kind, Recipe } from '@uisce/core/catalogue';
import { z } from 'zod';
import { keptCollection, keptOwnDrink, keptOwnKind, keptTasting, type Kept } from '@uisce/core/kept';
import {
  judge,
  jsonLdOf,
  KindMatcher,
  notebookFile,
  notebookFileSchema,
  notebookJsonSchema,
  LINE_NOTES,
  COMPARED_FIGURES,
  readRecipes,
  RECIPE_COLUMNS,
  recipeFrom,
  recipeOfOwn,
  recipeRows,
  sayRecipes,
} from '@uisce/core/notebook';
import { pouredDrinkSchema } from '@uisce/core/pouring';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';
import type { Library } from '../kept/library.js';
import type { KeptStore } from '../kept/store.js';

/** A page of recipes, or a small book. */
const MAX_TEXT = 200_000;

const readQuestion = z.strictObject({
  text: z.string().min(1).max(MAX_TEXT),
  /** Which ounce it means, where it says no more than "oz". */
  ounce: z.enum(['us-oz', 'bar-oz', 'imperial-oz']).default('us-oz'),
});
const lineSchema = z.object({
  text: z.string(),
  amount: z.number().nullable(),
  unit: z.string().nullable(),
  ml: z.number().nullable(),
  kind: z.string().nullable(),
  near: z.array(z.string()),
  optional: z.boolean(),
  confidence: z.number(),
  says: z.string(),
  notes: z.array(z.enum(LINE_NOTES)),
});
const readSchema = z.object({
  recipes: z.array(
    z.object({
      name: z.string().nullable(),
      lines: z.array(lineSchema),
      method: z.string().nullable(),
      glass: z.string().nullable(),
      garnish: z.string(),
      /** What has to be asked before it is kept, by its line. */
      faults: z.array(z.object({ pointer: z.string(), detail: z.string() })),
      recipe: z.unknown(),
    }),
  ),
});
const judgeSchema = z.object({
  servedMl: z.number(),
  abv: z.number(),
  sugarGPer100Ml: z.number(),
  acidGPer100Ml: z.number(),
  kcal: z.number(),
  places: z.array(
    z.object({
      of: z.enum(COMPARED_FIGURES),
      value: z.number(),
      below: z.number().nullable(),
      median: z.number(),
    }),
  ),
  like: z.array(z.string()),
  twins: z.array(z.object({ id: z.string(), likeness: z.number() })),
  allergens: z.array(z.string()),
  mayHold: z.array(z.string()),
  /** Parts of which nobody has said what allergens they hold. */
  unknown: z.array(z.string()),
  needs: z.array(z.string()),
});

/** A recipe as it was read, and what of it is to be asked. */
function toldOf(
  r: ReturnType<typeof readRecipes>[number],
  i: number,
  recipes: readonly Recipe[],
  kinds: ReadonlyMap<string, Kind>,
) {
  return {
    name: r.name ?? null,
    method: r.method ?? null,
    glass: r.glass ?? null,
    garnish: r.garnish,
    lines: r.lines.map((l) => ({
      text: l.text,
      amount: l.amount?.value ?? null,
      unit: l.amount?.measure ?? null,
      ml: l.ml ?? null,
      kind: l.kind ?? null,
      near: l.near,
      optional: l.optional,
      confidence: l.confidence,
      says: l.says,
      notes: l.notes,
    })),
    faults: r.lines.flatMap((l, n) =>
      l.notes.includes('unsure') || l.notes.includes('unknown')
        ? [{ pointer: `/recipes/${i}/lines/${n}/kind`, detail: `what is "${l.says}"?` }]
        : [],
    ),
    recipe: recipeFrom(r, `own-read-${i}`, recipes, kinds) ?? null,
  };
}

const ownIn = (store: KeptStore) =>
  store.list(keptOwnDrink).flatMap((entry) => recipeOfOwn(entry.value) ?? []);

/** Recipes read from text, and a recipe judged. */
function readingRoutes(api: Api, library: Library): void {
  api
    .on(
      {
        method: 'post',
        path: '/notebook/read',
        summary:
          'Recipes read from any text, line by line: how much of what, and how sure that is; nothing is guessed unsaid',
        body: readQuestion,
        answer: readSchema,
        problems: ['invalid'],
      },
      (_req, res, { text, ounce }) => {
        const { catalogue, kinds } = library;
        const read = readRecipes(text, new KindMatcher(catalogue.kinds), ounce);
        res.json({ recipes: read.map((r, n) => toldOf(r, n, catalogue.recipes, kinds)) });
      },
    )
    .on(
      {
        method: 'post',
        path: '/notebook/judge',
        summary:
          'A recipe judged: its figures, its place in its family, what it is nearly, who must not have it',
        body: z.strictObject({ recipe: pouredDrinkSchema }),
        answer: judgeSchema,
        problems: ['invalid'],
      },
      (_req, res, { recipe }) => {
        const { catalogue, kinds } = library;
        const strange = recipe.slots.findIndex((s) => !kinds.has(s.kind));
        if (strange >= 0)
          throw HttpProblem.faults(`there is no kind "${recipe.slots[strange]?.kind ?? ''}"`, [
            { code: 'unknown', pointer: `/recipe/slots/${strange}/kind`, detail: 'not a kind we know' },
          ]);
        const { figures, places, like, twins, allergens, mayHold, unknown, needs } = judge(recipe, catalogue);
        const value = (of: string) => places.find((p) => p.of === of)?.value ?? 0;
        res.json({
          servedMl: figures.servedMl,
          abv: figures.abv,
          kcal: figures.kcal,
          sugarGPer100Ml: value('sugar'),
          acidGPer100Ml: value('acid'),
          places: places.map((p) => ({ ...p, below: p.below ?? null })),
          like,
          twins,
          allergens,
          mayHold,
          unknown,
          needs,
        });
      },
    );
}

/** What the household wrote in open formats. */
function fileRoutes(api: Api, store: KeptStore, library: Library): void {
  api
    .on(
      {
        method: 'get',
        path: '/recipes.jsonld',
        summary: 'The household’s own drinks as schema.org recipes (JSON-LD)',
      },
      (_req, res) => {
        res
          .type('application/ld+json')
          .attachment('recipes.jsonld')
          .send(JSON.stringify(jsonLdOf(ownIn(store), library.catalogue), null, 2));
      },
    )
    .on(
      {
        method: 'get',
        path: '/recipes.json',
        summary:
          'All that the household wrote, with versions, kinds, collections and verdicts: comes in again unchanged',
        answer: notebookFileSchema,
      },
      (_req, res) => {
        const all = <T>(kept: Kept<T>) => store.list(kept).map((entry) => entry.value);
        const file = notebookFile(all(keptOwnDrink), all(keptOwnKind), all(keptCollection), all(keptTasting));
        res
          .type('json')
          .attachment('recipes.json')
          .send(JSON.stringify(file, null, 2));
      },
    )
    .on(
      { method: 'get', path: '/recipes.schema.json', summary: 'The JSON Schema of /recipes.json (2020-12)' },
      (_req, res) => res.type('application/schema+json').send(JSON.stringify(notebookJsonSchema(), null, 2)),
    )
    .on(
      { method: 'get', path: '/recipes.txt', summary: 'The household’s own drinks as plain text' },
      (_req, res) => {
        res
          .type('text/plain')
          .attachment('recipes.txt')
          .send(sayRecipes(ownIn(store), library.kinds));
      },
    )
    .on(
      { method: 'get', path: '/recipes.csv', summary: 'The household’s own drinks as a table (RFC 4180)' },
      (_req, res) => {
        res
          .type('text/csv')
          .attachment('recipes.csv')
          .send(writeCsv(recipeRows(ownIn(store), library.catalogue), RECIPE_COLUMNS));
      },
    );
}

/** Recipes read from text, a recipe judged, and what the household wrote in open formats. */
export function notebookRoutes(api: Api, store: KeptStore, library: Library): void {
  readingRoutes(api, library);
  fileRoutes(api, store, library);
}

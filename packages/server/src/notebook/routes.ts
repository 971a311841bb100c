import { writeCsv } from '@uisce/core/table';
import type { Catalogue, Kind, Recipe } from '@uisce/core/catalogue';
import { DrinkSearch, FOUND_BY } from '@uisce/core/find';
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
  readText,
  type ReadRecipe,
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
  /** Lines that belong to no recipe, in their words: a story, an advert, for how many. */
  aside: z.array(z.string()),
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
function toldOf(r: ReadRecipe, i: number, recipes: readonly Recipe[], kinds: ReadonlyMap<string, Kind>) {
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

const findQuestion = z.string().trim().min(1, 'say what is looked for').max(200, 'at most 200 letters');
const foundSchema = z.array(z.object({ id: z.string(), name: z.string(), why: z.enum(FOUND_BY) }));

/** Drinks found by what somebody types. */
function findRoutes(api: Api, library: Library): void {
  let made: { of: Catalogue; search: DrinkSearch } | undefined;
  const searchOf = (of: Catalogue) => {
    if (made?.of !== of) made = { of, search: new DrinkSearch(of) };
    return made.search;
  };
  api.on(
    {
      method: 'get',
      path: '/find',
      query: { q: 'a name, parts, an occasion or a taste' },
      summary:
        'Drinks by what somebody types, the likeliest first, each with why it was found; guesses say so',
      answer: foundSchema,
      problems: ['invalid'],
    },
    (req, res) => {
      const q = findQuestion.safeParse(req.query['q'] ?? '');
      if (!q.success) {
        const detail = q.error.issues[0]?.message ?? 'say what is looked for';
        throw HttpProblem.faults(detail, [{ code: 'shape', pointer: '/q', detail }]);
      }
      const { catalogue } = library;
      const names = new Map(catalogue.recipes.map((r) => [r.id, r.name]));
      const found = searchOf(catalogue).look(q.data).slice(0, MOST_FOUND);
      res.json(found.map(({ id, why }) => ({ id, name: names.get(id) ?? id, why })));
    },
  );
}
const MOST_FOUND = 50;

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
        const { recipes, aside } = readText(text, new KindMatcher(catalogue.kinds), ounce);
        res.json({ recipes: recipes.map((r, n) => toldOf(r, n, catalogue.recipes, kinds)), aside });
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
  findRoutes(api, library);
  readingRoutes(api, library);
  fileRoutes(api, store, library);
}

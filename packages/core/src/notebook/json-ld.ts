import { z } from 'zod';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Recipe } from '../catalogue/recipe.js';
import { sayLine, sayMaking } from './say-recipe.js';

/** A recipe in the vocabulary of schema.org, as far as a drink fills it. */
export interface JsonLdRecipe {
  '@type': 'Recipe';
  identifier: string;
  name: string;
  recipeCategory: string;
  recipeYield: string;
  recipeIngredient: string[];
  recipeInstructions: string;
}

/** Recipes as one document of schema.org's vocabulary. */
export function jsonLdOf(recipes: readonly Recipe[], catalogue: Pick<Catalogue, 'kinds'>) {
  const kinds = kindIndex(catalogue.kinds);
  return {
    '@context': 'https://schema.org' as const,
    '@graph': recipes.map((r): JsonLdRecipe => ({
      '@type': 'Recipe',
      identifier: r.id,
      name: r.name,
      recipeCategory: 'Drink',
      recipeYield: '1 drink',
      recipeIngredient: r.slots.map((s) => sayLine(s, kinds)),
      recipeInstructions: sayMaking(r, kinds),
    })),
  };
}

const texts = z.union([z.string(), z.array(z.union([z.string(), z.looseObject({ text: z.string() })]))]);
const foundSchema = z.looseObject({
  '@type': z.union([z.literal('Recipe'), z.array(z.string()).refine((t) => t.includes('Recipe'))]),
  name: z.string().min(1),
  recipeIngredient: z.union([z.string(), z.array(z.string())]).optional(),
  ingredients: z.union([z.string(), z.array(z.string())]).optional(),
  recipeInstructions: texts.optional(),
});

const lines = (of: string | readonly string[] | undefined): string[] =>
  of === undefined ? [] : typeof of === 'string' ? of.split('\n') : [...of];

/** Recipes anywhere in a document: by themselves, in a list, in a graph, within another thing. */
function* recipesIn(value: unknown): Generator<z.infer<typeof foundSchema>> {
  if (Array.isArray(value)) for (const one of value) yield* recipesIn(one);
  else if (typeof value === 'object' && value !== null) {
    const found = foundSchema.safeParse(value);
    if (found.success) yield found.data;
    else for (const one of Object.values(value)) yield* recipesIn(one);
  }
}

/** The documents of a text: JSON by itself, or what pages of HTML embed. */
function documents(text: string): unknown[] {
  const embedded = [
    ...text.matchAll(/<script[^>]*type=["']application\/ld\+json["'][^>]*>([\s\S]*?)<\/script>/gi),
  ];
  const sources = embedded.length > 0 ? embedded.map((m) => m[1] ?? '') : /^\s*[[{]/.test(text) ? [text] : [];
  return sources.flatMap((source): unknown[] => {
    try {
      return [JSON.parse(source) as unknown];
    } catch {
      return [];
    }
  });
}

/** A recipe that is known to be one, with its name, and its ingredients and making as text. */
export interface NamedText {
  name: string;
  text: string;
}

/**
 * Recipes of schema.org's vocabulary, each as a name and a text to be read like any other; none where a text holds none.
 *
 * @param text JSON-LD, or a page of HTML that embeds it.
 */
export function recipesOfJsonLd(text: string): NamedText[] {
  return documents(text)
    .flatMap((d) => [...recipesIn(d)])
    .map(({ name, recipeIngredient, ingredients, recipeInstructions }) => {
      const making = (
        typeof recipeInstructions === 'string' ? [recipeInstructions] : (recipeInstructions ?? [])
      ).map((i) => (typeof i === 'string' ? i : i.text));
      return { name, text: [...lines(recipeIngredient ?? ingredients), ...making].join('\n') };
    });
}

/** The same as one text; undefined where there are none. */
export function textOfJsonLd(text: string): string | undefined {
  const found = recipesOfJsonLd(text);
  return found.length === 0 ? undefined : found.map((r) => `${r.name}\n${r.text}`).join('\n\n\n');
}

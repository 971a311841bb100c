import type { Amount } from '../base/amount.js';
import { printAmount } from '../base/print-amount.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { sayGarnish } from '../drink/say-garnish.js';

const METHOD: Record<Recipe['method'], string> = {
  build: 'Build in the glass',
  stir: 'Stir with ice',
  shake: 'Shake with ice',
  'dry-shake': 'Dry shake, then shake with ice',
  blend: 'Blend with ice',
  swizzle: 'Swizzle',
  layer: 'Layer',
  hot: 'Heat',
};
const STRAIN: Record<Recipe['strain'], string> = {
  none: 'Serve in',
  once: 'Strain into',
  twice: 'Double strain into',
};
const ICE: Record<Recipe['ice'], string> = {
  none: ', served up',
  cubes: ', with fresh ice in the glass',
  block: ', over a large cube',
  crushed: ', over crushed ice',
};

/** How glasses are called where a text is read back. */
const GLASS_WORDS: Record<string, string> = {
  shot: 'shot glass',
  rocks: 'rocks glass',
  'double-rocks': 'double rocks glass',
  highball: 'highball',
  collins: 'collins glass',
  coupe: 'coupe',
  cocktail: 'martini glass',
  tulip: 'small stemmed glass',
  flute: 'flute',
  wine: 'wine glass',
  balloon: 'copa de balon',
  hurricane: 'hurricane glass',
  'copper-mug': 'copper mug',
  'julep-cup': 'julep cup',
  beer: 'beer glass',
  'toddy-mug': 'toddy mug',
};

/** An amount in words that every reader knows: "22.5 ml", "2 dashes", "8 leaves". */
function sayAmount(amount: Amount): string {
  return amount.measure === 'whole'
    ? String(amount.value)
    : printAmount(amount, 'ml', 'en-IE').replace(/ /g, ' ');
}

/** One ingredient as a line of text. */
export function sayLine(slot: Slot, kinds: ReadonlyMap<string, Kind>): string {
  const name = (id: string) => (kinds.get(id)?.name ?? id).replace(/ \d+:\d+$/, '');
  const extra = [
    slot.float ? 'float' : '',
    slot.muddle ? 'muddled' : '',
    slot.role === 'rinse' ? 'to rinse' : '',
    slot.optional ? 'optional' : '',
  ].filter(Boolean);
  const what = [slot.kind, ...slot.or].map(name).join(' or ');
  return `${sayAmount(slot.amount)} ${what}${extra.map((e) => `, ${e}`).join('')}`;
}

/** How it is made, in sentences that are read back as the same. */
export function sayMaking(
  { method, strain, ice, glass, garnish }: Recipe,
  kinds: ReadonlyMap<string, Kind>,
): string {
  const into = GLASS_WORDS[glass] ?? glass;
  return [
    `${METHOD[method]}.`,
    `${STRAIN[strain]} a ${into}${ICE[ice]}.`,
    ...(garnish.length === 0 ? [] : [`Garnish with ${sayGarnish(garnish, kinds)}.`]),
  ].join(' ');
}

/** A recipe as plain text. */
export function sayRecipe(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string {
  return [recipe.name, '', ...recipe.slots.map((s) => sayLine(s, kinds)), '', sayMaking(recipe, kinds)].join(
    '\n',
  );
}

/** Recipes as one plain text, read again as it is. */
export function sayRecipes(recipes: readonly Recipe[], kinds: ReadonlyMap<string, Kind>): string {
  return recipes.map((r) => sayRecipe(r, kinds)).join('\n\n\n');
}

/** Columns of recipes as a table: one row an ingredient. */
export const RECIPE_COLUMNS = [
  'recipe',
  'name',
  'family',
  'method',
  'glass',
  'garnish',
  'amount',
  'measure',
  'kind',
  'ingredient',
  'optional',
] as const;

/** Recipes as rows of a table. */
export function recipeRows(
  recipes: readonly Recipe[],
  catalogue: Pick<Catalogue, 'kinds'>,
): Record<(typeof RECIPE_COLUMNS)[number], string | number>[] {
  const kinds = kindIndex(catalogue.kinds);
  return recipes.flatMap((r) =>
    r.slots.map((s) => ({
      recipe: r.id,
      name: r.name,
      family: r.family,
      method: r.method,
      glass: r.glass,
      garnish: sayGarnish(r.garnish, kinds),
      amount: s.amount.value,
      measure: s.amount.measure,
      kind: s.kind,
      ingredient: kinds.get(s.kind)?.name ?? s.kind,
      optional: s.optional ? 'yes' : '',
    })),
  );
}

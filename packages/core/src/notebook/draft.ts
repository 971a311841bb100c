import { amountMl, type Amount } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import { readGarnish } from '../catalogue/read-garnish.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { familiesLike } from './likeness.js';
import type { ReadLine } from './read-line.js';
import type { ReadRecipe } from './read-text.js';

/** What tops a drink up where a text says no amount (common practice). */
const TOP: Amount = { value: 90, measure: 'ml' };
const RINSE: Amount = { value: 1, measure: 'dash' };
/** Less sour than this, g of acid in a litre, a juice does not make a drink sour. */
const SOUR_G_PER_L = 20;

/** Ways of making after which a drink is strained, whether a text says so or not. */
const STRAINED: readonly Recipe['method'][] = ['shake', 'dry-shake', 'stir'];

/** What a part is there for, by what it is and how it is measured. */
function roleOf(kind: Kind, amount: Amount, isRinse = false): Slot['role'] {
  if (isRinse) return 'rinse';
  if (amount.measure === 'dash' || amount.measure === 'drop' || amount.measure === 'pinch')
    return 'seasoning';
  if (kind.tastes.includes('egg') || kind.tastes.includes('creamy')) return kind.abv > 0 ? 'sweet' : 'body';
  if (kind.supply === 'fresh') {
    if (kind.acidGPerL >= SOUR_G_PER_L) return 'sour';
    return kind.tastes.includes('mint') || amountMl(amount) === undefined ? 'aromatic' : 'long';
  }
  if (kind.job === 'home-made') return 'sweet';
  return kind.job === 'fresh' ? 'long' : kind.job;
}

/** A part of a recipe from a line that was read; undefined for one without a kind. */
export function slotOf(line: ReadLine, kinds: ReadonlyMap<string, Kind>): Slot | undefined {
  const kind = kinds.get(line.kind ?? '');
  if (kind === undefined || line.garnish) return undefined;
  const amount = line.amount ?? (line.rinse ? RINSE : TOP);
  return {
    kind: kind.id,
    or: line.or,
    amount,
    role: line.top ? 'long' : roleOf(kind, amount, line.rinse),
    optional: line.optional,
    muddle: line.muddle,
    float: line.float,
    sink: false,
    beside: false,
  };
}

/** The glass a drink of its size and ice usually stands in, where a text does not say. */
function usualGlass(recipe: Pick<Recipe, 'ice' | 'method'>, ml: number): string {
  if (recipe.method === 'hot') return 'toddy-mug';
  if (recipe.ice === 'none') return 'coupe';
  return ml > 150 ? 'highball' : 'rocks';
}

/**
 * A recipe of one's own from what was read. What the text does not say is taken as is usual, and the family that it is
 * most like.
 *
 * @returns undefined where nothing of it is known.
 */
export function recipeFrom(
  read: ReadRecipe,
  id: string,
  library: readonly Recipe[],
  kinds: ReadonlyMap<string, Kind>,
): Recipe | undefined {
  const slots = read.lines.flatMap((line) => slotOf(line, kinds) ?? []);
  if (slots.length === 0) return undefined;
  const isBuilt = slots.some((s) => kinds.get(s.kind)?.tastes.includes('fizzy'));
  const isSour = slots.some((s) => s.role === 'sour' || s.role === 'body');
  const method = read.method ?? (isSour ? 'shake' : isBuilt ? 'build' : 'stir');
  const ice = read.ice ?? (method === 'build' || method === 'swizzle' ? 'cubes' : 'none');
  const ml = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
  const recipe: Recipe = {
    id,
    name: (read.name ?? 'Without a name').slice(0, 80),
    also: [],
    family: 'sour',
    method,
    ice,
    strain:
      read.strain === 'none' && STRAINED.includes(method)
        ? 'once'
        : STRAINED.includes(method) || read.strain !== 'once'
          ? read.strain
          : 'none',
    glass: read.glass ?? usualGlass({ ice, method }, ml),
    otherGlasses: [],
    garnish: readGarnish(read.garnish),
    era: 'since-2000',
    canon: 'own',
    source: 'own',
    slots,
  };
  return { ...recipe, family: familiesLike(recipe, library, kinds)[0] ?? 'sour' };
}

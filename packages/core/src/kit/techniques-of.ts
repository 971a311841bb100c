import type { Kind } from '../catalogue/kind.js';
import { iceInMaking, type Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../units/amount.js';

/** A technique a drink asks for; without a needed one there is no drink, a finishing one dresses it. */
export interface TechniqueUse {
  technique: string;
  needed: boolean;
}

/** Less than this is dashed or dropped from its bottle, not measured (common practice). */
const LEAST_MEASURED_ML = 2.5;

/** What a garnish in words takes: peel is cut thin, slices on a board, nutmeg grated. */
const GARNISH_WORK: readonly (readonly [RegExp, string])[] = [
  [/flamed/, 'flame'],
  [/twist|peel|zest|ribbon/, 'zest'],
  [/\b(slice|wheel|wedge|disc|half|shell|lime|lemon|orange|grapefruit|pineapple|cucumber|celery)\b/, 'cut'],
  [/nutmeg|grated|chocolate/, 'grate'],
];

/**
 * The techniques a drink asks for, read from its structure: method, straining, ice, how its parts
 * are prepared, garnish. Making its syrup is a finishing one, since syrup can be bought.
 *
 * Rules: common practice (trade.md, section 3). Each technique is named once.
 */
export function techniquesOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): TechniqueUse[] {
  const found = new Map<string, boolean>();
  const add = (technique: string, needed: boolean) =>
    found.set(technique, needed || (found.get(technique) ?? false));
  const { method, slots, strain } = recipe;
  const making = iceInMaking(recipe);

  if (slots.some((s) => (amountMl(s.amount) ?? 0) >= LEAST_MEASURED_ML)) add('measure', true);
  if (method === 'hot') add('heat', true);
  else add(method, true);
  if (method === 'dry-shake') add('shake', true);
  if (strain !== 'none') add('strain', true);
  if (strain === 'twice') add('fine-strain', true);
  if (recipe.ice !== 'none' || making !== 'none') add('ice', true);
  if (recipe.ice === 'crushed' || (making === 'crushed' && method !== 'blend')) add('crush-ice', true);
  for (const slot of slots) {
    const needed = !slot.optional && slot.role !== 'garnish';
    const kind = kinds.get(slot.kind);
    if (slot.muddle) add('muddle', needed);
    if (slot.float) add('layer', needed);
    if (slot.role === 'rinse') add('spray', false);
    for (const technique of kind?.work ?? []) add(technique, needed);
    if (slot.amount.measure === 'slice' || slot.amount.measure === 'wedge') add('cut', needed);
    if (kind?.supply === 'home-made') add('syrup', false);
  }
  const garnish = [recipe.garnish, ...slots.filter((s) => s.role === 'garnish').map((s) => s.kind)].join(' ');
  for (const [words, technique] of GARNISH_WORK) if (words.test(garnish)) add(technique, false);
  add('serve', true);
  return [...found].map(([technique, needed]) => ({ technique, needed }));
}

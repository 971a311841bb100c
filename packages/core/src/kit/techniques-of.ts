import type { Kind } from '../catalogue/kind.js';
import { iceInMaking, type Recipe, type Slot } from '../catalogue/recipe.js';
import { MIN_MEASURED_ML } from '../measure/best-jigger.js';
import { amountMl } from '../base/amount.js';

/** A technique a drink asks for; without a needed one there is no drink, a finishing one dresses it. */
export interface TechniqueUse {
  technique: string;
  needed: boolean;
}

/** What each garnish in words takes, the first that matches: peel is cut thin, slices on a board, nutmeg grated. */
const GARNISH_WORK: readonly (readonly [RegExp, string])[] = [
  [/flamed/, 'flame'],
  [/twist|peel|zest|ribbon/, 'zest'],
  [/\b(slice|wheel|wedge|disc|half|shell|lime|lemon|orange|grapefruit|pineapple|cucumber|celery)\b/, 'cut'],
  [/nutmeg|grated|chocolate/, 'grate'],
];

/** Whether a part leaves bits that nobody wants between their teeth: what is muddled, herbs, pieces of fruit. */
function leavesBits({ optional, muddle, role, amount }: Slot): boolean {
  const inPieces = ['leaf', 'sprig', 'slice', 'wedge', 'whole'].includes(amount.measure);
  return !optional && role !== 'garnish' && (muddle || (inPieces && role !== 'body'));
}

/**
 * The techniques a drink asks for, read from its structure: method, straining, ice, how its parts
 * are prepared, garnish. Making its syrup is a finishing one, since syrup can be bought.
 *
 * Rules: common practice. Each technique is named once.
 */
export function techniquesOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): TechniqueUse[] {
  const uses = new Map<string, boolean>();
  const add = (technique: string, needed: boolean) =>
    uses.set(technique, needed || (uses.get(technique) ?? false));
  const { method, slots, strain } = recipe;
  const making = iceInMaking(recipe);

  if (slots.some((s) => (amountMl(s.amount) ?? 0) >= MIN_MEASURED_ML)) add('measure', true);
  if (method === 'hot') add('heat', true);
  else add(method, true);
  if (method === 'dry-shake') add('shake', true);
  if (strain !== 'none') add('strain', true);
  if (strain === 'twice') add(slots.some(leavesBits) ? 'fine-strain' : 'strain-clear', true);
  if (recipe.ice !== 'none' || making !== 'none') add('ice', true);
  // A blender crushes its own.
  if (method !== 'blend' && (recipe.ice === 'crushed' || making === 'crushed')) add('crush-ice', true);
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
  const garnishes = slots.filter((s) => s.role === 'garnish').map((s) => s.kind);
  for (const piece of [...recipe.garnish.split(/,| or /), ...garnishes]) {
    const found = GARNISH_WORK.find(([words]) => words.test(piece));
    if (found) add(found[1], false);
    if (found?.[1] === 'flame') add('zest', false);
  }
  add('serve', true);
  return [...uses].map(([technique, needed]) => ({ technique, needed }));
}

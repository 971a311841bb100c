import { isRead, type GarnishForm } from '../catalogue/garnish.js';
import type { Kind } from '../catalogue/kind.js';
import { iceInMaking, type Recipe, type Slot } from '../catalogue/recipe.js';
import { MIN_MEASURED_ML } from '../measure/best-jigger.js';
import { amountMl } from '../base/amount.js';

/** A technique a drink asks for; without a needed one there is no drink, a finishing one dresses it. */
export interface TechniqueUse {
  technique: string;
  needed: boolean;
}

/** What each garnish takes: peel is cut thin, slices on a board, nutmeg grated. */
const GARNISH_WORK: Readonly<Partial<Record<GarnishForm, string[]>>> = {
  flame: ['flame', 'zest'],
  twist: ['zest'],
  peel: ['zest'],
  ribbon: ['zest'],
  wheel: ['cut'],
  'half-wheel': ['cut'],
  wedge: ['cut'],
  slice: ['cut'],
  shell: ['cut'],
  grated: ['grate'],
};

/** Whether a part leaves bits that nobody wants between their teeth: what is muddled, herbs, pieces of fruit. */
function leavesBits({ optional, muddle, role, amount }: Slot): boolean {
  const inPieces = ['leaf', 'sprig', 'slice', 'wedge', 'whole'].includes(amount.measure);
  return !optional && (muddle || (inPieces && role !== 'body'));
}

/** What is used, and whether the drink cannot be made without it. */
type Use = readonly [technique: string, needed: boolean];

/** What mixing, straining and ice ask for. */
function ofMethod(recipe: Recipe): Use[] {
  const { method, slots, strain } = recipe;
  const making = iceInMaking(recipe);
  const isCrushed = recipe.ice === 'crushed' || making === 'crushed';
  const uses: [string, boolean][] = [
    ['measure', slots.some((s) => (amountMl(s.amount) ?? 0) >= MIN_MEASURED_ML)],
    [method === 'hot' ? 'heat' : method, true],
    ['shake', method === 'dry-shake'],
    ['strain', strain !== 'none'],
    [slots.some(leavesBits) ? 'fine-strain' : 'strain-clear', strain === 'twice'],
    ['ice', recipe.ice !== 'none' || making !== 'none'],
    // A blender crushes its own.
    ['crush-ice', method !== 'blend' && isCrushed],
  ];
  return uses.filter(([, is]) => is);
}

/** What preparing and pouring one part asks for. */
function ofSlot(slot: Recipe['slots'][number], kind: Kind | undefined): Use[] {
  const needed = !slot.optional;
  const isCut = slot.amount.measure === 'slice' || slot.amount.measure === 'wedge';
  return [
    ...(slot.muddle ? [['muddle', needed] as const] : []),
    ...(slot.float ? [['layer', needed] as const] : []),
    ...(slot.role === 'rinse' ? [['spray', false] as const] : []),
    ...(kind?.work ?? []).map((technique) => [technique, needed] as const),
    ...(isCut ? [['cut', needed] as const] : []),
    ...(kind?.supply === 'home-made' ? [['syrup', false] as const] : []),
  ];
}

/** What a garnish asks for; no drink fails for want of one. What is bought grated or in sticks is taken as it is. */
function ofGarnish({ garnish }: Recipe, kinds: ReadonlyMap<string, Kind>): Use[] {
  return garnish.filter(isRead).flatMap(({ kind, form }): Use[] => {
    const work = GARNISH_WORK[form] ?? kinds.get(kind)?.work ?? [];
    return work.map((technique) => [technique, false]);
  });
}

/**
 * The techniques a drink asks for, read from its structure: method, straining, ice, how its parts
 * are prepared, garnish. Making its syrup is a finishing one, since syrup can be bought.
 *
 * Rules: common practice. Each technique is named once.
 */
export function techniquesOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): TechniqueUse[] {
  const uses = new Map<string, boolean>();
  const all: Use[] = [
    ...ofMethod(recipe),
    ...recipe.slots.flatMap((slot) => ofSlot(slot, kinds.get(slot.kind))),
    ...ofGarnish(recipe, kinds),
    ['serve', true],
  ];
  for (const [technique, needed] of all) uses.set(technique, needed || (uses.get(technique) ?? false));
  return [...uses].map(([technique, needed]) => ({ technique, needed }));
}

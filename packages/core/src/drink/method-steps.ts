import type { Kind } from '../catalogue/kind.js';
import { iceInMaking, type Ice, type Recipe, type Slot } from '../catalogue/recipe.js';
import { isDrunk } from './figures.js';

/** What a drink is put together in. */
export type MadeIn = 'glass' | 'mixing-glass' | 'shaker' | 'blender';

/** One step of a method, as data; sentences are made of it, and what is to be measured when. */
export type MethodStep =
  | { do: 'rinse'; slots: Slot[] }
  | { do: 'press'; slots: Slot[]; wet: Slot | undefined; in: MadeIn }
  | { do: 'stir' | 'shake' | 'blend'; slots: Slot[]; ice: Ice; onPressed: boolean }
  | { do: 'dry-shake'; slots: Slot[]; onPressed: boolean }
  | { do: 'shake-again'; ice: Ice }
  | { do: 'strain'; how: Recipe['strain']; over: Ice }
  | { do: 'swizzle'; slots: Slot[] }
  | { do: 'warm' }
  | { do: 'layer' | 'stir-hot'; slots: Slot[] }
  | { do: 'pour'; slots: Slot[] }
  | { do: 'ice'; ice: Exclude<Ice, 'none'> }
  | { do: 'top'; slots: Slot[]; first: boolean }
  /** Lifted once with a spoon, or stirred a turn or two where nothing fizzes. */
  | { do: 'lift'; fizzy: boolean }
  | { do: 'float' | 'sink' | 'beside'; slots: Slot[] }
  | { do: 'garnish'; slots: Slot[]; words: string };

/** Where a method puts a drink together. */
export function madeIn(method: Recipe['method']): MadeIn {
  switch (method) {
    case 'stir':
      return 'mixing-glass';
    case 'shake':
    case 'dry-shake':
      return 'shaker';
    case 'blend':
      return 'blender';
    default:
      return 'glass';
  }
}

/**
 * How a drink is made, a step after another, from its structure: what is pressed takes something wet with it, what
 * fizzes comes after the ice, what floats or sinks last (common practice).
 *
 * @example methodSteps(daiquiri, kinds).map((s) => s.do) // ['shake', 'strain', 'garnish']
 */
export function methodSteps(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): MethodStep[] {
  const { slots, method, ice } = recipe;
  const pressed = slots.filter((s) => s.muddle);
  const floated = slots.filter((s) => s.float);
  const sinking = slots.filter((s) => s.sink);
  const beside = slots.filter((s) => s.beside);
  const rinse = slots.filter((s) => s.role === 'rinse');
  const garnish = slots.filter((s) => s.role === 'garnish');
  const fizzy = (s: Slot) => kinds.get(s.kind)?.tastes.includes('fizzy') === true;
  const body = slots.filter((s) => !s.float && !s.sink && isDrunk(s));
  const long = body.filter((s) => fizzy(s) || (s.role === 'long' && method === 'build'));
  const unpressed = body.filter((s) => !s.muddle && !long.includes(s));
  // What is pressed takes something wet with it, and is in the glass or shaker from then on.
  const wet =
    pressed.length === 0
      ? undefined
      : (unpressed.find((s) => s.role === 'sweet') ??
        unpressed.find((s) => s.role === 'seasoning') ??
        unpressed[0]);
  const mixed = unpressed.filter((s) => s !== wet);
  const onPressed = pressed.length > 0;
  const steps: MethodStep[] = [];

  if (rinse.length > 0) steps.push({ do: 'rinse', slots: rinse });
  if (onPressed) steps.push({ do: 'press', slots: pressed, wet, in: madeIn(method) });
  const making = iceInMaking(recipe);
  const strain: MethodStep = { do: 'strain', how: recipe.strain, over: ice };
  switch (method) {
    case 'stir':
    case 'shake':
      steps.push({ do: method, slots: mixed, ice: making, onPressed }, strain);
      break;
    case 'dry-shake':
      steps.push({ do: 'dry-shake', slots: mixed, onPressed }, { do: 'shake-again', ice: making }, strain);
      break;
    case 'blend':
      steps.push(
        { do: 'blend', slots: mixed, ice: making, onPressed },
        { do: 'strain', how: 'none', over: ice },
      );
      break;
    case 'swizzle':
      steps.push({ do: 'swizzle', slots: mixed });
      break;
    case 'layer':
      steps.push({ do: 'layer', slots: [...mixed, ...long] });
      break;
    case 'hot':
      steps.push({ do: 'warm' }, { do: 'stir-hot', slots: [...mixed, ...long] });
      break;
    case 'build':
      if (mixed.length > 0) steps.push({ do: 'pour', slots: mixed });
      if (ice !== 'none') steps.push({ do: 'ice', ice });
      break;
  }
  if (long.length > 0 && method !== 'layer' && method !== 'hot')
    steps.push({ do: 'top', slots: long, first: unpressed.length === 0 });
  // Wine and bubbles by themselves mix as they are poured; ice or a purée wants a spoon.
  const thick = body.some((s) => kinds.get(s.kind)?.pulp === true);
  if (method === 'build' && (ice !== 'none' || thick) && (long.length > 0 || mixed.length > 1))
    steps.push({ do: 'lift', fizzy: long.some(fizzy) });
  if (floated.length > 0) steps.push({ do: 'float', slots: floated });
  if (sinking.length > 0) steps.push({ do: 'sink', slots: sinking });
  if (beside.length > 0) steps.push({ do: 'beside', slots: beside });
  if (garnish.length > 0 || recipe.garnish !== 'none')
    steps.push({ do: 'garnish', slots: garnish, words: recipe.garnish === 'none' ? '' : recipe.garnish });
  return steps;
}

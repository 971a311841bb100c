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

/** The parts of a drink by what is done with them. */
function partsOf({ slots, method }: Recipe, kinds: ReadonlyMap<string, Kind>) {
  const fizzy = (s: Slot) => kinds.get(s.kind)?.tastes.includes('fizzy') === true;
  const pressed = slots.filter((s) => s.muddle);
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
  return {
    pressed,
    wet,
    long,
    mixed: unpressed.filter((s) => s !== wet),
    /** Nothing but what is long goes in. */
    isLongAlone: unpressed.length === 0,
    isFizzy: long.some(fizzy),
    // Wine and bubbles by themselves mix as they are poured; a purée wants a spoon.
    isThick: body.some((s) => kinds.get(s.kind)?.pulp === true),
  };
}
type Parts = ReturnType<typeof partsOf>;

/** The heart of a method: what is mixed how, on what ice, and into the glass. */
function mixing(recipe: Recipe, { mixed, long, pressed }: Parts): MethodStep[] {
  const { method, ice } = recipe;
  const making = iceInMaking(recipe);
  const onPressed = pressed.length > 0;
  const strain: MethodStep = { do: 'strain', how: recipe.strain, over: ice };
  switch (method) {
    case 'stir':
    case 'shake':
      return [{ do: method, slots: mixed, ice: making, onPressed }, strain];
    case 'dry-shake':
      return [{ do: 'dry-shake', slots: mixed, onPressed }, { do: 'shake-again', ice: making }, strain];
    case 'blend':
      return [
        { do: 'blend', slots: mixed, ice: making, onPressed },
        { do: 'strain', how: 'none', over: ice },
      ];
    case 'swizzle':
      return [{ do: 'swizzle', slots: mixed }];
    case 'layer':
      return [{ do: 'layer', slots: [...mixed, ...long] }];
    case 'hot':
      return [{ do: 'warm' }, { do: 'stir-hot', slots: [...mixed, ...long] }];
    case 'build':
      return [
        ...(mixed.length > 0 ? [{ do: 'pour' as const, slots: mixed }] : []),
        ...(ice === 'none' ? [] : [{ do: 'ice' as const, ice }]),
      ];
  }
}

/** A step with slots, where there are any. */
const ifAny = <D extends 'rinse' | 'float' | 'sink' | 'beside'>(what: D, slots: Slot[]) =>
  slots.length > 0 ? [{ do: what, slots }] : [];

/**
 * How a drink is made, a step after another, from its structure: what is pressed takes something wet with it, what
 * fizzes comes after the ice, what floats or sinks last (common practice).
 *
 * @example methodSteps(daiquiri, kinds).map((s) => s.do) // ['shake', 'strain', 'garnish']
 */
export function methodSteps(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): MethodStep[] {
  const { slots, method, ice } = recipe;
  const parts = partsOf(recipe, kinds);
  const { pressed, wet, long, mixed } = parts;
  const steps: MethodStep[] = ifAny(
    'rinse',
    slots.filter((s) => s.role === 'rinse'),
  );
  if (pressed.length > 0) steps.push({ do: 'press', slots: pressed, wet, in: madeIn(method) });
  steps.push(...mixing(recipe, parts));
  if (long.length > 0 && method !== 'layer' && method !== 'hot')
    steps.push({ do: 'top', slots: long, first: parts.isLongAlone });
  const wantsSpoon = (ice !== 'none' || parts.isThick) && (long.length > 0 || mixed.length > 1);
  if (method === 'build' && wantsSpoon) steps.push({ do: 'lift', fizzy: parts.isFizzy });
  const marked = (mark: 'float' | 'sink' | 'beside') => slots.filter((s) => s[mark]);
  steps.push(
    ...ifAny('float', marked('float')),
    ...ifAny('sink', marked('sink')),
    ...ifAny('beside', marked('beside')),
  );
  const garnish = slots.filter((s) => s.role === 'garnish');
  if (garnish.length > 0 || recipe.garnish !== 'none')
    steps.push({ do: 'garnish', slots: garnish, words: recipe.garnish === 'none' ? '' : recipe.garnish });
  return steps;
}

import type { Kind } from '../catalogue/kind.js';
import { iceInMaking, type Ice, type Recipe, type Slot } from '../catalogue/recipe.js';
import type { Garnish, SaidGarnish } from '../catalogue/garnish.js';
import { isDrunk } from './figures.js';
import { dressingOf, rimsOf } from './say-garnish.js';

/** What a drink is put together in. */
export type MadeIn = 'glass' | 'mixing-glass' | 'shaker' | 'blender' | 'pan';

/** How a drink that is built in its glass is mixed, the gentlest first: lifted once, turned, stirred well, churned. */
export type Lift = 'lift' | 'turn' | 'stir' | 'churn';

/** One step of a method, as data; sentences are made of it, and what is to be measured when. */
export type MethodStep =
  | { do: 'rinse'; slots: Slot[] }
  /** A sugar cube with what it soaks up. */
  | { do: 'soak'; slots: Slot[]; wet: Slot[] }
  | { do: 'press'; slots: Slot[]; wet: Slot[]; in: MadeIn }
  | { do: 'stir' | 'shake' | 'blend'; slots: Slot[]; ice: Ice; onPressed: boolean }
  | { do: 'dry-shake'; slots: Slot[]; onPressed: boolean }
  | { do: 'shake-again'; ice: Ice }
  /** Onto what is in the glass already, where something is. */
  | { do: 'strain'; how: Recipe['strain']; over: Ice; onto: boolean }
  | { do: 'swizzle'; slots: Slot[] }
  /** Egg and its sugar, beaten before anything hot comes near them. */
  | { do: 'beat'; slots: Slot[] }
  /** Together in a pan, never boiling. */
  | { do: 'heat'; slots: Slot[] }
  | { do: 'warm' }
  | { do: 'layer'; slots: Slot[] }
  /** What is hot comes last, in a thin stream on an egg. */
  | { do: 'stir-hot'; slots: Slot[]; hot: Slot[] }
  | { do: 'pour'; slots: Slot[] }
  | { do: 'ice'; ice: Exclude<Ice, 'none'> }
  | { do: 'top'; slots: Slot[]; first: boolean }
  | { do: 'lift'; how: Lift }
  /** Cream on a hot drink is whipped lightly first, else it sinks. */
  | { do: 'float'; slots: Slot[]; whipped: boolean }
  | { do: 'sink' | 'beside'; slots: Slot[] }
  | { do: 'rim' | 'garnish'; with: (Garnish | SaidGarnish)[] };

type Kinds = ReadonlyMap<string, Kind>;

/** From this strength on it is a spirit, which is not heated: its alcohol would go, and its vapour catches fire. */
const SPIRIT_ABV = 0.2;

const isEgg = (slot: Slot, kinds: Kinds) => kinds.get(slot.kind)?.tastes.includes('egg') === true;
const comesHot = (slot: Slot, kinds: Kinds) => kinds.get(slot.kind)?.work.includes('heat') === true;

const isSpirit = (slot: Slot, kinds: Kinds) => (kinds.get(slot.kind)?.abv ?? 0) >= SPIRIT_ABV;

/** Spice gives its taste to what it is heated in; stirred into a mug it lies at the bottom. */
const isSpice = (slot: Slot, kinds: Kinds) =>
  slot.amount.measure === 'pinch' && kinds.get(slot.kind)?.keepsAs === 'spice';

/**
 * Whether it is drunk hot and nothing in it comes hot, or spice is in it: then it is heated together, unless it is
 * spirit throughout.
 */
const isHeated = ({ method, slots }: Pick<Recipe, 'method' | 'slots'>, kinds: Kinds) =>
  method === 'hot' &&
  (!slots.some((s) => comesHot(s, kinds)) || slots.some((s) => isSpice(s, kinds))) &&
  slots.some((s) => isDrunk(s) && !s.float && !s.sink && !isSpirit(s, kinds));

/** Where a drink is put together. */
export function madeIn(recipe: Pick<Recipe, 'method' | 'slots'>, kinds: Kinds): MadeIn {
  switch (recipe.method) {
    case 'stir':
      return 'mixing-glass';
    case 'shake':
    case 'dry-shake':
      return 'shaker';
    case 'blend':
      return 'blender';
    case 'hot':
      return isHeated(recipe, kinds) ? 'pan' : 'glass';
    default:
      return 'glass';
  }
}

/**
 * What goes in with what is pressed. Sugar is wetted by its bitters and a splash of water; herbs take a syrup, else
 * juice; limes with sugar are wet enough; the spirit comes after (common practice).
 */
function wetFor(pressed: readonly Slot[], rest: readonly Slot[], kinds: Kinds): Slot[] {
  if (pressed.length === 0) return [];
  const of = (role: Slot['role']) => rest.filter((s) => s.role === role);
  if (pressed.every((s) => s.role === 'sweet'))
    return [...of('seasoning'), ...rest.filter((s) => kinds.get(s.kind)?.fromTap === true)];
  // A syrup before a liqueur, which is of the body of the drink.
  const sweets = of('sweet');
  const sweet = sweets.find((s) => kinds.get(s.kind)?.abv === 0) ?? sweets[0];
  if (sweet) return [sweet];
  if (pressed.some((s) => s.role === 'sweet')) return [];
  return [...of('seasoning'), ...of('sour'), ...rest].slice(0, 1);
}

/** The parts of a drink by what is done with them. */
function partsOf({ slots, method }: Recipe, kinds: Kinds) {
  const fizzy = (s: Slot) => kinds.get(s.kind)?.tastes.includes('fizzy') === true;
  const pressed = slots.filter((s) => s.muddle);
  const body = slots.filter((s) => !s.float && !s.sink && isDrunk(s));
  const long = body.filter((s) => fizzy(s) || (s.role === 'long' && method === 'build'));
  const unpressed = body.filter((s) => !s.muddle && !long.includes(s));
  const wet = wetFor(pressed, unpressed, kinds);
  const cubes = method === 'build' ? unpressed.filter((s) => s.amount.measure === 'cube') : [];
  const soaks = cubes.length > 0 ? unpressed.filter((s) => s.role === 'seasoning') : [];
  const soaked = soaks.length > 0 ? cubes : [];
  const taken = new Set([...wet, ...soaked, ...soaks]);
  return {
    pressed,
    wet,
    soaked,
    soaks,
    long,
    mixed: unpressed.filter((s) => !taken.has(s)),
    /** Nothing but what is long goes in. */
    isLongAlone: unpressed.length === 0,
    isFizzy: long.some(fizzy),
    // Wine and bubbles by themselves mix as they are poured; a purée wants a spoon.
    isThick: body.some((s) => kinds.get(s.kind)?.pulp === true),
    // Anise turns cloudy in cold water, and in flakes on ice: the ice comes last (common practice).
    isLouched:
      method === 'build' &&
      long.length > 0 &&
      long.every((s) => kinds.get(s.kind)?.fromTap === true) &&
      body.some((s) => s.role === 'base' && kinds.get(s.kind)?.tastes.includes('anise') === true),
  };
}
type Parts = ReturnType<typeof partsOf>;

/** What is drunk hot: beaten, heated, and stirred in its warm mug. */
function mixingHot(recipe: Recipe, { mixed, long }: Parts, kinds: Kinds): MethodStep[] {
  const all = [...mixed, ...long];
  if (isHeated(recipe, kinds)) {
    const spirits = all.filter((s) => isSpirit(s, kinds));
    return [
      { do: 'heat', slots: all.filter((s) => !spirits.includes(s)) },
      { do: 'warm' },
      ...(spirits.length > 0 ? [{ do: 'pour' as const, slots: spirits }] : []),
      { do: 'strain', how: 'once', over: 'none', onto: spirits.length > 0 },
    ];
  }
  const beaten = all.some((s) => isEgg(s, kinds))
    ? all.filter((s) => isEgg(s, kinds) || s.role === 'sweet')
    : [];
  const rest = all.filter((s) => !beaten.includes(s));
  return [
    { do: 'warm' },
    ...(beaten.length > 0 ? [{ do: 'beat' as const, slots: beaten }] : []),
    {
      do: 'stir-hot',
      slots: rest.filter((s) => !comesHot(s, kinds)),
      hot: rest.filter((s) => comesHot(s, kinds)),
    },
  ];
}

/** The heart of a method: what is mixed how, on what ice, and into the glass. */
function mixing(recipe: Recipe, parts: Parts, kinds: Kinds): MethodStep[] {
  const { mixed, long, pressed } = parts;
  const { ice } = recipe;
  const making = iceInMaking(recipe);
  const onPressed = pressed.length > 0;
  const strain: MethodStep = { do: 'strain', how: recipe.strain, over: ice, onto: false };
  switch (recipe.method) {
    case 'stir':
    case 'shake':
      return [{ do: recipe.method, slots: mixed, ice: making, onPressed }, strain];
    case 'dry-shake':
      // Whoever leaves an optional egg out has nothing to foam.
      return mixed.some((s) => foams(s, kinds))
        ? [{ do: 'dry-shake', slots: mixed, onPressed }, { do: 'shake-again', ice: making }, strain]
        : [{ do: 'shake', slots: mixed, ice: making, onPressed }, strain];
    case 'blend':
      return [
        { do: 'blend', slots: mixed, ice: making, onPressed },
        { do: 'strain', how: 'none', over: ice, onto: false },
      ];
    case 'swizzle':
      return [{ do: 'swizzle', slots: mixed }];
    case 'layer':
      return [{ do: 'layer', slots: [...mixed, ...long] }];
    case 'hot':
      return mixingHot(recipe, parts, kinds);
    case 'build':
      return [
        ...(mixed.length > 0 ? [{ do: 'pour' as const, slots: mixed }] : []),
        ...(ice === 'none' || parts.isLouched ? [] : [{ do: 'ice' as const, ice }]),
      ];
  }
}

/** Whether it is shaken for its foam: egg, or what foams in its place. */
export function foams(slot: Slot, kinds: Kinds): boolean {
  return isEgg(slot, kinds) || kinds.get(slot.kind)?.foams === true;
}

/** How a built drink is mixed; undefined where it mixes as it is poured. */
function liftOf({ ice }: Recipe, parts: Parts): Lift | undefined {
  const { long, mixed, wet, pressed, soaked } = parts;
  if (parts.isLouched) return undefined;
  const isPressed = pressed.length > 0;
  const several = long.length > 0 || mixed.length + wet.length > 1 || isPressed;
  if (!several || (ice === 'none' && !parts.isThick && !isPressed)) return undefined;
  if (parts.isFizzy) return soaked.length > 0 ? undefined : 'lift';
  // Fruit that was pressed lies at the bottom with its sugar; herbs and a julep's spirit are churned through the ice.
  if (pressed.some((s) => s.role === 'sour')) return 'stir';
  return ice === 'crushed' ? 'churn' : 'turn';
}

/** A step with slots, where there are any. */
const ifAny = <D extends 'rinse' | 'sink' | 'beside'>(what: D, slots: Slot[]) =>
  slots.length > 0 ? [{ do: what, slots }] : [];

/** What comes onto the drink when it is mixed, and beside it. */
function finishing({ slots, garnish, method }: Recipe, kinds: Kinds): MethodStep[] {
  const marked = (mark: 'float' | 'sink' | 'beside') => slots.filter((s) => s[mark]);
  const isCream = (s: Slot) => {
    const kind = kinds.get(s.kind);
    return method === 'hot' && kind?.tastes.includes('creamy') === true && kind.abv === 0;
  };
  const dressing = dressingOf({ garnish });
  const floated = (slots: Slot[], whipped: boolean) =>
    slots.length > 0 ? [{ do: 'float' as const, slots, whipped }] : [];
  return [
    ...floated(
      marked('float').filter((s) => !isCream(s)),
      false,
    ),
    ...floated(marked('float').filter(isCream), true),
    ...ifAny('sink', marked('sink')),
    ...ifAny('beside', marked('beside')),
    ...(dressing.length > 0 ? [{ do: 'garnish' as const, with: dressing }] : []),
  ];
}

/**
 * How a drink is made, a step after another, from its structure: what is pressed takes something wet with it, never the
 * spirit; what fizzes comes after the ice, anise before it; crushed ice is churned; what is drunk hot is heated; what
 * floats or sinks comes last (common practice).
 *
 * @example methodSteps(daiquiri, kinds).map((s) => s.do) // ['shake', 'strain', 'garnish']
 */
export function methodSteps(recipe: Recipe, kinds: Kinds): MethodStep[] {
  const { slots, method, ice } = recipe;
  const parts = partsOf(recipe, kinds);
  const { pressed, wet, long, soaked, soaks } = parts;
  const rims = rimsOf(recipe);
  const steps: MethodStep[] = [
    ...(rims.length > 0 ? [{ do: 'rim' as const, with: rims }] : []),
    ...ifAny(
      'rinse',
      slots.filter((s) => s.role === 'rinse'),
    ),
  ];
  if (soaked.length > 0) steps.push({ do: 'soak', slots: soaked, wet: soaks });
  if (pressed.length > 0) steps.push({ do: 'press', slots: pressed, wet, in: madeIn(recipe, kinds) });
  steps.push(...mixing(recipe, parts, kinds));
  if (long.length > 0 && method !== 'layer' && method !== 'hot')
    steps.push({ do: 'top', slots: long, first: parts.isLongAlone });
  if (parts.isLouched && ice !== 'none') steps.push({ do: 'ice', ice });
  const lift = method === 'build' ? liftOf(recipe, parts) : undefined;
  if (lift) steps.push({ do: 'lift', how: lift });
  return [...steps, ...finishing(recipe, kinds)];
}

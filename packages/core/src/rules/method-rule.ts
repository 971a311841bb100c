import type { Kind } from '../catalogue/kind.js';
import { isDrunk, isTopped, slotMl } from '../drink/figures.js';
import { foams } from '../drink/method-steps.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Method, Recipe, Slot } from '../catalogue/recipe.js';
import { liquidGPerMl } from '../stock/weigh.js';

/** Acid from which a fresh or bottled juice clouds a stirred drink, g a litre (common practice). */
const JUICE_ACID_G_PER_L = 4;
/** Sugar from which a syrup or liqueur goes to the bottom of juice, g a litre (common practice). */
const SINKS_G_PER_L = 200;

const SHAKING: readonly Method[] = ['shake', 'dry-shake', 'blend', 'swizzle'];

interface Contents {
  /** Egg, or what foams in its place; and whether it may be left out. */
  egg: boolean;
  mayFoam: boolean;
  /** Juice, dairy or purée among what is mixed. */
  cloudy: boolean;
  /** A fizzy part that would go into the shaker. */
  fizzInside: boolean;
  /** Poured long over ice, which mixes a built drink. */
  long: boolean;
  muddled: boolean;
  /** Of what is muddled something stays between the teeth: all but sugar. */
  bits: boolean;
}

function isJuice(kind: Kind): boolean {
  return (
    (kind.supply === 'fresh' || kind.supply === 'mixer') &&
    kind.acidGPerL >= JUICE_ACID_G_PER_L &&
    !kind.tastes.includes('fizzy')
  );
}

function contentsOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Contents {
  const found: Contents = {
    egg: false,
    mayFoam: false,
    cloudy: false,
    fizzInside: false,
    long: false,
    muddled: false,
    bits: false,
  };
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined) continue;
    if (slot.optional) {
      found.mayFoam ||= foams(slot, kinds);
      continue;
    }
    const topped = isTopped(slot, kind, recipe.method);
    if (foams(slot, kinds)) found.egg = true;
    if (slot.role === 'long') found.long = true;
    if (slot.muddle) found.muddled = true;
    if (slot.muddle && slot.amount.measure !== 'cube') found.bits = true;
    if (kind.tastes.includes('fizzy') && slot.role !== 'long' && !slot.float) found.fizzInside = true;
    const measured = slot.role !== 'seasoning';
    if (
      measured &&
      !slot.float &&
      (isJuice(kind) || kind.tastes.includes('creamy') || slot.role === 'body')
    ) {
      // A juice that lengthens a built drink mixes as it is poured.
      if (!topped) found.cloudy = true;
    }
  }
  return found;
}

/** So much heavier than what it lies on a float still lies, for a while: over the back of a spoon, on ice (common practice). */
const FLOATS_STILL_G_PER_ML = 0.02;

/** What floats and is heavier than what it is to lie on; undefined where all of it is lighter. */
function heavyFloat(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string | undefined {
  let [ml, g] = [0, 0];
  for (const slot of recipe.slots.filter((s) => !s.float && !s.sink && !s.optional && isDrunk(s))) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined) continue;
    const poured = slotMl(slot, kind);
    ml += poured;
    g += poured * liquidGPerMl(kind);
  }
  const sinks = (s: Slot) => {
    const kind = kinds.get(s.kind);
    return s.float && kind !== undefined && liquidGPerMl(kind) > g / ml + FLOATS_STILL_G_PER_ML;
  };
  return ml > 0 ? recipe.slots.find(sinks)?.kind : undefined;
}

/** A part that is poured when it cannot be where it is said to end up; undefined when none is. */
function orderFault(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string | undefined {
  for (const slot of recipe.slots) {
    const said = [slot.float, slot.sink, slot.beside, slot.muddle].filter(Boolean).length;
    if (said > 1) return `${slot.kind} cannot float, sink, be pressed and stand beside all at once`;
    const kind = kinds.get(slot.kind);
    // What is heavy with sugar goes down through juice and soda whatever one says.
    if (slot.float && kind !== undefined && kind.sugarGPerL >= SINKS_G_PER_L && kind.abv < 0.1)
      return `${slot.kind} is too heavy to float; let it sink`;
    if (slot.float && slot.kind === heavyFloat(recipe, kinds))
      return `${slot.kind} is heavier than what it is to float on, and sinks`;
    if (slot.sink && kind !== undefined && kind.sugarGPerL < SINKS_G_PER_L)
      return `${slot.kind} is too light to sink; float it, or mix it in`;
    if (slot.beside && slot.role !== 'long') return `${slot.kind} stands beside the drink: its role is long`;
  }
  return undefined;
}

/**
 * What is wrong with a recipe's method by the shake and stir rule (common practice): juice, dairy,
 * egg and purée are shaken (or blended, swizzled, or built long or muddled over ice), all-spirit
 * drinks are stirred or built, sparkling things are never shaken. Undefined when nothing is.
 */
export function methodFault(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string | undefined {
  const { method } = recipe;
  if (method === 'hot') return undefined;
  if (method === 'blend' && recipe.ice !== 'none')
    return 'a blended drink has its ice in it; pour it as it is (ice: none)';
  const has = contentsOf(recipe, kinds);
  return orderFault(recipe, kinds) ?? shakeOrStirFault(method, has) ?? strainFault(recipe, has);
}

function shakeOrStirFault(method: Recipe['method'], has: Contents): string | undefined {
  const shaken = SHAKING.includes(method);
  if (shaken && has.fizzInside)
    return 'a sparkling part would be shaken; give it the role "long", so that it joins after';
  // One rule for white, yolk and whole (common practice): the foam is made before the ice comes.
  if ((has.egg || has.mayFoam) && method !== 'dry-shake' && method !== 'blend')
    return 'egg is shaken, first without ice (dry-shake)';
  if (method === 'dry-shake' && !has.egg && !has.mayFoam)
    return 'a dry shake is for egg; shake this once, on ice';
  if (has.cloudy && !shaken && !(method === 'build' && (has.long || has.muddled)))
    return 'juice, dairy and purée are shaken, not stirred';
  const isClear = !has.cloudy && !has.egg && !has.muddled;
  return (method === 'shake' || method === 'dry-shake') && isClear
    ? 'an all-spirit drink is stirred, or built over ice'
    : undefined;
}

/** Bits in a strained drink. */
function strainFault({ method, strain }: Recipe, has: Contents): string | undefined {
  return method !== 'build' && method !== 'swizzle' && strain === 'once' && has.bits
    ? 'what is muddled is strained twice'
    : undefined;
}

/** Recipes whose method breaks the rule without saying why. */
export function methodFaults(catalogue: Catalogue): Fault[] {
  const kinds = kindIndex(catalogue.kinds);
  return catalogue.recipes.flatMap((recipe, i) => {
    const fault = methodFault(recipe, kinds);
    const explained = recipe.because?.method !== undefined;
    if (fault !== undefined && !explained) {
      return [
        {
          code: 'method',
          pointer: `/recipes/${i}/method`,
          detail: `${recipe.id}: ${fault}; change the method, or say why under because: method`,
        },
      ];
    }
    if (fault === undefined && explained) {
      return [
        {
          code: 'method',
          pointer: `/recipes/${i}/because/method`,
          detail: `${recipe.id} keeps the shake and stir rule; take the reason out`,
        },
      ];
    }
    return [];
  });
}

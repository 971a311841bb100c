import type { Kind } from '../catalogue/kind.js';
import { isTopped } from '../drink/figures.js';
import type { Fault } from '../base/fault.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import { kindIndex } from '../catalogue/catalogue.js';
import type { Method, Recipe } from '../catalogue/recipe.js';

/** Acid from which a fresh or bottled juice clouds a stirred drink, g a litre (common practice). */
const JUICE_ACID_G_PER_L = 4;
/** Sugar from which a syrup or liqueur goes to the bottom of juice, g a litre (common practice). */
const SINKS_G_PER_L = 200;

/** Kinds that are shaken for their foam as egg is. */
const FOAMS: readonly string[] = ['aquafaba'];

const SHAKING: readonly Method[] = ['shake', 'dry-shake', 'blend', 'swizzle'];

interface Contents {
  /** Egg, or what foams in its place. */
  egg: boolean;
  /** Juice, dairy or purée among what is mixed. */
  cloudy: boolean;
  /** A fizzy part that would go into the shaker. */
  fizzInside: boolean;
  /** Poured long over ice, which mixes a built drink. */
  long: boolean;
  muddled: boolean;
}

function isJuice(kind: Kind): boolean {
  return (
    (kind.supply === 'fresh' || kind.supply === 'mixer') &&
    kind.acidGPerL >= JUICE_ACID_G_PER_L &&
    !kind.tastes.includes('fizzy')
  );
}

function contentsOf(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Contents {
  const found: Contents = { egg: false, cloudy: false, fizzInside: false, long: false, muddled: false };
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined || slot.optional || slot.role === 'garnish') continue;
    const topped = isTopped(slot, kind, recipe.method);
    if (kind.tastes.includes('egg') || FOAMS.includes(kind.id)) found.egg = true;
    if (slot.role === 'long') found.long = true;
    if (slot.muddle) found.muddled = true;
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

/** A part that is poured when it cannot be where it is said to end up; undefined when none is. */
function orderFault(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): string | undefined {
  for (const slot of recipe.slots) {
    const said = [slot.float, slot.sink, slot.beside, slot.muddle].filter(Boolean).length;
    if (said > 1) return `${slot.kind} cannot float, sink, be pressed and stand beside all at once`;
    const kind = kinds.get(slot.kind);
    // What is heavy with sugar goes down through juice and soda whatever one says.
    if (slot.float && kind !== undefined && kind.sugarGPerL >= SINKS_G_PER_L && kind.abv < 0.1)
      return `${slot.kind} is too heavy to float; let it sink`;
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
  return orderFault(recipe, kinds) ?? shakeOrStirFault(method, contentsOf(recipe, kinds));
}

function shakeOrStirFault(method: Recipe['method'], has: ReturnType<typeof contentsOf>): string | undefined {
  const shaken = SHAKING.includes(method);
  if (shaken && has.fizzInside)
    return 'a sparkling part would be shaken; give it the role "long", so that it joins after';
  if (has.egg && !shaken) return 'egg is shaken, first without ice (dry-shake)';
  if (method === 'dry-shake' && !has.egg) return 'a dry shake is for egg; shake this once, on ice';
  if (has.cloudy && !shaken && !(method === 'build' && (has.long || has.muddled)))
    return 'juice, dairy and purée are shaken, not stirred';
  const isClear = !has.cloudy && !has.egg && !has.muddled;
  return (method === 'shake' || method === 'dry-shake') && isClear
    ? 'an all-spirit drink is stirred, or built over ice'
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

import type { Kind } from '../catalogue/kind.js';
import type { Method, Recipe, Slot } from '../catalogue/recipe.js';
import { amountMl } from '../base/amount.js';
import { kilocalories } from './energy.js';
import { ethanolG } from './standard-drink.js';

/** What is in the glass once the ice has done its work. */
export interface DrinkFigures {
  /** ml before dilution. */
  mixMl: number;
  /** ml after dilution. */
  servedMl: number;
  /** ml of water gained from ice. */
  waterMl: number;
  /** Alcohol by volume of the served drink, a fraction. */
  abv: number;
  /** Alcohol of all that is served, what stands beside it in a glass of its own included. */
  ethanolG: number;
  sugarG: number;
  acidG: number;
  /** Of all that is served, like the alcohol. */
  kcal: number;
}

/**
 * Water gained from ice per volume of mix, for a mix of strength `abv` (a fraction).
 *
 * Fitted curves for stirred and shaken drinks: Arnold, Liquid Intelligence, 2014 (from memory).
 * Built and swizzled drinks are taken as half a stirred drink's gain at serving, blended ones as
 * gaining nine tenths of their volume (common practice).
 */
export function dilution(abv: number, method: Recipe['method'], ice: Recipe['ice']): number {
  const stirred = -1.21 * abv ** 2 + 1.246 * abv + 0.145;
  switch (method) {
    case 'shake':
    case 'dry-shake':
      return -1.567 * abv ** 2 + 1.742 * abv + 0.203;
    case 'stir':
      return stirred;
    case 'blend':
      return 0.9;
    case 'build':
    case 'swizzle':
      return ice === 'none' ? 0 : stirred / 2;
    case 'layer':
    case 'hot':
      return 0;
  }
}

/** Liquid a slot brings, in ml: what is poured, or what its counted pieces give. */
export function slotMl(slot: Slot, kind: Kind): number {
  return amountMl(slot.amount) ?? (kind.each?.ml ?? 0) * slot.amount.value;
}

/** Whether a slot is in the glass to be drunk: rinses are tipped out, garnishes stay on top, and what is beside it has its own. */
export function isDrunk(slot: Slot): boolean {
  return slot.role !== 'rinse' && !slot.beside;
}

/**
 * Whether a part joins after the ice has done its work: floated, sinking and fizzy parts always, other long
 * parts where the drink is built in its glass.
 */
export function isTopped(slot: Slot, kind: Kind, method: Method): boolean {
  const built = method === 'build' || method === 'layer' || method === 'hot';
  return slot.float || slot.sink || kind.tastes.includes('fizzy') || (built && slot.role === 'long');
}

/**
 * Strength, sweetness, acidity and energy of a recipe as written, optional parts included.
 *
 * @param kinds every kind the recipe names; a slot of an unknown kind is passed over.
 * @example drinkFigures(daiquiri, kinds).abv // 0.15…
 */
export function drinkFigures(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): DrinkFigures {
  let mixMl = 0;
  let toppedMl = 0;
  let ethanolMl = 0;
  let mixEthanolMl = 0;
  let sugarG = 0;
  let acidG = 0;
  let otherKcal = 0;
  const beside = { ethanolMl: 0, sugarG: 0 };
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined || slot.role === 'rinse') continue;
    const ml = slotMl(slot, kind);
    if (slot.beside) {
      beside.ethanolMl += ml * kind.abv;
      beside.sugarG += (ml / 1000) * kind.sugarGPerL;
      continue;
    }
    const pieces = amountMl(slot.amount) === undefined ? slot.amount.value : 0;
    if (isTopped(slot, kind, recipe.method)) toppedMl += ml;
    else {
      mixMl += ml;
      mixEthanolMl += ml * kind.abv;
    }
    ethanolMl += ml * kind.abv;
    sugarG += (ml / 1000) * kind.sugarGPerL + pieces * (kind.each?.sugarG ?? 0);
    acidG += (ml / 1000) * kind.acidGPerL + pieces * (kind.each?.acidG ?? 0);
    otherKcal += (ml / 1000) * kind.otherKcalPerL + pieces * (kind.each?.kcal ?? 0);
  }
  const mixAbv = mixMl === 0 ? 0 : mixEthanolMl / mixMl;
  // What is blended with ice cream has no other ice.
  const isFrozenAlready = recipe.method === 'blend' && recipe.making === 'none';
  const waterMl = isFrozenAlready ? 0 : mixMl * dilution(mixAbv, recipe.method, recipe.ice);
  const servedMl = mixMl + waterMl + toppedMl;
  const ethanol = ethanolG(ethanolMl + beside.ethanolMl);
  return {
    mixMl: mixMl + toppedMl,
    servedMl,
    waterMl,
    abv: servedMl === 0 ? 0 : ethanolMl / servedMl,
    ethanolG: ethanol,
    sugarG,
    acidG,
    kcal: kilocalories(ethanol, sugarG + beside.sugarG, acidG) + otherKcal,
  };
}

/** Grams in 100 ml of the served drink. */
export function per100Ml(grams: number, profile: DrinkFigures): number {
  return profile.servedMl === 0 ? 0 : (grams / profile.servedMl) * 100;
}

import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { amountMl } from '../units/amount.js';

/** What is in the glass once the ice has done its work. */
export interface DrinkProfile {
  /** ml before dilution. */
  mixMl: number;
  /** ml after dilution. */
  servedMl: number;
  /** Alcohol by volume of the served drink, a fraction. */
  abv: number;
  sugarG: number;
  acidG: number;
}

/**
 * Water gained from ice per volume of mix, for a mix of strength `abv` (a fraction).
 *
 * Fitted curves for stirred and shaken drinks: Arnold, Liquid Intelligence, 2014 (from memory).
 * Built and swizzled drinks are taken as half a stirred drink's gain at serving (common practice).
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

/** Rough ml of counted things that end up in the liquid (common practice): an egg white is 30 ml. */
const COUNTED_ML: Record<string, number> = { 'egg-white': 30, 'egg-yolk': 18, 'whole-egg': 50 };

/**
 * Strength, sweetness and acidity of a recipe as written. Long, carbonated and sparkling parts
 * join after the shake, so they do not take part in the dilution of shaken drinks.
 */
export function drinkProfile(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): DrinkProfile {
  let mixMl = 0;
  let toppedMl = 0;
  let ethanolMl = 0;
  let mixEthanolMl = 0;
  let sugarG = 0;
  let acidG = 0;
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    const ml = amountMl(slot.amount) ?? (COUNTED_ML[slot.kind] ?? 0) * slot.amount.value;
    if (kind === undefined || slot.role === 'rinse') continue;
    const topped = slot.role === 'long' || kind.tastes.includes('fizzy');
    if (topped) toppedMl += ml;
    else {
      mixMl += ml;
      mixEthanolMl += ml * kind.abv;
    }
    ethanolMl += ml * kind.abv;
    sugarG += (ml / 1000) * kind.sugarGPerL + (slot.kind === 'sugar-cube' ? 4 * slot.amount.value : 0);
    acidG += (ml / 1000) * kind.acidGPerL;
  }
  const mixAbv = mixMl === 0 ? 0 : mixEthanolMl / mixMl;
  const servedMl = mixMl * (1 + dilution(mixAbv, recipe.method, recipe.ice)) + toppedMl;
  return {
    mixMl: mixMl + toppedMl,
    servedMl,
    abv: servedMl === 0 ? 0 : ethanolMl / servedMl,
    sugarG,
    acidG,
  };
}

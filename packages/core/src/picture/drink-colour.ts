import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk, slotMl } from '../drink/figures.js';
import { absorbanceOf, CLEAR, mixedAbsorbance, UNKNOWN_TINT, type Absorbance } from './tint.js';

/**
 * How a drink swallows light once all of it is mixed, the water of its ice among its parts; what floats, sinks or stands
 * beside it is left out, and what is left to taste.
 *
 * @example seenThrough(drinkAbsorbance(negroni, kinds), 6, lightOf('#ffffff'))
 */
export function drinkAbsorbance(recipe: Recipe, kinds: ReadonlyMap<string, Kind>): Absorbance {
  const mixed = recipe.slots.filter((s) => isDrunk(s) && !s.optional && !s.float && !s.sink);
  const parts = mixed.map((slot) => {
    const kind = kinds.get(slot.kind);
    return { of: absorbanceOf(kind?.tint ?? UNKNOWN_TINT), ml: kind ? slotMl(slot, kind) : 0 };
  });
  const poured = parts.reduce((sum, p) => sum + p.ml, 0);
  const water = Math.max(0, drinkFigures({ ...recipe, slots: mixed }, kinds).servedMl - poured);
  return mixedAbsorbance([...parts, { of: CLEAR, ml: water }]);
}

import type { Glass } from '../catalogue/glass.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk, isTopped, slotMl } from '../drink/figures.js';
import { fitInGlass, RIGHT_FILL, SERVED_ICE_G, type FitVerdict } from './fit.js';
import { capacityMl, insideOfCapacity } from './profile.js';

/** One part of the drink as it lies in the drawing, from the bottom up. */
interface Layer {
  /** Absent for the water that came from ice. */
  slot?: Slot;
  kindId?: string;
  ml: number;
}

/** A drink in a glass. */
export interface Fill {
  glass: Glass;
  /** The inside of the glass as drawn, in mm. */
  inside: Glass['inside'];
  capacityMl: number;
  /** Liquid after dilution. */
  liquidMl: number;
  /** Ice in the glass, g; floating, it pushes aside as many ml of drink. */
  iceG: number;
  /** Liquid and displaced ice as a share of the brim. */
  share: number;
  verdict: FitVerdict;
  layers: Layer[];
}

/**
 * A drink in a glass of a type: which size of it suits (with ice, the usual one or larger), how high
 * it stands with its ice, and its parts from the bottom up, the melted water spread where it joined
 * (above what was shaken, below what tops it up).
 *
 * @example fillGlass(daiquiri, coupe, kinds)
 */
export function fillGlass(recipe: Recipe, glass: Glass, kinds: ReadonlyMap<string, Kind>): Fill {
  const profile = drinkFigures(recipe, kinds);
  const filled = (profile.servedMl + SERVED_ICE_G[recipe.ice][0]) / RIGHT_FILL.aim;
  const usual = recipe.ice === 'none' ? glass.minMl : capacityMl(glass.inside);
  const brimMl = Math.min(glass.maxMl, Math.max(usual, filled));
  const mixed: Layer[] = [];
  const topped: Layer[] = [];
  for (const slot of recipe.slots) {
    const kind = kinds.get(slot.kind);
    if (kind === undefined || !isDrunk(slot)) continue;
    const ml = slotMl(slot, kind);
    if (ml > 0) (isTopped(slot, kind, recipe.method) ? topped : mixed).push({ slot, kindId: slot.kind, ml });
  }
  const floated = (layer: Layer) => (layer.slot?.float ? 1 : 0);
  const layers = [
    ...mixed,
    ...(profile.waterMl > 0 ? [{ ml: profile.waterMl }] : []),
    ...topped.sort((a, b) => floated(a) - floated(b)),
  ];
  const fit = fitInGlass(profile.servedMl, recipe.ice, brimMl);
  return {
    glass,
    inside: insideOfCapacity(glass.inside, brimMl),
    capacityMl: brimMl,
    liquidMl: profile.servedMl,
    ...fit,
    layers,
  };
}

/** Whether some glass of this type, between its least and most capacity, takes the drink well. */
export function fitsGlassType(recipe: Recipe, glass: Glass, kinds: ReadonlyMap<string, Kind>): boolean {
  const { servedMl } = drinkFigures(recipe, kinds);
  const [least, most] = SERVED_ICE_G[recipe.ice];
  return (
    servedMl + least <= glass.maxMl * RIGHT_FILL.most && servedMl + most >= glass.minMl * RIGHT_FILL.least
  );
}

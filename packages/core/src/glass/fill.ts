import type { Glass } from '../catalogue/glass.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { drinkProfile, isDrunk, isTopped, slotMl } from '../drink/profile.js';
import { capacityMl, insideOfCapacity } from './profile.js';

/** Least and most ice in a served drink, g: cubes and crushed 80 to 200, one block 115 (common practice). */
const ICE_G = { none: [0, 0], cubes: [80, 200], crushed: [80, 200], block: [115, 115] } as const;
/** A drink looks right from here to there, as a share of the brim (common practice: 75 to 90 %). */
const RIGHT_FILL = { least: 0.6, aim: 0.85, most: 0.97 } as const;

/** One part of the drink as it lies in the drawing, from the bottom up. */
export interface Layer {
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
  verdict: 'fits' | 'short' | 'over';
  layers: Layer[];
}

/** Ice for a drink: as much as brings it to a good fill, within what people use. */
function iceFor(recipe: Recipe, liquidMl: number, brimMl: number): number {
  const [least, most] = ICE_G[recipe.ice];
  return Math.min(most, Math.max(least, brimMl * RIGHT_FILL.aim - liquidMl));
}

/**
 * A drink in a glass of a type: which size of it suits (with ice, the usual one or larger), how high
 * it stands with its ice, and its parts from the bottom up, the melted water spread where it joined
 * (above what was shaken, below what tops it up).
 *
 * Ice floats, so it displaces its own mass of drink (Archimedes; drink taken as 1 g/ml).
 */
export function fillGlass(recipe: Recipe, glass: Glass, kinds: ReadonlyMap<string, Kind>): Fill {
  const profile = drinkProfile(recipe, kinds);
  const filled = (profile.servedMl + ICE_G[recipe.ice][0]) / RIGHT_FILL.aim;
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
  const iceG = iceFor(recipe, profile.servedMl, brimMl);
  const share = (profile.servedMl + iceG) / brimMl;
  return {
    glass,
    inside: insideOfCapacity(glass.inside, brimMl),
    capacityMl: brimMl,
    liquidMl: profile.servedMl,
    iceG,
    share,
    verdict: share > RIGHT_FILL.most ? 'over' : share < RIGHT_FILL.least ? 'short' : 'fits',
    layers,
  };
}

/** Whether some glass of this type, between its least and most capacity, takes the drink well. */
export function fitsGlassType(recipe: Recipe, glass: Glass, kinds: ReadonlyMap<string, Kind>): boolean {
  const { servedMl } = drinkProfile(recipe, kinds);
  const [least, most] = ICE_G[recipe.ice];
  return (
    servedMl + least <= glass.maxMl * RIGHT_FILL.most && servedMl + most >= glass.minMl * RIGHT_FILL.least
  );
}

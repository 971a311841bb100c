import type { Ice } from '../catalogue/recipe.js';

/** Least and most ice in a served drink, g: cubes and crushed 80 to 200, one block 115 (common practice). */
export const SERVED_ICE_G: Record<Ice, readonly [number, number]> = {
  none: [0, 0],
  cubes: [80, 200],
  crushed: [80, 200],
  block: [115, 115],
};

/** A drink looks right from here to there, as a share of the brim (common practice: 75 to 90 %). */
export const RIGHT_FILL = { least: 0.6, aim: 0.85, most: 0.97 } as const;

export type FitVerdict = 'fits' | 'short' | 'over';

/** How a drink stands in a glass of known capacity. */
export interface GlassFit {
  verdict: FitVerdict;
  /** Liquid and displaced ice as a share of the brim. */
  share: number;
  iceG: number;
}

/**
 * How a drink stands in a glass: with as much ice as brings it to a good fill, within what people
 * use. Ice floats, so it displaces its own mass of drink (Archimedes; drink taken as 1 g/ml).
 *
 * @param servedMl liquid after dilution.
 */
export function fitInGlass(servedMl: number, ice: Ice, brimMl: number): GlassFit {
  const [least, most] = SERVED_ICE_G[ice];
  const iceG = Math.min(most, Math.max(least, brimMl * RIGHT_FILL.aim - servedMl));
  const share = (servedMl + iceG) / brimMl;
  const verdict = share > RIGHT_FILL.most ? 'over' : share < RIGHT_FILL.least ? 'short' : 'fits';
  return { verdict, share, iceG };
}

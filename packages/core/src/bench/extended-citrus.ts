import type { HomeMadePart } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';

/** The schools' parameters for making citrus go further, and what of the fruit there is. */
export interface ExtendedCitrus {
  /** The fresh juice it is made with and stands for. */
  juice: Kind;
  peelG: number;
  juiceG: number;
  /** Grams of acid to a gram of peel: 1 (most). */
  acidToPeel: number;
  /** Citric to malic by weight: 2 or about 6 for lime; all citric for lemon is Infinity. */
  citricToMalic: number;
  /** Grams of water to a gram of peel: 15 to 16.7 (common practice). */
  waterToPeel: number;
}

/** What comes of it. */
export interface ExtendedCitrusResult {
  citricG: number;
  malicG: number;
  waterG: number;
  massG: number;
  /** Titratable acid as a share of the mass, by mass balance; and of the fresh juice. */
  acidity: number;
  freshAcidity: number;
}

/** Juice weighs about so much, g/ml (common practice). */
const JUICE_G_PER_ML = 1.03;

/**
 * Extended citrus by mass balance: the powders' acid and the juice's, in water and juice. The peel is strained out.
 *
 * @example extendedCitrus({ peelG: 29, juiceG: 110, acidToPeel: 1, citricToMalic: 6, waterToPeel: 15, juice })
 */
export function extendedCitrus(p: ExtendedCitrus): ExtendedCitrusResult {
  const acidG = p.peelG * p.acidToPeel;
  const malicG = acidG / (1 + p.citricToMalic);
  const citricG = acidG - malicG;
  const waterG = p.peelG * p.waterToPeel;
  const freshAcidity = p.juice.acidGPerL / (1000 * JUICE_G_PER_ML);
  const massG = acidG + waterG + p.juiceG;
  return { citricG, malicG, waterG, massG, acidity: (acidG + p.juiceG * freshAcidity) / massG, freshAcidity };
}

/**
 * Grams of acid that make a batch as sour as the fresh juice it stands for: an orange needs a sixth of what a lime does.
 *
 * @example acidAsFresh({ peelG: 40, waterToPeel: 12, juice: orange }) // 4.2
 */
export function acidAsFresh({
  peelG,
  waterToPeel,
  juice,
}: Pick<ExtendedCitrus, 'peelG' | 'waterToPeel' | 'juice'>): number {
  const freshAcidity = juice.acidGPerL / (1000 * JUICE_G_PER_ML);
  // The juice has its own share already: what is added must do so for itself and the water.
  return (freshAcidity * peelG * waterToPeel) / (1 - freshAcidity);
}

/** The same as parts of a batch, in the order they go in. */
export function extendedCitrusParts(p: ExtendedCitrus): HomeMadePart[] {
  const { citricG, malicG, waterG } = extendedCitrus(p);
  const plain = { hot: false, cold: false, strained: false };
  return [
    { ...plain, pantry: 'citrus-peel', g: p.peelG, strained: true },
    { ...plain, pantry: 'citric-acid', g: citricG },
    ...(malicG > 0.05 ? [{ ...plain, pantry: 'malic-acid', g: malicG }] : []),
    { ...plain, pantry: 'water', g: waterG },
    ...(p.juiceG > 0 ? [{ ...plain, kind: p.juice.id, g: p.juiceG }] : []),
  ];
}

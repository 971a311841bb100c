import { bisect } from '../base/numbers.js';
import type { Kind } from '../catalogue/kind.js';
import { ethanolWaterGPerMl, massFractionOfAbv } from '../bench/ethanol.js';
import { saltGPerMl } from '../bench/salt.js';
import { sucroseDensityGPerMl, sugarGPerLOfBrix } from '../bench/solution.js';

/** Room that a gram of solids takes in a liquid with alcohol, ml (common practice for sucrose). */
const SOLIDS_ML_PER_G = 0.62;
/** Water takes up no more salt, grams in 100 g. */
const MAX_SALT = 26;
/** The sucrose curve ends here. */
const MAX_BRIX = 75;

/** What a liquid's density follows from. */
export type Liquid = Pick<Kind, 'abv' | 'sugarGPerL'> & Partial<Pick<Kind, 'acidGPerL' | 'saltGPerL'>>;

/** How much denser so much salt in a litre makes it than water. */
function brineFactor(saltGPerL: number): number {
  if (saltGPerL === 0) return 1;
  const percent = bisect(
    (p) => p * 10 * saltGPerMl(p),
    Math.min(saltGPerL, MAX_SALT * 10 * saltGPerMl(MAX_SALT)),
    0,
    MAX_SALT,
  );
  return saltGPerMl(percent) / saltGPerMl(0);
}

/**
 * Density of a kind's liquid at 20 °C, g/ml, from its strength and what is dissolved in it, sugar and acid alike:
 * ethanol and water by OIML R 22, solids without alcohol by the sucrose curve, beside alcohol by the room they take; salt
 * by its own curve.
 *
 * @example liquidGPerMl({ abv: 0.4, sugarGPerL: 0 }) // 0.948
 */
export function liquidGPerMl({ abv, sugarGPerL, acidGPerL = 0, saltGPerL = 0 }: Liquid): number {
  const solids = sugarGPerL + acidGPerL;
  if (abv === 0) {
    const brix = bisect(sugarGPerLOfBrix, Math.min(solids, sugarGPerLOfBrix(MAX_BRIX)), 0, MAX_BRIX);
    return sucroseDensityGPerMl(brix) * brineFactor(saltGPerL);
  }
  // A litre: its solids, and what room they leave for ethanol and water.
  const liquidMl = 1000 - solids * SOLIDS_ML_PER_G;
  const strength = Math.min(1, (abv * 1000) / liquidMl);
  return (liquidMl * ethanolWaterGPerMl(massFractionOfAbv(strength)) + solids) / 1000;
}

/**
 * What a bottle weighs empty, g, from what it weighs with so much in it.
 *
 * @param grossG with its content; `ml` the content.
 */
export function emptyFromGross(grossG: number, ml: number, kind: Liquid): number {
  return grossG - ml * liquidGPerMl(kind);
}

/** What is left in a bottle, ml, from what it weighs now: nothing where it weighs less than empty. */
export function leftFromGross(grossG: number, emptyG: number, kind: Liquid): number {
  return Math.max(0, (grossG - emptyG) / liquidGPerMl(kind));
}

import { waterMlFromReading } from './water-density.js';

/** A vessel's volume as measured. */
export interface Calibration {
  ml: number;
  /** Standard deviation of that volume. */
  errorMl: number;
}

/** A fill's own scatter in ml: water stands up above a rim, or a drop clings (common practice). */
const FILL_SCATTER_ML = 0.2;

/**
 * A vessel's volume from the water it holds, weighed once or several times: the mean, and how far
 * it may be off. One weighing is taken to scatter as fills usually do.
 *
 * @param readingsG what the scale showed with the empty vessel tared away.
 * @param stepG the scale's smallest step.
 * @throws RangeError when there is no reading, or one is not above nothing.
 */
export function calibrateByWater(readingsG: readonly number[], celsius: number, stepG: number): Calibration {
  if (readingsG.length === 0) throw new RangeError('weigh the water at least once');
  if (readingsG.some((g) => !(g > 0)))
    throw new RangeError('a reading must be above nothing: tare, then fill');
  const n = readingsG.length;
  const mean = readingsG.reduce((sum, g) => sum + g, 0) / n;
  const spread = n === 1 ? 0 : readingsG.reduce((sum, g) => sum + (g - mean) ** 2, 0) / (n - 1);
  // A step of the display hides up to half of itself either way: uniform, so step/√12.
  const rounding = stepG ** 2 / 12;
  const variance = Math.max(spread, FILL_SCATTER_ML ** 2, rounding) / n;
  return { ml: waterMlFromReading(mean, celsius), errorMl: waterMlFromReading(Math.sqrt(variance), celsius) };
}

/**
 * A vessel's volume from pours of a known line: how often the measure was emptied into it, the last
 * one perhaps in part.
 *
 * @param lineMl the line that was filled, and its error.
 * @param lastShare how much of the last fill went in, 0 to 1.
 */
export function calibrateByPours(
  lineMl: Calibration,
  wholeFills: number,
  lastShare: number,
  lastShareError = 0.1,
): Calibration {
  const ml = lineMl.ml * (wholeFills + lastShare);
  const partial = lastShare > 0 ? lineMl.ml * lastShareError : 0;
  return { ml, errorMl: Math.hypot(lineMl.errorMl * Math.sqrt(wholeFills + lastShare), partial) };
}

/**
 * Volume measures of the bar, all held as millilitres.
 *
 * Exact values: NIST Handbook 44, appendix C (US customary) and the UK Units of
 * Measurement Regulations 1995 (imperial ounce).
 */
export const ML_PER_US_OUNCE = 29.5735295625;
const ML_PER_IMPERIAL_OUNCE = 28.4130625;
/** Common practice wherever jiggers are metric. */
const ML_PER_BAR_OUNCE = 30;
const ML_PER_CENTILITRE = 10;
/** Metric spoons; a US customary teaspoon is 4.93 ml, a tablespoon 14.79 ml. */
const ML_PER_TEASPOON = 5;
const ML_PER_TABLESPOON = 15;
/** No standard exists; common practice is 2.5 to 5 ml, so calibrate your own. */
const ML_PER_BAR_SPOON = 5;
/** Common practice: 0.6 to 1.0 ml by bottle. */
export const ML_PER_DASH = 0.9;
const ML_PER_DROP = 0.05;

/** Every measure an amount may be written in, with the millilitres it stands for. */
export const ML_PER_MEASURE = {
  ml: 1,
  cl: ML_PER_CENTILITRE,
  'us-oz': ML_PER_US_OUNCE,
  'imperial-oz': ML_PER_IMPERIAL_OUNCE,
  'bar-oz': ML_PER_BAR_OUNCE,
  teaspoon: ML_PER_TEASPOON,
  tablespoon: ML_PER_TABLESPOON,
  'bar-spoon': ML_PER_BAR_SPOON,
  dash: ML_PER_DASH,
  drop: ML_PER_DROP,
} as const satisfies Record<string, number>;

export type VolumeMeasure = keyof typeof ML_PER_MEASURE;

/** The measures a reader may choose to see specs in. */
export const READER_MEASURES = ['ml', 'cl', 'us-oz', 'bar-oz'] as const;
export type ReaderMeasure = (typeof READER_MEASURES)[number];

/** Millilitres in `value` of `measure`. */
export function toMl(value: number, measure: VolumeMeasure): number {
  return value * ML_PER_MEASURE[measure];
}

/** How many of `measure` make `ml` millilitres. */
export function fromMl(ml: number, measure: VolumeMeasure): number {
  return ml / ML_PER_MEASURE[measure];
}

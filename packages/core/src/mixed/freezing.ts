/** Where a home freezer stands, °C. */
export const FREEZER_C = -18;

/** Freezing points of ethanol in water by % vol, °C (published tables, from memory, ± 1 °C). */
const POINTS: readonly (readonly [abv: number, celsius: number])[] = [
  [0, 0],
  [0.1, -4],
  [0.2, -9],
  [0.3, -15],
  [0.4, -23],
  [0.5, -32],
];
/** Sugar lowers it a little more, °C by gram in a litre. */
const SUGAR_C_PER_G_PER_L = 0.006;

/**
 * At what temperature a mix begins to freeze, °C: by its strength, between the points of a published table, and its
 * sugar. Beyond 50 % vol as at 50.
 *
 * @example freezingPointC(0.24, 100) // −12
 */
export function freezingPointC(abv: number, sugarGPerL: number): number {
  const above = POINTS.findIndex(([a]) => a >= abv);
  const [a2, c2] = POINTS[above < 0 ? POINTS.length - 1 : above] as readonly [number, number];
  const [a1, c1] = POINTS[Math.max(0, (above < 0 ? POINTS.length : above) - 1)] as readonly [number, number];
  const alcohol = a2 === a1 || above < 0 ? c2 : c1 + ((c2 - c1) * (abv - a1)) / (a2 - a1);
  return alcohol - sugarGPerL * SUGAR_C_PER_G_PER_L;
}

/** How a batch pours from the freezer. */
export type FromFreezer = 'liquid' | 'thick' | 'slush';
/** So near to its freezing point it still pours, thickly (common practice: a dry stirred batch of 33 %). */
const THICK_WITHIN_C = 4;

/** Whether a mix may wait in the freezer: a Negroni-like batch of 24 % turns to slush, one of 33 % pours thick. */
export function fromFreezer(abv: number, sugarGPerL: number, freezerC = FREEZER_C): FromFreezer {
  const point = freezingPointC(abv, sugarGPerL);
  if (point <= freezerC) return 'liquid';
  return point <= freezerC + THICK_WITHIN_C ? 'thick' : 'slush';
}

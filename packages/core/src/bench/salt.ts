/**
 * Density of salt in water at 20 °C, g/ml by grams in 100 g: CRC Handbook of Chemistry and Physics, concentrative
 * properties of aqueous solutions (from memory). Strengths between lie on straight lines.
 */
const SALT_DENSITY_AT: readonly (readonly [percent: number, gPerMl: number])[] = [
  [0, 0.9982],
  [4, 1.0268],
  [8, 1.0559],
  [12, 1.0857],
  [16, 1.1162],
  [20, 1.1478],
  [26, 1.1972],
];

/**
 * Density of a salt solution at 20 °C, g/ml.
 *
 * @param percent grams of salt in 100 g of solution; what is beyond saturation counts as saturated.
 * @example saltGPerMl(20) // 1.148
 */
export function saltGPerMl(percent: number): number {
  const at = SALT_DENSITY_AT.findIndex(([p]) => p >= percent);
  const [high, low] = [SALT_DENSITY_AT[at], SALT_DENSITY_AT[at - 1]];
  if (high === undefined) return SALT_DENSITY_AT.at(-1)?.[1] ?? 1;
  if (low === undefined) return high[1];
  return low[1] + ((high[1] - low[1]) * (percent - low[0])) / (high[0] - low[0]);
}

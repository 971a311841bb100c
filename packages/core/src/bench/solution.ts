/**
 * Density of sucrose solutions at 20 °C, g/ml by °Brix, at a few published strengths:
 * NBS Circular 440 (from memory). Strengths between lie on the one curve through these.
 */
const DENSITY_AT: readonly (readonly [brix: number, gPerMl: number])[] = [
  [0, 0.9982],
  [20, 1.081],
  [40, 1.1764],
  [60, 1.2865],
  [70, 1.3472],
];

/**
 * Density in g/ml of a sucrose solution at 20 °C, by Lagrange's interpolation of the published points.
 *
 * @param brix grams of sugar in 100 g, 0 to 75.
 */
export function sucroseDensityGPerMl(brix: number): number {
  return DENSITY_AT.reduce((sum, [x, y]) => {
    const weight = DENSITY_AT.reduce(
      (w, [other]) => (other === x ? w : (w * (brix - other)) / (x - other)),
      1,
    );
    return sum + weight * y;
  }, 0);
}

/**
 * °Brix of a syrup mixed by weight.
 *
 * @param ratio grams of sweetener to one gram of water: 2 for "2:1".
 * @param sweetenerBrix °Brix of what sweetens it: 100 for dry sugar, about 82 for honey.
 */
export function brixOfRatio(ratio: number, sweetenerBrix = 100): number {
  return (ratio * sweetenerBrix) / (ratio + 1);
}

/** Grams of sugar in a litre of solution. */
export function sugarGPerLOfBrix(brix: number): number {
  return brix * 10 * sucroseDensityGPerMl(brix);
}

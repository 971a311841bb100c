/**
 * Density of air-free water in g/ml at a temperature in °C, 0 to 100 at one atmosphere.
 *
 * Kell, J. Chem. Eng. Data 20 (1975) 97, the form that the CRC Handbook's table follows.
 *
 * @throws RangeError outside 0 to 100 °C.
 */
export function waterDensityGPerMl(celsius: number): number {
  if (!(celsius >= 0 && celsius <= 100)) throw new RangeError('water is weighed between 0 and 100 °C');
  const t = celsius;
  const above =
    999.83952 +
    16.945176 * t -
    7.9870401e-3 * t ** 2 -
    46.170461e-6 * t ** 3 +
    105.56302e-9 * t ** 4 -
    280.54253e-12 * t ** 5;
  return above / (1 + 16.87985e-3 * t) / 1000;
}

/** Density of air at sea level and room temperature, and of the steel weights scales are set with, g/ml. */
const AIR_G_PER_ML = 0.0012;
const WEIGHTS_G_PER_ML = 8;

/**
 * Millilitres of water from what a scale reads, air's lift allowed for (ISO 4787, ISO 8655-6: the
 * factor is 1.0029 ml/g at 20 °C).
 */
export function waterMlFromReading(readingG: number, celsius: number): number {
  const lift = (1 - AIR_G_PER_ML / WEIGHTS_G_PER_ML) / (waterDensityGPerMl(celsius) - AIR_G_PER_ML);
  return readingG * lift;
}

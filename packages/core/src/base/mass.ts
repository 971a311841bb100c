/**
 * Masses, held as grams.
 *
 * International avoirdupois values, exact by definition: NIST Handbook 44, appendix C.
 */
export const G_PER_OUNCE = 28.349523125;
export const G_PER_POUND = 453.59237;

/** Grams in `ounces` avoirdupois. */
export function ouncesToG(ounces: number): number {
  return ounces * G_PER_OUNCE;
}

/** Avoirdupois ounces in `g` grams. */
export function gToOunces(g: number): number {
  return g / G_PER_OUNCE;
}

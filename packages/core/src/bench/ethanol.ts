import { bisect } from '../base/numbers.js';

/** Density of ethanol at 20 °C, g/ml: OIML R 22 tables (from memory). */
export const ETHANOL_G_PER_ML = 0.78924;

/** OIML R 22, density of ethanol and water at 20 °C in kg/m³ by powers of the mass fraction (from memory). */
const OIML_A = [
  998.20123, -192.9769495, 389.1238958, -1668.103923, 13522.15441, -88292.78388, 306287.4042, -613838.1234,
  747017.2998, -547846.1354, 223446.0334, -39032.85426,
] as const;

/** Density of ethanol and water at 20 °C, g/ml, by ethanol's share of the mass, 0 to 1. */
export function ethanolWaterGPerMl(massFraction: number): number {
  return OIML_A.reduce((sum, a, power) => sum + a * massFraction ** power, 0) / 1000;
}

/** Alcohol by volume, a fraction, by ethanol's share of the mass. */
export function abvOfMassFraction(massFraction: number): number {
  return (massFraction * ethanolWaterGPerMl(massFraction)) / ETHANOL_G_PER_ML;
}

/**
 * Ethanol's share of the mass, by alcohol by volume.
 *
 * @param abv a fraction, 0 to 1.
 */
export function massFractionOfAbv(abv: number): number {
  // The strength by volume rises with the share by mass.
  return bisect(abvOfMassFraction, abv, 0, 1);
}

/** Grams a mole of sucrose, and of water. */
const SUCROSE_G_PER_MOL = 342.3;
const WATER_G_PER_MOL = 18.015;
/** Norrish's constant for sucrose: Norrish, J. Food Technol. 1 (1966) 25 (from memory). */
const NORRISH_K = 6.47;

/** At or below this no acid or chilling is asked of a food (US 21 CFR 113.3 and 114.3, from memory). */
export const REGULATORY_ACTIVITY = 0.85;

/**
 * Water activity of a sucrose solution, 0 to 1: ln a_w = ln x_w − K·x_s² (Norrish 1966).
 *
 * @param brix grams of sugar in 100 g, 0 to below 100.
 */
export function waterActivity(brix: number): number {
  const sucrose = brix / SUCROSE_G_PER_MOL;
  const water = (100 - brix) / WATER_G_PER_MOL;
  const share = sucrose / (sucrose + water);
  return (1 - share) * Math.exp(-NORRISH_K * share ** 2);
}

import type { Solute } from '../catalogue/keeps-as.js';

/** Grams a mole. */
const WATER_G_PER_MOL = 18.015;
const SUCROSE_G_PER_MOL = 342.3;
const INVERT_G_PER_MOL = 180.16;
const ACID_G_PER_MOL = 192.12;
/**
 * Norrish's constants (from memory): sucrose 6.47 and glucose or fructose about 2.25, Norrish, J. Food Technol. 1
 * (1966) 25; citric acid 6.17, Chirife and Ferro Fontán, J. Food Sci. 45 (1980) 802.
 */
const NORRISH_K = { sucrose: 6.47, invert: 2.25, acid: 6.17 } as const;

/** At or below this no acid or chilling is asked of a food (US 21 CFR 113.3 and 114.3, from memory). */
export const REGULATORY_ACTIVITY = 0.85;

/**
 * Water activity of salt in water by grams in 100 g, at 25 °C: Chirife and Resnik, J. Food Sci. 49 (1984) 1486 (from
 * memory). Strengths between lie on straight lines.
 */
const SALT_ACTIVITY: readonly (readonly [percent: number, activity: number])[] = [
  [0, 1],
  [5, 0.97],
  [10, 0.935],
  [15, 0.892],
  [20, 0.839],
  [26, 0.757],
];

/** ln a_w = ln x_w − K·x_s², of one solute alone in the water (Norrish 1966). */
function norrish(soluteG: number, gPerMol: number, k: number, waterG: number): number {
  const solute = soluteG / gPerMol;
  const share = solute / (solute + waterG / WATER_G_PER_MOL);
  return (1 - share) * Math.exp(-k * share ** 2);
}

function ofSalt(saltG: number, waterG: number): number {
  const percent = (100 * saltG) / (saltG + waterG);
  const at = SALT_ACTIVITY.findIndex(([p]) => p >= percent);
  const [high, low] = [SALT_ACTIVITY[at], SALT_ACTIVITY[at - 1]];
  if (high === undefined) return SALT_ACTIVITY.at(-1)?.[1] ?? 1;
  if (low === undefined) return high[1];
  return low[1] + ((high[1] - low[1]) * (percent - low[0])) / (high[0] - low[0]);
}

/** What is dissolved in a batch's water, grams. */
export type Dissolved = Partial<Record<Solute | 'acid', number>>;

/**
 * Water activity of a solution of several things, 0 to 1: the product of what each would make of the water alone (Ross,
 * Food Technol. 29 (1975) 26). Gum is too large a molecule to count.
 *
 * @example activityOf({ invert: 82 }, 18) // honey, about 0.55
 */
export function activityOf(
  { sucrose = 0, invert = 0, salt = 0, acid = 0 }: Dissolved,
  waterG: number,
): number {
  if (waterG <= 0) return sucrose + invert + salt + acid > 0 ? 0 : 1;
  return (
    norrish(sucrose, SUCROSE_G_PER_MOL, NORRISH_K.sucrose, waterG) *
    norrish(invert, INVERT_G_PER_MOL, NORRISH_K.invert, waterG) *
    norrish(acid, ACID_G_PER_MOL, NORRISH_K.acid, waterG) *
    ofSalt(salt, waterG)
  );
}

/**
 * Water activity of a sucrose solution, 0 to 1.
 *
 * @param brix grams of sugar in 100 g, 0 to below 100.
 */
export function waterActivity(brix: number): number {
  return activityOf({ sucrose: brix }, 100 - brix);
}

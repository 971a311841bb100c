/** Up to this strength a thing counts as without alcohol, a fraction (common practice). */
export const NO_ALCOHOL_ABV = 0.005;

/** How strong a drink is, as people ask for it. */
export const STRENGTHS = ['none', 'light', 'middling', 'strong'] as const;
export type Strength = (typeof STRENGTHS)[number];

/**
 * The lowest ABV as served that is no longer light, and no longer middling (common practice: a highball is light, a sour
 * middling, a stirred drink of spirits alone strong).
 */
export const MIDDLING_ABV = 0.12;
export const STRONG_ABV = 0.22;

/**
 * How strong a drink is by its ABV as served, a fraction.
 *
 * @example strengthOf(0.15) // 'middling'
 */
export function strengthOf(abv: number): Strength {
  if (abv <= NO_ALCOHOL_ABV) return 'none';
  if (abv < MIDDLING_ABV) return 'light';
  return abv < STRONG_ABV ? 'middling' : 'strong';
}

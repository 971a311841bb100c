/**
 * Energy of what a drink holds, in kcal: 7 a gram of alcohol, 4 of sugar, 3 of organic acid.
 *
 * Regulation (EU) No 1169/2011, annex XIV (from memory).
 */
export function kilocalories(ethanolG: number, sugarG: number, acidG: number): number {
  return 7 * ethanolG + 4 * sugarG + 3 * acidG;
}

import { ETHANOL_G_PER_ML } from '../bench/ethanol.js';

/** Grams of ethanol in `ml` of it. */
export function ethanolG(ml: number): number {
  return ml * ETHANOL_G_PER_ML;
}

/** How a country counts drinks. */
export interface StandardDrink {
  g: number;
  /** What it is called there. */
  word: [one: string, many: string];
}

const STANDARD: StandardDrink['word'] = ['standard drink', 'standard drinks'];

/**
 * Grams of alcohol in one standard drink, by ISO 3166 country; from memory of national guidance:
 * 14 US, 8 UK, 13.45 Canada, 20 Japan, 12 Italy, 10 in Ireland, Australia, India and much of Europe.
 */
const BY_COUNTRY: Record<string, StandardDrink> = {
  US: { g: 14, word: STANDARD },
  GB: { g: 8, word: ['unit', 'units'] },
  CA: { g: 13.45, word: STANDARD },
  JP: { g: 20, word: STANDARD },
  IT: { g: 12, word: STANDARD },
};

/**
 * The standard drink of a BCP 47 locale's country; 10 g where we know no other.
 *
 * @example standardDrink('en-GB').g // 8
 */
export function standardDrink(locale: string): StandardDrink {
  const country = locale.split('-').at(-1) ?? '';
  return BY_COUNTRY[country] ?? { g: 10, word: STANDARD };
}

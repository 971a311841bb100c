import { MIDDLING_ABV, STRONG_ABV, type Strength } from '@uisce/core/drink';

const percent = (abv: number) => Math.round(abv * 100);

/** What each strength is called wherever it is asked for, with where it begins and ends. */
export const STRENGTH_WORDS: Record<Strength, string> = {
  none: 'No alcohol',
  light: `Light, under ${percent(MIDDLING_ABV)} %`,
  middling: `Middling, ${percent(MIDDLING_ABV)} to ${percent(STRONG_ABV)} %`,
  strong: `Strong, ${percent(STRONG_ABV)} % and over`,
};

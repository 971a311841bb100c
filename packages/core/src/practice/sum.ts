import { randomFrom } from '../base/random.js';
import { ML_PER_US_OUNCE } from '../base/volume.js';

/** What is worked out at the counter, in the head. */
export const SUMS = ['ounces', 'half', 'times', 'left'] as const;

/** A sum: what is asked, as data, and what comes out. */
export type Sum = { answer: number; withinMl: number } & (
  | { ask: 'ounces'; quarters: number }
  | { ask: 'half'; ml: number }
  | { ask: 'times'; ml: number; glasses: number }
  /** What a bottle holds after so many drinks. */
  | { ask: 'left'; bottleMl: number; ml: number; drinks: number }
);

const AMOUNTS_ML = [7.5, 10, 15, 20, 22.5, 25, 30, 35, 40, 45, 50, 60];
const BOTTLES_ML = [500, 700, 750, 1000];

/**
 * A sum, always the same for the same seed.
 *
 * @example sumOf(3) // { ask: 'half', ml: 22.5, answer: 11.25, … }
 */
export function sumOf(seed: number): Sum {
  const random = randomFrom(seed);
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
  switch (pick(SUMS)) {
    case 'ounces': {
      const quarters = 1 + Math.floor(random() * 10);
      // What a jigger of 30 ml an ounce pours is near enough at the counter.
      const answer = (quarters / 4) * ML_PER_US_OUNCE;
      return { ask: 'ounces', quarters, answer, withinMl: Math.max(0.6, answer * 0.02) };
    }
    case 'half': {
      const ml = pick(AMOUNTS_ML);
      return { ask: 'half', ml, answer: ml / 2, withinMl: 0.26 };
    }
    case 'times': {
      const ml = pick(AMOUNTS_ML);
      const glasses = 2 + Math.floor(random() * 7);
      return { ask: 'times', ml, glasses, answer: ml * glasses, withinMl: 0.5 };
    }
    case 'left': {
      const bottleMl = pick(BOTTLES_ML);
      const ml = pick(AMOUNTS_ML.filter((a) => a >= 20));
      const drinks = 1 + Math.floor(random() * Math.min(12, Math.floor(bottleMl / ml) - 1));
      return { ask: 'left', bottleMl, ml, drinks, answer: bottleMl - ml * drinks, withinMl: 0.5 };
    }
  }
}

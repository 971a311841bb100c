import type { CardScore } from './card.js';

/** Keep a number among the least so many. */
export function keepLeast(least: number[], n: number, most: number): void {
  if (least.length < most) least.push(n);
  else {
    const worst = Math.max(...least);
    if (n < worst) least[least.indexOf(worst)] = n;
  }
}

/** Worse than any card. */
export const NEVER: CardScore = {
  lacking: Infinity,
  money: Infinity,
  parts: Infinity,
  work: Infinity,
  sameness: Infinity,
};

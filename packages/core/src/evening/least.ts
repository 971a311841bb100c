import type { MenuScore } from './menu.js';

/** Keep a number among the least so many. */
export function keepLeast(least: number[], n: number, most: number): void {
  if (least.length < most) least.push(n);
  else {
    const worst = Math.max(...least);
    if (n < worst) least[least.indexOf(worst)] = n;
  }
}

/** Worse than any menu. */
export const NEVER: MenuScore = {
  lacking: Infinity,
  money: Infinity,
  parts: Infinity,
  work: Infinity,
  sameness: Infinity,
};

import type { NodeView } from './node-view.js';

/** What a node must promise to be worth opening: this merit at this budget. */
export interface Cutoff {
  budget: number;
  merit: number;
}

const BISECTIONS = 9;
const MAX_DOUBLINGS = 60;

/** The budget of the cutoff that is cleared best at a multiplier of the budget. */
export function bindingBudget(cutoffs: readonly Cutoff[], money: number): number {
  let best = -Infinity;
  let at = 0;
  for (const { budget, merit } of cutoffs) {
    const clear = money * budget - merit;
    if (clear > best) {
      best = clear;
      at = budget;
    }
  }
  return at;
}

/**
 * The multiplier of the budget at which the cutoff that is cleared best is cleared by least: the lowest, but
 * for what bisection leaves, at which what is worth buying can be paid for.
 *
 * @param worth of each item before money is counted.
 * @param before the last such price: it moves little from one step to the next.
 */
export function budgetMultiplier(
  view: NodeView,
  prices: Float64Array,
  worth: Float64Array,
  cutoffs: readonly Cutoff[],
  before: number,
): number {
  const overspends = (money: number): boolean => {
    let left = bindingBudget(cutoffs, money) - view.spent;
    for (let q = 0; q < view.freeCount && left >= 0; q++) {
      const i = view.free[q]!;
      if (worth[i]! > money * prices[i]!) left -= prices[i]!;
    }
    return left < 0;
  };
  let low = before * 0.9;
  let high = Math.max(before * 1.1, 1e-6);
  for (let tries = 0; tries < MAX_DOUBLINGS && overspends(high); tries++) {
    low = high;
    high *= 2;
  }
  if (!overspends(low)) low = 0;
  for (let t = 0; t < BISECTIONS; t++) {
    const middle = (low + high) / 2;
    if (overspends(middle)) low = middle;
    else high = middle;
  }
  return high;
}

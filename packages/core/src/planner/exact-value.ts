import { gcd } from '../base/numbers.js';
import type { PlanProblem } from './problem.js';

/** Past this many decimals, values are rounded to a millionth before they are compared. */
const MAX_DECIMALS = 6;

const QUARTERS = 4;

function decimals(value: number): number {
  const [mantissa = '', exponent = '0'] = value.toString().toLowerCase().split('e');
  return Math.max(0, (mantissa.split('.')[1] ?? '').length - Number(exponent));
}

/**
 * Turns weight × fit into whole numbers of one common step, so that two sets are compared without
 * rounding error: with weights 1 and fits 1 and 0.85 the step is 0.05 and the values 20 and 17.
 */
export class ValueScale {
  private readonly power: number;
  private readonly divisor: number;

  constructor(problem: PlanProblem) {
    const weights = new Set(problem.drinks.map((d) => d.weight));
    // The variety lens counts in whole drinks and in quarters of a drink's worth.
    if (problem.variety) weights.add(1);
    const fits = new Set([1]);
    for (const drink of problem.drinks) {
      for (const slot of drink.slots) for (const alternative of slot.any) fits.add(alternative.fit);
    }
    const need = Math.max(0, ...[...weights].map(decimals)) + Math.max(0, ...[...fits].map(decimals));
    this.power = 10 ** Math.min(need, MAX_DECIMALS);
    let common = 0;
    for (const w of weights) for (const f of fits) common = gcd(common, Math.round(w * f * this.power));
    this.divisor = (common === 0 ? 1 : common) / (problem.variety ? QUARTERS : 1);
  }

  /** Whole steps in weight × fit. */
  steps(weight: number, fit: number): number {
    return Math.round((weight * fit * this.power) / this.divisor);
  }

  /** The number of steps that a value is. */
  stepsOf(value: number): number {
    return Math.round((value * this.power) / this.divisor);
  }

  /** The value that a number of steps stands for. */
  value(steps: number): number {
    return (steps * this.divisor) / this.power;
  }
}

import type { Scale, ScaleReading } from './scale.js';

/** How a simulated scale behaves. */
export interface ScaleTraits {
  capacityG: number;
  stepG: number;
  /** Standard deviation of its noise. */
  noiseG: number;
  /** Time in which a change has come through by 63 %. */
  settleMs: number;
  /** How far its nought wanders in a minute. */
  driftGPerMinute: number;
}

/** A kitchen scale to 1 g, and a fine one for acids. */
export const KITCHEN_SCALE: ScaleTraits = {
  capacityG: 3000,
  stepG: 1,
  noiseG: 0.25,
  settleMs: 250,
  driftGPerMinute: 0.1,
};
export const FINE_SCALE: ScaleTraits = {
  capacityG: 500,
  stepG: 0.1,
  noiseG: 0.03,
  settleMs: 250,
  driftGPerMinute: 0.02,
};

/** Within half a step of where it is going it is at rest. */
const RESTED_STEPS = 0.5;

/**
 * A simulated scale: what is put on it comes through with a lag and noise, and too much
 * of it shows overload. Its time is given to it, and so is its chance.
 */
export class SimulatedScale implements Scale {
  readonly capacityG: number;
  readonly stepG: number;
  private loadG = 0;
  private shownG = 0;
  private tareG = 0;
  private noiseG = 0;
  private driftG = 0;

  /** @param random numbers evenly from 0 up to 1. */
  constructor(
    private readonly traits: ScaleTraits,
    private readonly random: () => number,
  ) {
    this.capacityG = traits.capacityG;
    this.stepG = traits.stepG;
  }

  /** What stands on it now, in true grams. */
  get load(): number {
    return this.loadG;
  }

  /** Put something on, or take it off with a negative mass; no less than nothing stands on it. */
  put(massG: number): void {
    this.loadG = Math.max(0, this.loadG + massG);
  }

  /** Let time pass. */
  pass(ms: number): void {
    const share = 1 - Math.exp(-ms / this.traits.settleMs);
    this.shownG += (this.loadG - this.shownG) * share;
    this.driftG += (this.traits.driftGPerMinute * ms) / 60_000;
    // Box and Muller's transform: two even numbers make one normal one.
    const u = Math.max(this.random(), Number.MIN_VALUE);
    this.noiseG = this.traits.noiseG * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * this.random());
  }

  tare(): void {
    this.tareG = this.shownG + this.noiseG + this.driftG;
  }

  read(): ScaleReading {
    if (this.shownG > this.capacityG) return { g: undefined, stable: false };
    const g = Math.round((this.shownG + this.noiseG + this.driftG - this.tareG) / this.stepG) * this.stepG;
    const stable = Math.abs(this.loadG - this.shownG) < this.stepG * RESTED_STEPS;
    // −0 would print as "-0".
    return { g: Number(g.toFixed(3)) + 0, stable };
  }
}

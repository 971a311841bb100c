/** A refractometer, real or simulated: a drop on its glass reads °Brix. */
interface Refractometer {
  /** The smallest step it shows. */
  readonly stepBrix: number;
  read(trueBrix: number, celsius: number): number | undefined;
}

/** It reads up to here. */
const MAX_BRIX = 85;
const NOISE_BRIX = 0.15;
/** Without temperature compensation a reading falls by about so much a degree above 20 °C (common practice). */
const PER_DEGREE = 0.07;

/** A simulated hand refractometer with 0.5 steps, not compensated for temperature. */
export class SimulatedRefractometer implements Refractometer {
  readonly stepBrix = 0.5;

  /** @param random numbers evenly from 0 up to 1. */
  constructor(private readonly random: () => number) {}

  read(trueBrix: number, celsius: number): number | undefined {
    const noise = (this.random() + this.random() - 1) * 2 * NOISE_BRIX;
    const seen = trueBrix - PER_DEGREE * (celsius - 20) + noise;
    if (seen < 0 || seen > MAX_BRIX) return undefined;
    return Math.round(seen / this.stepBrix) * this.stepBrix;
  }
}

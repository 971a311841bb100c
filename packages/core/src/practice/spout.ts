/** How a bottle is poured from. */
export const SPOUTS = ['metal', 'slow', 'neck'] as const;
export type Spout = (typeof SPOUTS)[number];

/**
 * ml a second of something as thin as spirit from a bottle that is half full. A metal spout: about 30 (common practice). A
 * narrow one and a bare neck: assumptions.
 */
const FLOW_ML_PER_S: Record<Spout, number> = { metal: 30, slow: 20, neck: 55 };

/** A liquid as far as it flows. */
export interface FlowingLiquid {
  sugarGPerL: number;
}

/**
 * How much slower sugar makes a liquid: 1:1 syrup (615 g/l) runs at three quarters (assumption: "thicker liquid slower" is
 * common practice, the figure is ours).
 */
const SLOWER_PER_KG = 0.55;

/** A low bottle runs slower: with the root of what stands above the spout, and never at nothing (assumption). */
const HEAD = { empty: 0.4, half: 0.7 };

/**
 * ml a second that leave a bottle.
 *
 * @param fullness what is left of what it holds, 0 to 1.
 * @example flowMlPerS('metal', { sugarGPerL: 0 }, 0.5) // 30
 */
export function flowMlPerS(spout: Spout, liquid: FlowingLiquid, fullness: number): number {
  const thick = 1 / (1 + (SLOWER_PER_KG * liquid.sugarGPerL) / 1000);
  const head = Math.sqrt((HEAD.empty + (1 - HEAD.empty) * Math.min(1, Math.max(0, fullness))) / HEAD.half);
  return FLOW_ML_PER_S[spout] * thick * head;
}

/** A stream neither begins nor ends at once: it takes about so long, s (assumption). */
const LAG_S = 0.12;
/** Worked out in steps no longer than this, so that a slow screen pours as a fast one does. */
const LONGEST_STEP_S = 0.005;
/** A stream thinner than this has ended, ml/s. */
const ENDED_ML_PER_S = 0.2;

/** A bottle tilted and set down again: what is in it, what runs, what is in the cup. Nothing is lost between them. */
export class Stream {
  private flow = 0;
  private cup = 0;

  /**
   * @param leftMl what is in the bottle.
   * @param sizeMl what it holds.
   */
  constructor(
    readonly spout: Spout,
    readonly liquid: FlowingLiquid,
    private leftMl: number,
    readonly sizeMl: number,
  ) {}

  get inCupMl(): number {
    return this.cup;
  }
  get inBottleMl(): number {
    return this.leftMl;
  }
  /** ml a second that run now. */
  get runsMlPerS(): number {
    return this.flow;
  }
  /** Whether nothing runs any more. */
  get isStill(): boolean {
    return this.flow < ENDED_ML_PER_S;
  }

  /**
   * Let time pass with the bottle tilted or not.
   *
   * @param seconds any time; it is taken in small steps.
   */
  pass(seconds: number, tilted: boolean): void {
    const steps = Math.max(1, Math.ceil(seconds / LONGEST_STEP_S));
    const step = seconds / steps;
    const nearer = 1 - Math.exp(-step / LAG_S);
    for (let i = 0; i < steps; i++) {
      const towards =
        tilted && this.leftMl > 0 ? flowMlPerS(this.spout, this.liquid, this.leftMl / this.sizeMl) : 0;
      this.flow += (towards - this.flow) * nearer;
      const ran = Math.min(this.leftMl, this.flow * step);
      this.leftMl -= ran;
      this.cup += ran;
      if (this.leftMl === 0) this.flow = 0;
    }
    if (!tilted && this.isStill) this.flow = 0;
  }

  /** Empty the cup and begin again. */
  emptyCup(): void {
    this.cup = 0;
    this.flow = 0;
  }
}

/**
 * How long a bottle has to be held for an amount, s, so that what still runs after it is set down is counted in.
 *
 * @returns undefined where there is not so much in the bottle.
 * @example secondsFor(30, 'metal', { sugarGPerL: 0 }, 350, 700) // about 1
 */
export function secondsFor(
  targetMl: number,
  spout: Spout,
  liquid: FlowingLiquid,
  leftMl: number,
  sizeMl: number,
): number | undefined {
  if (targetMl > leftMl) return undefined;
  const poured = (held: number) => {
    const stream = new Stream(spout, liquid, leftMl, sizeMl);
    stream.pass(held, true);
    for (let i = 0; !stream.isStill && i < 400; i++) stream.pass(LONGEST_STEP_S, false);
    return stream.inCupMl;
  };
  let [low, high] = [0, 60];
  while (high - low > 0.001) {
    const middle = (low + high) / 2;
    if (poured(middle) < targetMl) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

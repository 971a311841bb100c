import type { Cup } from '../catalogue/jigger.js';

/** How far off people fill, as a height: to an inner line, and to the brim (common practice). */
const LINE_ERROR_MM = 0.5;
const BRIM_ERROR_MM = 0.3;
/** A spec is met when it is as near as this, error included. */
export const SPEC_TOLERANCE = 0.05;
/** Nobody counts more fills than this. */
const MAX_FILLS = 6;
/** Fills tried for one amount: far more than any drawer of measures asks for, and done in a blink. */
const MAX_TRIED = 50_000;

/** A line that can be filled to. */
export interface MeasuringLine {
  vesselId: string;
  vessel: string;
  cup: string;
  ml: number;
  brim: boolean;
  /** dV = A·dh: the area at the line times how far off people fill. */
  errorMl: number;
}

/** Fills that make an amount. */
export interface MeasuringPlan {
  targetMl: number;
  /** Largest first. */
  fills: MeasuringLine[];
  ml: number;
  /** How far the lines' sum and the fills' scatter may be off together. */
  errorMl: number;
  /** The same as a share of the target. */
  share: number;
  /** Whether it is within 5 %. */
  meets: boolean;
}

/** Every line of the household's measures. */
export function measuringLines(
  vessels: readonly { id: string; name: string; cups: Cup[] }[],
): MeasuringLine[] {
  return vessels.flatMap((vessel) =>
    vessel.cups.flatMap((cup) =>
      cup.lines.map((line, i) => {
        const brim = i === cup.lines.length - 1;
        const areaMm2 = (Math.PI / 4) * line.diameterMm ** 2;
        const errorMl = (areaMm2 * (brim ? BRIM_ERROR_MM : LINE_ERROR_MM)) / 1000;
        return { vesselId: vessel.id, vessel: vessel.name, cup: cup.name, ml: line.ml, brim, errorMl };
      }),
    ),
  );
}

/** What fills make of a target: nominal difference and scatter of independent fills added. */
function judge(targetMl: number, fills: readonly MeasuringLine[]): MeasuringPlan {
  const ml = fills.reduce((sum, f) => sum + f.ml, 0);
  const scatter = Math.sqrt(fills.reduce((sum, f) => sum + f.errorMl ** 2, 0));
  const errorMl = Math.abs(ml - targetMl) + scatter;
  const share = errorMl / targetMl;
  return { targetMl, fills: [...fills], ml, errorMl, share, meets: share <= SPEC_TOLERANCE };
}

const vesselsIn = (plan: MeasuringPlan) => new Set(plan.fills.map((f) => f.vesselId)).size;
const CLOSE_ML = 1e-9;

/** Whether one plan is easier than another of as many fills: nearer, then fewer vessels. */
function isBetter(a: MeasuringPlan, b: MeasuringPlan | undefined): boolean {
  if (b === undefined) return true;
  if (Math.abs(a.errorMl - b.errorMl) > CLOSE_ML) return a.errorMl < b.errorMl;
  return vesselsIn(a) < vesselsIn(b);
}

/**
 * The easiest way to measure an amount: within 5 % in the fewest fills, and of those the nearest;
 * when no way is within 5 %, the nearest there is, up to six fills. Undefined without any line. A
 * cupboard of hundreds of lines is searched so far, and the nearest found by then is taken.
 *
 * @example measuringPlan(22.5, measuringLines(kit.vessels))
 */
export function measuringPlan(targetMl: number, lines: readonly MeasuringLine[]): MeasuringPlan | undefined {
  const falling = [...lines].sort((a, b) => b.ml - a.ml);
  let nearest: MeasuringPlan | undefined;
  let tried = 0;
  for (let count = 1; count <= MAX_FILLS; count++) {
    let best: MeasuringPlan | undefined;
    const fills: MeasuringLine[] = [];
    const extend = (from: number, left: number, sum: number): void => {
      if (left === 0) {
        const plan = judge(targetMl, fills);
        if (isBetter(plan, best)) best = plan;
        return;
      }
      for (let i = from; i < falling.length; i++) {
        const line = falling[i] as MeasuringLine;
        const slack = best?.errorMl ?? Infinity;
        // Lines fall from here on: too little to come near, and so is all that follows.
        if (sum + line.ml * left < targetMl - slack) return;
        if (sum + line.ml > targetMl + slack) continue;
        if ((tried += 1) > MAX_TRIED) return;
        fills.push(line);
        extend(i, left - 1, sum + line.ml);
        fills.pop();
      }
    };
    extend(0, count, 0);
    if (best === undefined) continue;
    if (best.meets) return best;
    if (nearest === undefined || best.errorMl < nearest.errorMl - CLOSE_ML) nearest = best;
  }
  return nearest;
}

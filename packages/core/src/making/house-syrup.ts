import { brixOfRatio, sugarGPerLOfBrix } from './solution.js';

/** An amount of one syrup as an amount of another that sweetens as much. */
export interface Rescaled {
  ml: number;
  /** ml of water that the other brings more than the first; below 0, fewer. */
  waterMl: number;
}

/** Water in a ml of syrup of so much °Brix, ml. */
function waterPerMl(brix: number): number {
  const sugar = sugarGPerLOfBrix(brix) / 1000;
  return brix === 0 ? 1 : (sugar * (100 - brix)) / brix / 0.9982;
}

/**
 * The same grams of sugar from a syrup of another strength.
 *
 * @param ml of the syrup the spec was written for.
 * @param fromRatio its sugar to water by weight, 1 for 1:1; @param toRatio the other's.
 * @example rescaleSyrup(15, 1, 2).ml // 10.4 of a 2:1 for 15 ml of a 1:1
 */
export function rescaleSyrup(ml: number, fromRatio: number, toRatio: number): Rescaled {
  const from = brixOfRatio(fromRatio);
  const to = brixOfRatio(toRatio);
  const out = (ml * sugarGPerLOfBrix(from)) / sugarGPerLOfBrix(to);
  return { ml: out, waterMl: out * waterPerMl(to) - ml * waterPerMl(from) };
}

import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures, per100Ml, type DrinkFigures } from '../drink/figures.js';
import { RIGHT_FILL, SERVED_ICE_G } from '../glass/fit.js';

/** One measured part of a drink: what was meant, and what went in; null while it has not been poured. */
export interface PartIn {
  slot: number;
  plannedMl: number;
  inMl: number | null;
}

/** What an overshoot has made of a drink, and what is still to be poured. */
export interface Grown {
  /** How many times the drink it becomes; never less than 1. */
  factor: number;
  /** What ratio would ask for: more than `factor` where tin or glass do not take it. */
  wantedFactor: number;
  /** ml still to add of each part, in the order given: never less than nothing. */
  toAddMl: number[];
}

/** Less than this is not worth another pour. */
export const MIN_MORE_ML = 0.5;

/**
 * What is still to be poured once some parts are in: the part that is most over sets the size, and all others grow
 * with it as far as there is room; nothing is ever taken out.
 *
 * @param roomFactor how many times the drink tin and glass take, at least 1.
 * @example grow([{ slot: 0, plannedMl: 60, inMl: 66 }, { slot: 1, plannedMl: 20, inMl: null }], 1.3).toAddMl // [0, 22]
 */
export function grow(parts: readonly PartIn[], roomFactor: number): Grown {
  const wantedFactor = Math.max(1, ...parts.map((p) => (p.inMl ?? 0) / p.plannedMl));
  const factor = Math.min(wantedFactor, Math.max(1, roomFactor));
  return {
    factor,
    wantedFactor,
    toAddMl: parts.map((p) => Math.max(0, p.plannedMl * factor - (p.inMl ?? 0))),
  };
}

/**
 * How many times a drink its glass and tin take: up to the rim with the least ice people use, and the tin with the ice
 * beside it.
 *
 * @param glassMl of the glass to the brim; @param tinMl for one glass, undefined where it is built in the glass.
 */
export function roomFactor(
  drink: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  glassMl: number,
  tinMl: number | undefined,
): number {
  const { servedMl, mixMl } = drinkFigures(drink, kinds);
  const inGlass = (glassMl * RIGHT_FILL.most - SERVED_ICE_G[drink.ice][0]) / servedMl;
  const inTin = tinMl === undefined ? Infinity : tinMl / mixMl;
  return Math.max(1, Math.min(inGlass, inTin));
}

/**
 * What has to be poured off, of the mixture in the tin, so that what is left can be brought into ratio: the exact way
 * out. 0 where everything fits.
 */
export function pourOffShare({ factor, wantedFactor }: Grown): number {
  return wantedFactor <= factor ? 0 : 1 - factor / wantedFactor;
}

/** How a drink departs from what was meant. */
interface Departure {
  what: 'strength' | 'sugar' | 'acid';
  /** As it is, and as it was meant: ABV a fraction, sugar and acid g in 100 ml. */
  is: number;
  meant: number;
  /** (is − meant) / meant. */
  share: number;
}

/** Below this nobody tastes it (common practice: a twentieth). */
const TASTED_SHARE = 0.05;

/** A drink with other ml of its measured parts, by slot. */
function withMl(drink: Recipe, ml: ReadonlyMap<number, number>): Recipe {
  return {
    ...drink,
    slots: drink.slots.map((slot, i) => {
      const value = ml.get(i);
      return value === undefined
        ? slot
        : { ...slot, amount: { value: Math.max(1e-6, value), measure: 'ml' as const } };
    }),
  };
}

function departures(is: DrinkFigures, meant: DrinkFigures): Departure[] {
  const pairs: [Departure['what'], number, number][] = [
    ['strength', is.abv, meant.abv],
    ['sugar', per100Ml(is.sugarG, is), per100Ml(meant.sugarG, meant)],
    ['acid', per100Ml(is.acidG, is), per100Ml(meant.acidG, meant)],
  ];
  return pairs.flatMap(([what, i, m]) => (m > 1e-6 ? [{ what, is: i, meant: m, share: i / m - 1 }] : []));
}

/** Something to add that mends a drink, and how far off it is then. */
interface Mend {
  slot: number;
  ml: number;
  worst: number;
}

/** What a drink is after an overshoot that cannot grow, and the smallest mend. */
export interface Overshot {
  /** What is off by more than one tastes, the worst first. */
  off: Departure[];
  mend: Mend | undefined;
}

const MEND_STEP_ML = 0.5;
/** A mend that leaves more than this of the fault is none. */
const MENDED_SHARE = 0.8;

/**
 * What a drink is with these ml of its parts in one glass, against what was meant, and the smallest amount of one
 * other part that brings it back: within a twentieth, or as near as there is room for.
 *
 * @param ml of each measured part in one glass, by slot.
 * @param roomMl that glass and tin still take.
 */
export function overshotDrink(
  drink: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  ml: ReadonlyMap<number, number>,
  roomMl: number,
): Overshot {
  const meant = drinkFigures(drink, kinds);
  const offWith = (more: ReadonlyMap<number, number>) =>
    departures(drinkFigures(withMl(drink, more), kinds), meant);
  const worstOf = (found: readonly Departure[]) => Math.max(0, ...found.map((d) => Math.abs(d.share)));
  const now = offWith(ml);
  const worst = worstOf(now);
  let best: Mend | undefined;
  for (const [slot, was] of ml) {
    for (let add = MEND_STEP_ML; add <= roomMl; add += MEND_STEP_ML) {
      const then = worstOf(offWith(new Map(ml).set(slot, was + add)));
      if (then > worst * MENDED_SHARE) continue;
      const good = then <= TASTED_SHARE;
      const bestGood = best !== undefined && best.worst <= TASTED_SHARE;
      const isBetter =
        best === undefined || (good !== bestGood ? good : good ? add < best.ml : then < best.worst - 1e-9);
      if (isBetter) best = { slot, ml: add, worst: then };
      if (good) break;
    }
  }
  const off = now
    .filter((d) => Math.abs(d.share) > TASTED_SHARE)
    .sort((a, b) => Math.abs(b.share) - Math.abs(a.share));
  return { off, mend: worst > TASTED_SHARE ? best : undefined };
}

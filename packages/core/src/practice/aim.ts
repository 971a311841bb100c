import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { comparedFigures } from '../notebook/differences.js';
import type { ComparedFigure } from '../notebook/judge.js';
import { withAmounts } from '../notebook/balance.js';
import type { Pour } from '../pouring/pour.js';
import type { Trial } from './trial.js';

/** How pours lie about what was aimed at. Shares are of the target. */
export interface Aim {
  trials: number;
  /** What is poured on average beyond the target: above nothing is too much. */
  bias: number;
  /** Sample standard deviation (n − 1); undefined for a single pour. */
  spread: number | undefined;
  /** Share of pours within five in the hundred. */
  within: number;
  /** Whether the bias is more than chance: beyond twice its standard error, and beyond a hair. */
  isOff: boolean;
  /** Whether pours lie so near each other as training asks. */
  isEven: boolean;
}

/** Training aims at five in the hundred (common practice). */
const WITHIN = 0.05;
/** Less bias than this is nobody's fault. */
const HAIR = 0.02;
/** Fewer pours than this say nothing of a hand. */
const MIN_TRIALS = 4;

/**
 * Bias and spread of some pours: counting fast, and counting unevenly, are two faults.
 *
 * @example aimOf(trials)?.bias // 0.1: a tenth too much
 */
export function aimOf(trials: readonly Pick<Trial, 'targetMl' | 'pouredMl'>[]): Aim | undefined {
  if (trials.length === 0) return undefined;
  const offs = trials.map((t) => t.pouredMl / t.targetMl - 1);
  const bias = offs.reduce((sum, o) => sum + o, 0) / offs.length;
  const spread =
    offs.length < 2
      ? undefined
      : Math.sqrt(offs.reduce((sum, o) => sum + (o - bias) ** 2, 0) / (offs.length - 1));
  const error = spread === undefined ? Infinity : spread / Math.sqrt(offs.length);
  const enough = offs.length >= MIN_TRIALS;
  return {
    trials: offs.length,
    bias,
    spread,
    within: offs.filter((o) => Math.abs(o) <= WITHIN + 1e-9).length / offs.length,
    isOff: enough && Math.abs(bias) > Math.max(HAIR, 2 * error),
    isEven: enough && (spread ?? Infinity) <= WITHIN,
  };
}

/** How many whole drinks of an amount a bottle gives. */
export function drinksFrom(bottleMl: number, eachMl: number): number {
  return eachMl > 0 ? Math.floor(bottleMl / eachMl + 1e-9) : 0;
}

/** What a pour that is off does to a drink: its figures as written, and with that part poured as it was. */
export function shiftOf(
  recipe: Recipe,
  kind: string,
  share: number,
  kinds: ReadonlyMap<string, Kind>,
): { before: Record<ComparedFigure, number>; after: Record<ComparedFigure, number> } | undefined {
  const slot = recipe.slots.findIndex((s) => s.kind === kind);
  const ml = recipe.slots[slot] && amountMl(recipe.slots[slot].amount);
  if (ml === undefined) return undefined;
  const after = withAmounts(recipe, [{ slot, toMl: ml * (1 + share) }]);
  return { before: comparedFigures(recipe, kinds), after: comparedFigures(after, kinds) };
}

/** What is aimed at where nothing was poured yet, ml. */
const USUAL_TARGETS_ML = [15, 22.5, 30, 45, 60];
/** Less than this is dashed, not counted. */
const MIN_TARGET_ML = 10;

/** The amounts that a household pours most, each glass of its own, the most often first; usual ones fill up. */
export function targetsOf(pours: readonly Pour[], most = 5): number[] {
  const times = new Map<number, number>();
  for (const pour of pours)
    for (const part of pour.parts) {
      const each = Math.round((part.ml / Math.max(1, pour.glasses)) * 2) / 2;
      if (each >= MIN_TARGET_ML) times.set(each, (times.get(each) ?? 0) + pour.glasses);
    }
  const own = [...times].sort((a, b) => b[1] - a[1] || a[0] - b[0]).map(([ml]) => ml);
  return [...new Set([...own, ...USUAL_TARGETS_ML])].slice(0, most).sort((a, b) => a - b);
}

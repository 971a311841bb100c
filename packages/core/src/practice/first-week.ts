import type { Recipe } from '../catalogue/recipe.js';
import type { BatchRecord } from '../bench/batch-record.js';
import type { Kit } from '../kit/kit.js';
import type { Plan } from '../plan/plan.js';
import type { Pour } from '../pouring/pour.js';
import type { Bottle } from '../stock/bottle.js';
import type { Trial } from './trial.js';

/** The first steps of somebody who begins, in their order. */
export const FIRST_STEPS = ['brief', 'kit', 'bottle', 'pours', 'syrup', 'built', 'shaken', 'liked'] as const;
export type FirstStep = (typeof FIRST_STEPS)[number];

/** What a household has really done. */
export interface Done {
  plans: readonly Plan[];
  kit: Kit;
  bottles: readonly Bottle[];
  trials: readonly Trial[];
  batches: readonly BatchRecord[];
  pours: readonly Pour[];
  recipes: ReadonlyMap<string, Recipe>;
}

/** Pours to practise before it counts. */
const SOME_POURS = 10;

/** Which of the first steps were really taken: each is read from what is there, nothing is ticked by hand. */
export function firstWeek({
  plans,
  kit,
  bottles,
  trials,
  batches,
  pours,
  recipes,
}: Done): Record<FirstStep, boolean> {
  const made = (methods: readonly Recipe['method'][]) =>
    pours.some((p) => p.glasses > 0 && methods.includes(recipes.get(p.drink)?.method ?? 'hot'));
  return {
    brief: plans.some((p) => p.brief.moneyNowMinor > 0),
    kit: kit.said,
    bottle: bottles.length > 0,
    pours: trials.length >= SOME_POURS,
    syrup: batches.some((b) => b.madeOn !== null),
    built: made(['build', 'stir']),
    shaken: made(['shake', 'dry-shake']),
    liked: pours.some((p) => p.verdict !== null),
  };
}

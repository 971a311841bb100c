import { z } from 'zod';
import { ALLERGENS } from '../catalogue/kind.js';
import { ICE } from '../catalogue/recipe.js';

/** What is done in one step of a round. */
const ACTS = [
  'wash',
  'rim',
  'squeeze',
  'chill',
  'warm',
  'rinse',
  'press',
  'beat',
  'pour',
  'dry-shake',
  'ice',
  'shake',
  'stir',
  'blend',
  'heat',
  'swizzle',
  'ice-glass',
  'strain',
  'top',
  'lift',
  'turn',
  'churn',
  'whip',
  'float',
  'sink',
  'beside',
  'garnish',
  'serve',
] as const;
export type Act = (typeof ACTS)[number];

const STEP_INTO = ['glass', 'mixing-glass', 'shaker', 'blender', 'pan', 'bowl', 'beside'] as const;

/** What is measured in a step, for each vessel it goes into. */
const stepPartSchema = z.object({
  /** The place of the part in its drink. */
  slot: z.int(),
  kind: z.string(),
  /** ml, and g at 20 °C; null for what is counted. */
  ml: z.number().nullable(),
  g: z.number().nullable(),
  amount: z.object({ value: z.number(), measure: z.string() }),
});

/** One thing to do. */
export const pourStepSchema = z.object({
  id: z.string(),
  act: z.enum(ACTS),
  /** Which of the round's drinks it is for, and which filling of the tin; null for what is done once for all. */
  order: z.int().nullable(),
  load: z.int().nullable(),
  into: z.enum(STEP_INTO).nullable(),
  /** Vessels that it is done for: one tin, or so many glasses. */
  vessels: z.int(),
  part: stepPartSchema.nullable(),
  /** What is pressed, squeezed or put on, where that is no measured part. */
  kinds: z.array(z.string()),
  /** Fruit to squeeze, to the half; and strips of its peel that are cut first. */
  pieces: z.number().nullable(),
  peels: z.number(),
  ice: z.enum(ICE).nullable(),
  /** Herbs are pressed lightly, fruit firmly. */
  lightly: z.boolean(),
  twice: z.boolean(),
  /** The garnish in words. */
  words: z.string(),
  /** What is washed off, or kept off, for somebody who cannot have it. */
  cannot: z.array(z.enum(ALLERGENS)).default([]),
  /** Ingredients that are washed off, likewise, by kind. */
  without: z.array(z.string()).default([]),
  /** About how long it takes; for what is shaken and stirred, when to stop. */
  seconds: z.number(),
  /** The technique it asks for, where it asks for one. */
  technique: z.string().nullable(),
});
export type PourStep = z.infer<typeof pourStepSchema>;
export type StepPart = z.infer<typeof stepPartSchema>;

/** A step with only what it has. */
export function pourStep(id: string, act: Act, seconds: number, more: Partial<PourStep> = {}): PourStep {
  return {
    id,
    act,
    seconds,
    order: null,
    load: null,
    into: null,
    vessels: 1,
    part: null,
    kinds: [],
    pieces: null,
    peels: 0,
    ice: null,
    lightly: false,
    twice: false,
    words: '',
    cannot: [],
    without: [],
    technique: null,
    ...more,
  };
}

/** Whether something is measured in it that goes into the drink. */
export function isMeasured(step: PourStep): step is PourStep & { part: StepPart } {
  return step.part !== null && step.act !== 'rinse' && step.act !== 'beside';
}

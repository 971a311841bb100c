import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { batchOf, type Batch } from './batch.js';
import type { BatchRecord } from './batch-record.js';
import { rebalance, targetReadingG, type Rebalanced } from './overshoot.js';

/** One thing to do at the bench. */
export type BenchStep =
  | { do: 'add'; part: number }
  | { do: 'rest'; rest: number; minutes: number; say: string }
  | { do: 'top-up' }
  | { do: 'bottle' };

/** What goes in next, and what the scale is to show then. */
export interface WeighingTarget {
  part: number;
  addG: number;
  readingG: number;
}

/** Where a batch stands: what is done, what is next, and what an overshoot has made of it. */
export interface Weighing {
  balanced: Rebalanced;
  /** As it was meant. */
  planned: Batch;
  /** As it will be, overshoot and all. */
  batch: Batch;
  /** What is in the jar by now. */
  soFar: Batch;
  /** Whether what it will be fits the bottle. */
  fits: boolean;
  steps: { step: BenchStep; done: boolean }[];
  /** The next thing to do; undefined when it is bottled. */
  now: BenchStep | undefined;
  target: WeighingTarget | undefined;
}

/** Half a gram is as near as a kitchen scale shows; pinches and drops are weighed to their own share. */
const NEAR_G = 0.5;
const PINCH_G = 20;
const NEAR_SHARE = 0.005;
/** No scale at home shows less: what went in once is not asked for again for so little. */
const MIN_SHOWN_G = 0.1;
/** Nothing lost over the heat is kept as the least there is, so that the step counts as done. */
const MIN_TOP_UP_G = 0.01;

/** Steps of a recipe in order: each part, the rests that follow it, water given back after heat, the bottle. */
export function benchSteps(recipe: HomeMade): BenchStep[] {
  return [
    ...recipe.from.flatMap((_, part): BenchStep[] => [
      { do: 'add', part },
      ...recipe.rests.flatMap((r, rest): BenchStep[] =>
        r.after === part + 1 ? [{ do: 'rest', rest, minutes: r.minutes, say: r.say }] : [],
      ),
    ]),
    ...(recipe.heated ? [{ do: 'top-up' } as const] : []),
    { do: 'bottle' },
  ];
}

/** Whether a part is in: what is still to add is less than the scale tells apart. */
function isIn(part: number, { plannedG, inG }: BatchRecord, { toAddG, partsG }: Rebalanced): boolean {
  const near = (plannedG[part] ?? 0) > PINCH_G ? NEAR_G : (inG[part] ?? 0) > 0 ? MIN_SHOWN_G : 0;
  return (toAddG[part] ?? 0) <= Math.max(near, (partsG[part] ?? 0) * NEAR_SHARE);
}

function isDone(step: BenchStep, record: BatchRecord, balanced: Rebalanced): boolean {
  if (step.do === 'add') return isIn(step.part, record, balanced);
  if (step.do === 'rest') return step.rest < record.restsDone;
  if (step.do === 'top-up') return record.toppedUpG > 0;
  return record.madeOn !== null;
}

/**
 * Where a batch stands at the scale. A part that an overshoot leaves short comes again before the rest
 * goes on.
 *
 * @example weighingOf(recipe, record, catalogue, kinds).target // { part: 1, addG: 403.4, readingG: 1644.4 }
 */
export function weighingOf(
  recipe: HomeMade,
  record: BatchRecord,
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): Weighing {
  const { plannedG, inG, tared, jarG, bottleMl } = record;
  const balanced = rebalance(plannedG, inG);
  const of = (partsG: readonly number[]) => batchOf(recipe, partsG, catalogue, kinds);
  const batch = of(balanced.partsG);
  const steps = benchSteps(recipe).map((step) => ({ step, done: isDone(step, record, balanced) }));
  const now = steps.find(({ done }) => !done)?.step;
  const addG = now?.do === 'add' ? (balanced.toAddG[now.part] ?? 0) : 0;
  return {
    balanced,
    planned: of(plannedG),
    batch,
    soFar: of(inG),
    fits: batch.volumeMl <= bottleMl,
    steps,
    now,
    target:
      now?.do === 'add'
        ? { part: now.part, addG, readingG: tared ? addG : targetReadingG(jarG, inG, addG) }
        : undefined,
  };
}

/** Grams of a part by the scale's own word: its reading, less the jar and all before it unless it was tared. */
export function pouredG(readingG: number, { tared, jarG, inG }: BatchRecord): number {
  const before = tared ? 0 : jarG + inG.reduce((a, b) => a + b, 0);
  return Math.max(0, readingG - before);
}

/** So many grams of a part have gone in; kept to the hundredth. */
export function takeIn(record: BatchRecord, part: number, g: number): BatchRecord {
  const inG = record.inG.map((was, i) => (i === part ? Math.round((was + g) * 100) / 100 : was));
  return { ...record, inG };
}

/** A rest has begun, at an ISO instant. */
export function beginRest(record: BatchRecord, at: string): BatchRecord {
  return { ...record, restStartedAt: at };
}

/** A rest is over. */
export function endRest(record: BatchRecord): BatchRecord {
  return { ...record, restStartedAt: null, restsDone: record.restsDone + 1 };
}

/** Water that went off over the heat was given back. */
export function giveBack(record: BatchRecord, waterG: number): BatchRecord {
  return { ...record, toppedUpG: Math.max(MIN_TOP_UP_G, waterG) };
}

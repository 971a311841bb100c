import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { batchOf, type Batch } from './batch.js';
import type { BatchRecord } from './batch-record.js';
import { benchSteps, type BenchStep } from './acts.js';
import { contentG, leftG } from './in-batch.js';
import { rebalance, tracesOf, type Rebalanced } from './overshoot.js';

/** What goes in next, and what the scale is to show then. */
export interface WeighingTarget {
  part: number;
  addG: number;
  readingG: number;
}

/** More of a trace than belongs. */
export interface TooMuch {
  part: number;
  overG: number;
  /** How many times the planned batch would be right for it. */
  factor: number;
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
  /** Traces that are too strong in it. */
  tooMuch: TooMuch[];
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
/** A trace is over by more than a tenth, and than a drop. */
const TRACE_NEAR = 0.1;
const MIN_TRACE_G = 0.06;
/** Nothing lost over the heat is kept as the least there is, so that the step counts as done. */
const MIN_TOP_UP_G = 0.01;

/** Whether a part is in: what is still to add is less than the scale tells apart. */
function isIn(part: number, { plannedG, inG }: BatchRecord, { toAddG, partsG }: Rebalanced): boolean {
  const near = (plannedG[part] ?? 0) > PINCH_G ? NEAR_G : (inG[part] ?? 0) > 0 ? MIN_SHOWN_G : 0;
  return (toAddG[part] ?? 0) <= Math.max(near, (partsG[part] ?? 0) * NEAR_SHARE);
}

function isDone(step: BenchStep, record: BatchRecord, balanced: Rebalanced): boolean {
  if (step.do === 'add') return isIn(step.part, record, balanced);
  if (step.do === 'act') return step.act < record.actsDone;
  if (step.do === 'top-up') return record.toppedUpG > 0;
  return record.madeOn !== null;
}

/** Which parts were strained out by now. */
function goneFrom(recipe: HomeMade, { strained }: BatchRecord): boolean[] {
  const last = strained.at(-1);
  return recipe.from.map((p, i) => p.strained && (last?.inG[i] ?? 0) > 0);
}

/** Traces of which more went in than belongs, and how many times the planned batch would be right for it. */
function tooMuchOf(
  traces: readonly boolean[],
  { partsG }: Rebalanced,
  left: readonly number[],
  record: BatchRecord,
) {
  return traces.flatMap((isTrace, part): TooMuch[] => {
    const [meantG = 0, g = 0] = [partsG[part], left[part]];
    const overG = g - meantG;
    if (!isTrace || overG <= Math.max(MIN_TRACE_G, meantG * TRACE_NEAR)) return [];
    return [{ part, overG, factor: g / (record.plannedG[part] ?? g) }];
  });
}

/**
 * Where a batch stands at the scale. A part that an overshoot leaves short comes again before the rest
 * goes on; what was strained sets the size of what follows.
 *
 * @example weighingOf(recipe, record, catalogue, kinds).target // { part: 1, addG: 403.4, readingG: 1644.4 }
 */
export function weighingOf(
  recipe: HomeMade,
  record: BatchRecord,
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): Weighing {
  const { plannedG, tared, jarG, bottleMl } = record;
  const left = leftG(recipe, record, catalogue, kinds);
  const traces = tracesOf(plannedG);
  const balanced = rebalance(plannedG, left, {
    ignored: traces,
    gone: goneFrom(recipe, record),
    mayShrink: record.strained.length > 0,
  });
  const of = (partsG: readonly number[]) => batchOf(recipe, partsG, catalogue, kinds);
  const tooMuch = tooMuchOf(traces, balanced, left, record);
  const ends = balanced.partsG.map((g, i) => Math.max(g, left[i] ?? 0));
  const batch = of(ends);
  const steps = benchSteps(recipe).map((step) => ({ step, done: isDone(step, record, balanced) }));
  const now = steps.find(({ done }) => !done)?.step;
  const addG = now?.do === 'add' ? (balanced.toAddG[now.part] ?? 0) : 0;
  return {
    balanced,
    planned: of(plannedG),
    batch,
    soFar: of(left),
    fits: batch.volumeMl <= bottleMl,
    tooMuch,
    steps,
    now,
    target:
      now?.do === 'add'
        ? { part: now.part, addG, readingG: tared ? addG : jarG + contentG(record) + addG }
        : undefined,
  };
}

/** Grams of a part by the scale's own word: its reading, less the jar and all before it unless it was tared. */
export function pouredG(readingG: number, record: BatchRecord): number {
  const before = record.tared ? 0 : record.jarG + contentG(record);
  return Math.max(0, readingG - before);
}

/** So many grams of a part have gone in; kept to the hundredth. */
export function takeIn(record: BatchRecord, part: number, g: number): BatchRecord {
  const inG = record.inG.map((was, i) => (i === part ? Math.round((was + g) * 100) / 100 : was));
  return { ...record, inG };
}

/** An act that is waited for has begun, at an ISO instant. */
export function beginAct(record: BatchRecord, at: string): BatchRecord {
  return { ...record, actStartedAt: at };
}

/** An act is done. */
export function endAct(record: BatchRecord): BatchRecord {
  return { ...record, actStartedAt: null, actsDone: record.actsDone + 1 };
}

/** So much came through the sieve: what follows goes by it. */
export function strainThrough(record: BatchRecord, throughG: number): BatchRecord {
  const { inG, strained } = record;
  const through = Math.round(throughG * 100) / 100;
  return endAct({ ...record, strained: [...strained, { throughG: through, inG: [...inG] }] });
}

/** Water that went off over the heat was given back. */
export function giveBack(record: BatchRecord, waterG: number): BatchRecord {
  return { ...record, toppedUpG: Math.max(MIN_TOP_UP_G, waterG) };
}

/** The batch as large as makes right what a trace has too much of. */
export function enlarged(record: BatchRecord, factor: number): BatchRecord {
  return { ...record, plannedG: record.plannedG.map((g) => Math.round(g * factor * 100) / 100) };
}

import { addDays, daysBetween } from '../base/days.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { scaledBatch, type Batch } from './batch.js';
import { batchAsMade } from './in-batch.js';
import type { BatchRecord } from './batch-record.js';
import { keeping } from './keeping.js';

type Things = Pick<Catalogue, 'pantry' | 'kinds'>;

/** A jar from the cupboard weighs about so much (common practice). */
const USUAL_JAR_G = 535;
/** Bottles come in steps of so much. */
const BOTTLE_STEP_ML = 50;
/** Once thawed, syrup is poured within the week (common practice). */
const THAWED_DAYS = 7;
/** Months in the freezer that every batch was given before they went by what is in it. */
const FROZEN_DAYS_BEFORE = 90;

/**
 * A batch about to be weighed: nothing is in yet.
 *
 * @param bottleMl what it is to fill; the next bottle that holds it when left out.
 * @param at ISO instant it begins.
 * @example beginBatch(crypto.randomUUID(), batch, new Date().toISOString(), 500)
 */
export function beginBatch(
  id: string,
  { recipe, partsG, volumeMl }: Batch,
  at: string,
  bottleMl = Math.ceil(volumeMl / BOTTLE_STEP_ML) * BOTTLE_STEP_ML,
): BatchRecord {
  return {
    id,
    recipeId: recipe.id,
    recipe,
    plannedG: partsG.map((g) => Math.round(g * 100) / 100),
    inG: partsG.map(() => 0),
    jarG: USUAL_JAR_G,
    tared: true,
    bottleMl,
    actsDone: 0,
    actStartedAt: null,
    strained: [],
    toppedUpG: 0,
    startedAt: at,
    madeOn: null,
    useBy: null,
    frozen: false,
    leftDays: null,
    thawed: false,
    yieldMl: null,
    measuredBrix: null,
    remainingMl: 0,
    notes: '',
  };
}

/** A batch goes into its bottle: what it fills, and its dates. */
export function bottleBatch(record: BatchRecord, batch: Batch, today: string, things: Things): BatchRecord {
  const ml = Math.round(batch.volumeMl);
  const useBy = addDays(today, keeping(batch, things).days);
  return { ...record, madeOn: today, useBy, yieldMl: ml, remainingMl: ml };
}

/** Days in the fridge that a recipe's batch keeps from the day it is made, by what is in it. */
export function keepsDaysOf(recipe: HomeMade, things: Things, kinds: ReadonlyMap<string, Kind>): number {
  return keeping(scaledBatch(recipe, 1, things, kinds), things).days;
}

/**
 * The last day a batch is good: as it was written on its label, or sooner where what is known of its parts by now says
 * so. In the freezer, and once thawed, by what was left of its life.
 */
export function useByOf(
  record: BatchRecord,
  recipe: HomeMade,
  things: Things,
  kinds: ReadonlyMap<string, Kind>,
): string | null {
  const { useBy, madeOn, frozen, thawed } = record;
  if (useBy === null || madeOn === null || frozen || thawed) return useBy;
  const byParts = addDays(madeOn, keeping(batchAsMade(recipe, record, things, kinds), things).days);
  return byParts < useBy ? byParts : useBy;
}

/** Why a batch does not go into the freezer, in words; undefined where it may. */
export function notFrozen(
  record: BatchRecord,
  batch: Batch,
  today: string,
  things: Things,
): string | undefined {
  if (record.frozen) return undefined;
  const { frozenDays } = keeping(batch, things);
  if (record.useBy !== null && record.useBy < today)
    return 'It is past its day: freezing makes nothing younger. Throw it away.';
  if (record.thawed) return 'It was thawed already: what was thawed is not frozen again.';
  return frozenDays === null ? 'It is not frozen: it splits, or nobody knows how it keeps.' : undefined;
}

/** Days of its life that a frozen batch had left when it was frozen. */
function daysLeftWhenFrozen(record: BatchRecord, batch: Batch, things: Things): number {
  if (record.leftDays !== null) return record.leftDays;
  // Frozen before that was written down: by the day it was made, and the months that it was given then.
  const { days } = keeping(batch, things);
  if (record.madeOn === null || record.useBy === null) return 0;
  const frozenOn = addDays(record.useBy, -FROZEN_DAYS_BEFORE);
  return Math.max(0, days - Math.max(0, daysBetween(record.madeOn, frozenOn)));
}

/**
 * Into the freezer, where its life stands still for some months; or out of it, with what was left of its life. Freezing
 * never makes anything younger: what is past its day is thrown away, and what was thawed is not frozen again.
 *
 * @returns the batch as it was where it is not to be frozen: ask `notFrozen` why.
 */
export function freezeOrThaw(record: BatchRecord, batch: Batch, today: string, things: Things): BatchRecord {
  if (record.frozen) {
    const isOver = record.useBy !== null && record.useBy < today;
    const left = isOver ? -1 : Math.min(THAWED_DAYS, daysLeftWhenFrozen(record, batch, things));
    return { ...record, frozen: false, thawed: true, leftDays: null, useBy: addDays(today, left) };
  }
  const { frozenDays } = keeping(batch, things);
  if (frozenDays === null || notFrozen(record, batch, today, things) !== undefined) return record;
  const leftDays = record.useBy === null ? 0 : daysBetween(today, record.useBy);
  return { ...record, frozen: true, leftDays, useBy: addDays(today, frozenDays) };
}

import { addDays } from '../base/days.js';
import type { Catalogue } from '../catalogue/catalogue.js';
import type { Batch } from './batch.js';
import type { BatchRecord } from './batch-record.js';
import { keeping } from './keeping.js';

type Things = Pick<Catalogue, 'pantry' | 'kinds'>;

/** A jar from the cupboard weighs about so much (common practice). */
const USUAL_JAR_G = 535;
/** Bottles come in steps of so much. */
const BOTTLE_STEP_ML = 50;
/** Once thawed, syrup is poured within the week (common practice). */
const THAWED_DAYS = 7;

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
    restsDone: 0,
    restStartedAt: null,
    toppedUpG: 0,
    startedAt: at,
    madeOn: null,
    useBy: null,
    frozen: false,
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

/** Into the freezer, where it keeps its months; or out of it, to be used within the week. */
export function freezeOrThaw(record: BatchRecord, batch: Batch, today: string, things: Things): BatchRecord {
  const { days, frozenDays } = keeping(batch, things);
  const left = record.frozen ? Math.min(days, THAWED_DAYS) : frozenDays;
  return { ...record, frozen: !record.frozen, useBy: addDays(today, left) };
}

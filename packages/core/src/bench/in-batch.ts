import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { batchOf, type Batch } from './batch.js';
import type { BatchRecord } from './batch-record.js';

const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

/** Grams that stand in the jar: all that went in, or what came through the last straining and went in since. */
export function contentG({ inG, strained }: Pick<BatchRecord, 'inG' | 'strained'>): number {
  const last = strained.at(-1);
  return last === undefined ? sum(inG) : last.throughG + sum(inG) - sum(last.inG);
}

/**
 * Grams of each part that the batch still holds: as weighed in; of what was strained, the share that came through
 * against what should have.
 *
 * @example leftG(ginger, record, catalogue, kinds) // [100, 228, 228] where 228 g of 250 came through
 */
export function leftG(
  recipe: HomeMade,
  { inG, strained }: Pick<BatchRecord, 'inG' | 'strained'>,
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): number[] {
  let left = inG.map(() => 0);
  let before = left;
  for (const { throughG, inG: at } of strained) {
    const held = left.map((g, i) => g + (at[i] ?? 0) - (before[i] ?? 0));
    const meantG = batchOf(recipe, held, catalogue, kinds).massG;
    left = meantG > 0 ? held.map((g) => (g * throughG) / meantG) : held;
    before = at;
  }
  return left.map((g, i) => g + (inG[i] ?? 0) - (before[i] ?? 0));
}

/**
 * A batch as it was really made, from what was weighed and what came through; as planned where nothing was weighed.
 */
export function batchAsMade(
  recipe: HomeMade,
  record: Pick<BatchRecord, 'inG' | 'plannedG' | 'strained'>,
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): Batch {
  const isWeighed = record.inG.some((g) => g > 0);
  const grams = isWeighed ? leftG(recipe, record, catalogue, kinds) : record.plannedG;
  return batchOf(recipe, grams, catalogue, kinds);
}

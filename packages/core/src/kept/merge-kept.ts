import { mergeFields, mergeOne } from '../base/merge.js';
import type { Kept } from './descriptor.js';

const isRecord = <T>(value: T): value is T & object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What two made of the same thing at once, where both can stand: as its descriptor says, else field by field.
 *
 * @param isTold whether mine says how it is now, rather than what happened to it.
 * @returns undefined where somebody has to choose.
 * @example mergeKept(keptBottle, { …, leftMl: 700 }, { …, leftMl: 650 }, { …, leftMl: 650 }, false) // { …, leftMl: 600 }
 */
export function mergeKept<T>(
  kept: Pick<Kept<T>, 'merge'>,
  base: T,
  mine: T,
  theirs: T,
  isTold: boolean,
): T | undefined {
  if (kept.merge) return kept.merge(base, mine, theirs, isTold);
  if (isRecord(base) && isRecord(mine) && isRecord(theirs)) return mergeFields(base, mine, theirs);
  return mergeOne(base, mine, theirs)?.value;
}

import { dequal } from 'dequal';
import type { Errand } from './errand.js';

/** What both have made of what was there: one's change where only one changed it; undefined where both did, differently. */
function mergeOne<T>(base: T, mine: T, theirs: T): { value: T } | undefined {
  if (dequal(mine, theirs) || dequal(base, theirs)) return { value: mine };
  return dequal(base, mine) ? { value: theirs } : undefined;
}

/** Lists merged by the id of what is in them: added, changed and taken out on either side. */
function mergeLists<T>(
  [base, mine, theirs]: readonly (readonly T[])[],
  idOf: (one: T) => string,
): T[] | undefined {
  const [was, ours, others] = [base, mine, theirs].map(
    (list) => new Map(list?.map((one) => [idOf(one), one])),
  );
  const merged: T[] = [];
  for (const id of new Set([...(others?.keys() ?? []), ...(ours?.keys() ?? [])])) {
    const one = mergeOne(was?.get(id), ours?.get(id), others?.get(id));
    if (one === undefined) return undefined;
    if (one.value !== undefined) merged.push(one.value);
  }
  return merged;
}

/**
 * Two people on one errand, each with their own half of the list: what both did, line by line.
 *
 * @param base the errand that both began from.
 * @returns undefined where both changed the same line, or anything else of it, differently.
 */
export function mergeErrands(base: Errand, mine: Errand, theirs: Errand): Errand | undefined {
  const lines = mergeLists([base.lines, mine.lines, theirs.lines], (line) => line.id);
  const receipts = mergeLists([base.receipts, mine.receipts, theirs.receipts], (r) => r.shop);
  const rest = (errand: Errand) => ({ ...errand, lines: [], receipts: [] });
  const others = mergeOne(rest(base), rest(mine), rest(theirs));
  return lines && receipts && others && { ...others.value, lines, receipts };
}

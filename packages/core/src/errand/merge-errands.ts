import { mergeLists, mergeOne } from '../base/merge.js';
import type { Errand } from './errand.js';

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

import { dequal } from 'dequal';

/** What both have made of what was there: one's change where only one changed it; undefined where both did, differently. */
export function mergeOne<T>(base: T, mine: T, theirs: T): { value: T } | undefined {
  if (dequal(mine, theirs) || dequal(base, theirs)) return { value: mine };
  return dequal(base, mine) ? { value: theirs } : undefined;
}

/** Lists merged by the id of what is in them: added, changed and taken out on either side; undefined as `mergeOne`. */
export function mergeLists<T>(
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

/** Digits after the point to which a sum of differences is kept, so that 0.1 three times is 0.3. */
const SUM_DIGITS = 6;

/**
 * Records merged field by field; undefined where both changed a field differently.
 *
 * @param sums fields that count: what both added or took away holds, never below 0.
 * @example mergeFields({ ml: 700 }, { ml: 650 }, { ml: 650 }, ['ml']) // { ml: 600 }
 */
export function mergeFields<T extends object>(
  base: T,
  mine: T,
  theirs: T,
  sums: readonly (keyof T)[] = [],
): T | undefined {
  const merged = new Map<string, unknown>();
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)]) as Set<keyof T & string>) {
    const [was, own, other]: unknown[] = [base[key], mine[key], theirs[key]];
    if (sums.includes(key) && [was, own, other].every((n) => typeof n === 'number')) {
      const sum = (other as number) + (own as number) - (was as number);
      merged.set(key, Math.max(0, Number(sum.toFixed(SUM_DIGITS))));
      continue;
    }
    const one = mergeOne(was, own, other);
    if (one === undefined) return undefined;
    if (one.value !== undefined) merged.set(key, one.value);
  }
  return Object.fromEntries(merged) as T;
}

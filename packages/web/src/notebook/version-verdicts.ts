import type { Pour } from '@uisce/core/pouring';

/** How a drink was liked while one version of it was poured; empty where nobody said. */
export function recipeRecord(
  pours: readonly Pour[],
  drink: string,
  from: string,
  until: string | undefined,
): string {
  const mine = pours.filter(
    (p) => p.drink === drink && p.verdict !== null && p.at >= from && (until === undefined || p.at < until),
  );
  if (mine.length === 0) return '';
  const mean = mine.reduce((sum, p) => sum + (p.verdict ?? 0), 0) / mine.length;
  return `${Math.round(mean * 10) / 10} of 5, ${mine.length} times`.replace(/, 1 times$/, ', once');
}

/** Greatest common divisor of two whole numbers; gcd(0, n) is n. */
export function gcd(a: number, b: number): number {
  while (b !== 0) [a, b] = [b, a % b];
  return a;
}

/**
 * Where a rising function reaches a value, by halving the range it lies in.
 *
 * @param rises rises from `low` to `high`; outside its range the nearer end is the answer.
 * @param halvings 50 are far below any table's last digit.
 * @example bisect((x) => x * x, 2, 0, 2) // 1.41421…
 */
export function bisect(
  rises: (x: number) => number,
  value: number,
  low: number,
  high: number,
  halvings = 50,
): number {
  for (let i = 0; i < halvings; i++) {
    const middle = (low + high) / 2;
    if (rises(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The middle one of some numbers by size, or half-way between the two in the middle; undefined of none.
 *
 * @example median([1, 30, 2]) // 2
 */
export function median(numbers: readonly number[]): number | undefined {
  const sorted = [...numbers].sort((a, b) => a - b);
  const below = sorted[(sorted.length - 1) >> 1];
  return below === undefined ? undefined : (below + (sorted[sorted.length >> 1] as number)) / 2;
}

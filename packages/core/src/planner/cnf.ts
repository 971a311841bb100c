/**
 * Monotone conditions on a set, in conjunctive form: every clause must hold one of its members.
 * Clauses are sorted lists of numbers; no clause contains another. An empty list always holds.
 */
export type Cnf = number[][];

function compare(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < Math.min(a.length, b.length); i++) {
    const difference = (a[i] as number) - (b[i] as number);
    if (difference !== 0) return difference;
  }
  return a.length - b.length;
}

/** Whether every member of the sorted list `narrow` is in the sorted list `wide`. */
function within(narrow: readonly number[], wide: readonly number[]): boolean {
  let at = 0;
  for (const member of narrow) {
    while (at < wide.length && (wide[at] as number) < member) at++;
    if (wide[at] !== member) return false;
  }
  return true;
}

function union(a: readonly number[], b: readonly number[]): number[] {
  return [...new Set([...a, ...b])].sort((x, y) => x - y);
}

/** The same condition without repeats and without any clause that a narrower one implies. */
export function absorb(clauses: Cnf): Cnf {
  const byLength = [...clauses].sort((a, b) => a.length - b.length || compare(a, b));
  const kept: Cnf = [];
  for (const clause of byLength) {
    if (!kept.some((narrow) => within(narrow, clause))) kept.push(clause);
  }
  return kept.sort(compare);
}

/** Whether meeting `a` always meets `b`: each clause of `b` contains one of `a`. */
export function implies(a: Cnf, b: Cnf): boolean {
  return b.every((wide) => a.some((narrow) => within(narrow, wide)));
}

/**
 * Either of several conditions, multiplied out; undefined when that would take more than `most`
 * clauses. Multiplied out, the linear relaxation counts a member common to two conditions once,
 * which an extra "either" variable would count twice.
 */
export function either(conditions: readonly Cnf[], most: number): Cnf | undefined {
  const loosest = conditions.filter(
    (a, i) => !conditions.some((b, j) => i !== j && implies(a, b) && (j < i || !implies(b, a))),
  );
  let product: Cnf | undefined;
  for (const condition of loosest) {
    if (product === undefined) {
      product = condition;
      continue;
    }
    if (product.length * condition.length > most * most) return undefined;
    const before = product;
    product = absorb(condition.flatMap((b) => before.map((a) => union(a, b))));
    if (product.length > most) return undefined;
  }
  return product ?? [];
}

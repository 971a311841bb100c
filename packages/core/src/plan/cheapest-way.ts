import type { PreparedProblem } from '../planner/prepared.js';

/** Items to add, and their price together. */
export interface CheapestWay {
  items: number[];
  cost: number;
}

/**
 * The cheapest items that open one drink on top of a set, found by trying every combination of
 * alternatives and providers and giving up a branch once it is no cheaper than the best so far.
 *
 * Returns undefined when nothing on sale makes the drink.
 */
export function cheapestWay(
  prepared: PreparedProblem,
  drink: number,
  chosen: ReadonlySet<number>,
): CheapestWay | undefined {
  const supply = prepared.supply(chosen);
  const have = (c: number, added: readonly number[]) =>
    (supply[c] ?? 0) > 0 || added.some((i) => prepared.provides[i]?.includes(c));
  const slots = prepared.drinks[drink]?.slots ?? [];
  let best: CheapestWay | undefined;

  /** Provide `missing` capabilities one by one, then go on to the next slot. */
  const provide = (
    missing: readonly number[],
    slot: number,
    added: readonly number[],
    cost: number,
  ): void => {
    if (best !== undefined && cost >= best.cost) return;
    const [next, ...rest] = missing;
    if (next === undefined) {
      fill(slot + 1, added, cost);
      return;
    }
    if (have(next, added)) {
      provide(rest, slot, added, cost);
      return;
    }
    const providers = (prepared.providers[next] ?? []).filter((i) => !prepared.never.has(i));
    for (const item of providers) provide(rest, slot, [...added, item], cost + prepared.price(item));
  };

  const fill = (slot: number, added: readonly number[], cost: number): void => {
    const alternatives = slots[slot];
    if (alternatives === undefined) {
      best = { items: [...added], cost };
      return;
    }
    for (const alternative of alternatives) provide(alternative.all, slot, added, cost);
  };

  fill(0, [], 0);
  return best;
}

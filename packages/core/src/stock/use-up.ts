/** Tenths of a ml are counted as whole steps. */
const STEP_ML = 0.5;

/** A few drinks that use up what will turn. */
export interface UseUp {
  drinks: string[];
  ml: number;
}

/**
 * The drinks that use most of what is left of a kind before it turns: at most so many, each once, never more
 * than there is. Exact: every sum that some drinks make is tried, with the fewest drinks that make it.
 *
 * @param pourMl ml of the kind that each drink takes.
 * @example drinksThatUse(120, 2, new Map([['martini', 15], ['bamboo', 45], ['spritz', 60]])) // bamboo and spritz, 105 ml
 */
export function drinksThatUse(
  leftMl: number,
  mostDrinks: number,
  pourMl: ReadonlyMap<string, number>,
): UseUp {
  const most = Math.floor(leftMl / STEP_ML);
  const drinks = [...pourMl].filter(([, ml]) => ml > 0).sort(([a], [b]) => (a < b ? -1 : 1));
  /** By a sum in steps: the fewest drinks that make it. */
  let ways = new Map<number, string[]>([[0, []]]);
  for (const [id, ml] of drinks) {
    const steps = Math.ceil(ml / STEP_ML);
    const next = new Map(ways);
    for (const [sum, made] of ways) {
      const more = sum + steps;
      if (more > most || made.length >= mostDrinks) continue;
      if (made.length + 1 < (next.get(more)?.length ?? Infinity)) next.set(more, [...made, id]);
    }
    ways = next;
  }
  const best = Math.max(...ways.keys());
  return { drinks: ways.get(best) ?? [], ml: best * STEP_ML };
}

import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import type { Kit } from '@uisce/core/kit';
import { explainPlan, findObstacle, type Brief, type CompiledPlan } from '@uisce/core/plan';
import type { PlanAnswer } from '@uisce/core/planner';
import { heldFor } from './context';
import type { AnswerItem, KitAnswerItem, PlanResult } from '../protocol';

function describe({ items }: CompiledPlan): AnswerItem[] {
  return [...items].map(([id, item]) => ({
    id,
    kindId: item.kind.id,
    owned: item.owned,
    priceMinor: item.priceMinor,
    ...(item.bottle ? { bottle: item.bottle } : {}),
  }));
}

function describeKit({ kit }: CompiledPlan): KitAnswerItem[] {
  return [...kit.values()].map(({ id, entry, sets, priceMinor }) => ({
    id,
    ...(entry.tool === undefined ? {} : { toolId: entry.tool }),
    ...(entry.glass === undefined ? {} : { glassId: entry.glass }),
    pieces: entry.pieces * sets,
    priceMinor,
  }));
}

/**
 * The best set for a brief: a good one first, then the best. A set that is known to be the best
 * already is judged and explained, not searched for again.
 *
 * @returns undefined when it was stopped.
 */
export function answerBrief(
  {
    brief,
    prices,
    kit,
    start,
    startProven,
  }: { brief: Brief; prices: PriceList; kit: Kit; start: string[] | null; startProven: boolean },
  catalogue: Catalogue,
  isStale: () => boolean,
  onBetter: (result: PlanResult) => void,
): PlanResult | undefined {
  const began = performance.now();
  const { compiled, search, count } = heldFor(brief, prices, kit, catalogue);
  const budget = brief.moneyNowMinor;
  const items = describe(compiled);
  const kitItems = describeKit(compiled);
  const dropped = compiled.dropped.map((d) => ({
    recipeId: d.recipe.id,
    disliked: d.disliked,
    uncounted: d.uncounted,
  }));
  const result = (answer: PlanAnswer): PlanResult => ({
    budget,
    answer,
    open: count(answer.drinks.map((d) => d.id)),
    explanation: explainPlan(compiled.problem, answer),
    items,
    kit: kitItems,
    dropped,
    ms: Math.round(performance.now() - began),
  });
  if (start !== null && startProven) {
    const known = search.prepared.answerOf(start);
    return { ...result({ ...known, status: 'optimal', bound: known.value }), ms: 0 };
  }
  let shown = false;
  const answer = search.solve(budget, {
    ...(start ? { start } : {}),
    shouldStop: isStale,
    onAnswer: (better) => {
      // The first good answer is shown at once; those between it and the best only pass by.
      if (shown || better.status === 'optimal') return;
      shown = better.drinks.length > 0;
      if (shown) onBetter(result(better));
    },
  });
  if (isStale()) return undefined;
  const final = result(answer);
  if (answer.status === 'infeasible') final.obstacle = findObstacle({ ...compiled.problem, budget });
  return final;
}

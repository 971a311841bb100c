import { PlanSearch } from '../../planner/plan-search.js';
import type { PlanProblem } from '../../planner/problem.js';
import type { CompiledPlan } from '../compile.js';
import { countOf } from '../beside.js';

/** Item id of the first so many bottles of a rule, bought together. */
const firstOf = (bottles: number) => `rule:${bottles}`;

/**
 * The problem of following a rule at its best: its bottles in its order and no others, and whatever
 * mixers, packs, tools and glasses make most with them.
 *
 * The first so many bottles are one item, for every number of them: the best set holds one such item, and
 * with it the rule's order is kept. What is owned or kept always is there as well; must-haves are not
 * asked for, since a rule knows nothing of them.
 *
 * @param bottleIds item ids in the order that the rule buys them.
 */
export function ruleAtItsBest(
  { problem, items }: Pick<CompiledPlan, 'problem' | 'items'>,
  bottleIds: readonly string[],
): PlanProblem {
  const there = new Set([...problem.owned, ...problem.must]);
  const never = new Set(problem.never);
  const byId = new Map(problem.items.map((i) => [i.id, i]));
  const isBottle = (id: string) => items.get(id)?.kind.supply === 'bottle';
  const { maxCounted, ...unnumbered } = problem;
  const counted = (ids: Iterable<string>) => [...ids].filter((id) => byId.get(id)?.counted).length;
  const room = (maxCounted ?? Infinity) - counted(there);
  const firsts: PlanProblem['items'] = [];
  const bought = bottleIds.flatMap((id) => (there.has(id) || never.has(id) ? [] : (byId.get(id) ?? [])));
  bought.forEach((_, i) => {
    const first = bought.slice(0, i + 1);
    if (counted(first.map((b) => b.id)) > room) return;
    const sum = (of: (item: (typeof bought)[number]) => number) => first.reduce((so, b) => so + of(b), 0);
    firsts.push({
      id: firstOf(i + 1),
      provides: [...new Set(first.flatMap((b) => b.provides))],
      price: sum((b) => b.price),
      widthMm: sum((b) => b.widthMm),
      liquorMl: sum((b) => b.liquorMl),
      kitMinor: 0,
      counted: false,
    });
  });
  const kept = problem.items.filter((i) => there.has(i.id) || !isBottle(i.id));
  const known = new Set(kept.map((i) => i.id));
  return {
    ...unnumbered,
    items: [...kept, ...firsts],
    never: problem.never.filter((id) => known.has(id)),
    mustDrinks: [],
  };
}

/** A rule at its best: what it makes at one budget, and at some more to draw a line by. */
export interface RuleAtBest {
  id: string;
  now: { spend: number; value: number; drinksMade: number };
  points: { spend: number; value: number }[];
}

/** Budgets at which a line is drawn. */
const DRAWN_BUDGETS = 12;

/**
 * Rules at their best: each with the bottles that following it buys, at the money in hand; for those that
 * are drawn, at a dozen budgets on the way to `most` as well.
 *
 * @param rules ids, and what following each buys in order.
 * @example rulesAtBest(compiled, curves, { now: 24_000, most: 90_000, drawn: ['party-five'] })
 */
export function rulesAtBest(
  compiled: Pick<CompiledPlan, 'problem' | 'items' | 'recipes' | 'beside'>,
  rules: readonly { id: string; steps: readonly { itemId: string }[] }[],
  { now, most, drawn }: { now: number; most: number; drawn: readonly string[] },
): RuleAtBest[] {
  return rules.map(({ id, steps }) => {
    const bottles = steps
      .map((s) => s.itemId)
      .filter((itemId) => compiled.items.get(itemId)?.kind.supply === 'bottle');
    const search = new PlanSearch(ruleAtItsBest(compiled, bottles));
    const budgets = drawn.includes(id)
      ? Array.from({ length: DRAWN_BUDGETS }, (_, i) => Math.round((most * (i + 1)) / DRAWN_BUDGETS))
      : [];
    const { spend, value, drinks } = search.solve(now);
    const points = [...new Set([...budgets, now])]
      .sort((a, b) => a - b)
      .map((budget) => {
        const at = search.solve(budget);
        return { spend: at.spend, value: at.value };
      });
    const drinksMade = countOf(compiled, drinks);
    return { id, now: { spend, value, drinksMade }, points };
  });
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../../testing/problems.js';
import { testKinds } from '../../testing/trade.js';
import { solvePlan } from '../../planner/solve.js';
import type { CompiledPlan } from '../compile.js';
import { ruleAtItsBest, rulesAtBest } from './schools-at-best.js';

const kinds = testKinds(['bottled'], ['mixed', { supply: 'mixer' }]);
/** A problem whose first items are bottles, and the rest mixers. */
const compiled = (
  problem: CompiledPlan['problem'],
  bottles: number,
): Pick<CompiledPlan, 'problem' | 'items' | 'recipes' | 'beside'> => ({
  problem,
  items: new Map(
    problem.items.map((item, i) => {
      const kind = kinds.get(i < bottles ? 'bottled' : 'mixed');
      if (kind === undefined) throw new Error('two kinds are there');
      return [
        item.id,
        {
          kind,
          owned: problem.owned.includes(item.id),
          made: false,
          madeFrom: [],
          priceMinor: item.price,
        },
      ];
    }),
  ),
  recipes: new Map(),
  beside: [],
});

describe('a rule at its best', () => {
  it('is the best of all its beginnings with the mixers that suit them, each forced into the planner', () => {
    fc.assert(
      fc.property(
        problemArbitrary({ items: 8, drinks: 10, capabilities: 6 }),
        fc.nat(5),
        fc.integer({ min: 0, max: 8000 }),
        (drawn, bottles, money) => {
          const problem = { ...drawn, mustDrinks: [], maxCounted: undefined };
          const plan = compiled(problem, bottles);
          const there = new Set([...problem.owned, ...problem.must]);
          const rule = problem.items
            .slice(0, bottles)
            .map((i) => i.id)
            .reverse();
          const bought = rule.filter((id) => !there.has(id) && !problem.never.includes(id));
          const others = problem.items.slice(0, bottles).map((i) => i.id);
          const values = [...bought.keys(), bought.length].map((n) => {
            const first = bought.slice(0, n);
            const answer = solvePlan({
              ...problem,
              budget: money,
              must: [...new Set([...problem.must, ...first])],
              never: [
                ...problem.never,
                ...others.filter(
                  (id) => !first.includes(id) && !there.has(id) && !problem.never.includes(id),
                ),
              ],
            });
            return answer.status === 'optimal' ? answer.value : -1;
          });
          const answer = solvePlan({ ...ruleAtItsBest(plan, rule), budget: money });
          expect(answer.status === 'optimal' ? answer.value : -1).toBe(Math.max(...values));
          const [read] = rulesAtBest(plan, [{ id: 'rule', steps: rule.map((itemId) => ({ itemId })) }], {
            now: money,
            most: money,
            drawn: [],
          });
          if (answer.status === 'optimal') expect(read?.now.value).toBe(answer.value);
          // However well a rule is followed, the planner is free to do the same.
          const best = solvePlan({ ...problem, budget: money });
          if (answer.status === 'optimal') expect(answer.value).toBeLessThanOrEqual(best.value);
        },
      ),
      { numRuns: 80 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judged } from '../../testing/brute-force.js';
import { problemArbitrary } from '../../testing/problems.js';
import { WORKED_EXAMPLE } from '../../testing/worked-example.js';
import { planProblemSchema } from '../../planner/problem.js';
import { solvePlan } from '../../planner/solve.js';
import { shoppingOrder } from './shopping-order.js';

const example = planProblemSchema.parse(WORKED_EXAMPLE);

describe('the order to buy in', () => {
  it('adds a drink with every step of the worked example where it can', () => {
    const order = shoppingOrder(example, solvePlan({ ...example, budget: 8_500 }));
    // White rum adds a sour for 16.00, the least of all; gin comes next for 17.50.
    expect(order.map((p) => p.itemId).slice(0, 2)).toEqual(['white-rum-70', 'dry-gin-70']);
    expect(order.map((p) => p.open.length).slice(0, 2)).toEqual([1, 2]);
    expect(order.at(-1)?.spend).toBe(8_500);
  });

  it('buys the whole answer once, makes more and more, and ends with what the answer makes', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 8, drinks: 10, capabilities: 6 }), (problem) => {
        const answer = solvePlan(problem);
        fc.pre(answer.status === 'optimal');
        const order = shoppingOrder(problem, answer);
        const owned = new Set(problem.owned);
        expect(order.map((p) => p.itemId).sort()).toEqual(answer.items.filter((id) => !owned.has(id)));
        const held = [...problem.owned];
        let before = new Set<string>();
        for (const { itemId, spend, open } of order) {
          held.push(itemId);
          // Judged by the letter of the problem, not by the order's own word.
          const { fits, spend: paid } = judged(problem, held);
          expect(spend).toBe(paid);
          expect(open).toEqual(problem.drinks.filter((_, d) => (fits[d] ?? 0) > 0).map((d) => d.id));
          for (const drink of before) expect(open).toContain(drink);
          before = new Set(open);
        }
        if (order.length > 0) expect([...before].sort()).toEqual(answer.drinks.map((d) => d.id).sort());
      }),
      { numRuns: 100 },
    );
  });
});

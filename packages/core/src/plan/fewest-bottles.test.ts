import fc from 'fast-check';
import { expect, it } from 'vitest';
import { planProblemSchema, type PlanProblem } from '../planner/problem.js';
import { PreparedProblem } from '../planner/prepared.js';
import { fewestBottles } from './fewest-bottles.js';

const CAPABILITIES = ['a', 'b', 'c', 'd', 'e'];
const items = fc.array(
  fc.record({
    provides: fc.uniqueArray(fc.constantFrom(...CAPABILITIES), { minLength: 1, maxLength: 2 }),
    price: fc.integer({ min: 0, max: 30 }),
    counted: fc.boolean(),
  }),
  { minLength: 1, maxLength: 8 },
);
const drinks = fc.array(
  fc.array(fc.uniqueArray(fc.constantFrom(...CAPABILITIES), { minLength: 1, maxLength: 2 }), {
    minLength: 1,
    maxLength: 3,
  }),
  { minLength: 1, maxLength: 4 },
);
const owning = fc.integer({ min: 0, max: 2 });

it('is the least of all sets that open the drinks, bottles before money, as trying every set shows', () => {
  fc.assert(
    fc.property(items, drinks, owning, (has, asks, owned) => {
      const problem: PlanProblem = planProblemSchema.parse({
        format: 'uisce-plan-problem/1',
        budget: 0,
        items: has.map((i, n) => ({ id: `i${n}`, ...i })),
        drinks: asks.map((slots, n) => ({
          id: `d${n}`,
          slots: slots.map((any) => ({ any: any.map((c) => ({ all: [c], fit: 1 })) })),
        })),
        owned: has.slice(0, owned).map((_, n) => `i${n}`),
      });
      const wanted = problem.drinks.map((d) => d.id);
      const prepared = new PreparedProblem(problem);
      let least: [bottles: number, cost: number] | undefined;
      for (let mask = 0; mask < 1 << has.length; mask++) {
        const set = new Set(has.flatMap((_, n) => (n < owned || mask & (1 << n) ? [n] : [])));
        const supply = prepared.supply(set);
        if (!wanted.every((_, d) => prepared.fit(d, supply) > 0)) continue;
        const bought = [...set].filter((n) => n >= owned);
        const bottles = bought.filter((n) => has[n]?.counted).length;
        const cost = bought.reduce((sum, n) => sum + (has[n]?.price ?? 0), 0);
        if (!least || bottles < least[0] || (bottles === least[0] && cost < least[1]))
          least = [bottles, cost];
      }
      const found = fewestBottles(problem, wanted);
      expect(found && [found.bottles.length, found.cost]).toEqual(least);
      if (!found) return;
      const there = prepared.supply(
        [...found.bottles, ...found.others, ...problem.owned].map((id) => Number(id.slice(1))),
      );
      expect(wanted.every((_, d) => prepared.fit(d, there) > 0)).toBe(true);
    }),
    { numRuns: 200 },
  );
});

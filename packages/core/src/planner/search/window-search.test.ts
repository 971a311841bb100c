import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../../testing/problems.js';
import { Cover } from '../cover.js';
import { PreparedProblem } from '../prepared.js';
import type { PlanProblem } from '../problem.js';
import { bindingBudget } from './budget-multiplier.js';
import { MeritWeights, SearchModel } from './search-model.js';
import { ParetoFront } from './pareto-front.js';
import { TrackedSet } from './tracked-set.js';
import { BudgetWindow } from './window.js';
import { WindowSearch } from './window-search.js';

function modelOf(problem: PlanProblem): SearchModel {
  const prepared = new PreparedProblem(problem);
  const cover = new Cover(prepared);
  const prices = Float64Array.from(cover.items, (i) => prepared.price(i));
  const byId = cover.items.map((_, i) => i);
  const weights = new MeritWeights(cover, prices, prepared.lenses);
  return new SearchModel(cover, prices, byId, prepared.lenses, weights);
}

/** A front with good sets of a model in it, and what is bought with everything. */
function explored(model: SearchModel): { front: ParetoFront; whole: number } {
  const front = new ParetoFront(model);
  const search = new WindowSearch(model, front);
  const whole = model.prices.reduce((a, b) => a + b, 0);
  search.offer(new Uint8Array(model.n));
  search.offer(new Uint8Array(model.n).fill(1));
  search.scan(whole / 2);
  search.explore(0, whole, () => false);
  return { front, whole };
}

const problems = problemArbitrary({ items: 10, drinks: 14, capabilities: 7, lenses: true });

describe('looking for good sets', () => {
  it('leaves no better set one item away from any that it knows', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const model = modelOf(problem);
        const { front } = explored(model);
        const set = new TrackedSet(model);
        for (const { chosen } of front.points)
          for (let item = 0; item < model.n; item++) {
            set.reset(chosen.map((x, i) => (i === item ? 1 - x : x)));
            const { steps, valid } = set.worth();
            if (valid) expect(front.at(set.spend)!.steps).toBeGreaterThanOrEqual(steps);
          }
      }),
      { numRuns: 200 },
    );
  });
});

describe('the cutoffs of a window', () => {
  it('are cleared by as much at every multiplier of the budget when only those of its hull are looked at', () => {
    fc.assert(
      fc.property(problems, fc.array(fc.double({ min: 0, max: 2, noNaN: true })), (problem, moneys) => {
        const model = modelOf(problem);
        const { front, whole } = explored(model);
        const window = new BudgetWindow(model, front, Math.floor(whole / 4), whole, -1, 'too');
        expect(window.cutoffs).toEqual(expect.arrayContaining(window.hull));
        const clear = (cutoffs: typeof window.hull, money: number) =>
          Math.max(...cutoffs.map(({ budget, merit }) => money * budget - merit));
        for (const money of moneys) {
          expect(clear(window.hull, money)).toBeCloseTo(clear(window.cutoffs, money), 8);
          expect(window.hull.map(({ budget }) => budget)).toContain(bindingBudget(window.hull, money));
        }
      }),
      { numRuns: 200 },
    );
  });
});

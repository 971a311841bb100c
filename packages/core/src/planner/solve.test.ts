import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteForceBest, bruteForceFrontier } from '../testing/brute-force.js';
import { problemArbitrary } from '../testing/problems.js';
import { WORKED_EXAMPLE, WORKED_FRONTIER } from '../testing/worked-example.js';
import { planProblemSchema } from './problem.js';
import { solveFrontier, solvePlan } from './solve.js';

describe('the worked example', () => {
  const problem = planProblemSchema.parse(WORKED_EXAMPLE);

  it('gives the whole published frontier', () => {
    const frontier = solveFrontier(problem);
    expect(frontier.status).toBe('optimal');
    expect(frontier.points).toEqual(
      WORKED_FRONTIER.map(([spend, value, items]) => ({ spend, value, items })),
    );
  });

  it.each(WORKED_FRONTIER)('at a budget of %i is worth %f', (budget, value, items) => {
    const answer = solvePlan({ ...problem, budget });
    expect(answer).toMatchObject({ status: 'optimal', value, bound: value, spend: budget, items });
  });
});

describe('against trying every set', () => {
  it.each([false, true])(
    'finds the same best set, ties and all, under every constraint; lenses: %s',
    (lenses) => {
      fc.assert(
        fc.property(problemArbitrary({ items: 9, drinks: 8, capabilities: 6, lenses }), (problem) => {
          const best = bruteForceBest(problem);
          const answer = solvePlan(problem);
          expect(answer.status).toBe(best === undefined ? 'infeasible' : 'optimal');
          expect(answer.items).toEqual(best?.items ?? []);
          expect(answer.value).toBeCloseTo(best?.value ?? 0, 9);
          expect(answer.bound).toBe(answer.value);
          expect(answer.spend).toBe(best?.spend ?? 0);
        }),
        { numRuns: 400 },
      );
    },
  );

  it.each([false, true])('finds the same frontier; lenses: %s', (lenses) => {
    fc.assert(
      fc.property(problemArbitrary({ items: 8, drinks: 9, capabilities: 5, lenses }), (problem) => {
        const expected = bruteForceFrontier(problem);
        const { points } = solveFrontier(problem);
        expect(points.map((p) => [p.spend, p.items])).toEqual(expected.map((p) => [p.spend, p.items]));
      }),
      { numRuns: 200 },
    );
  });
});

import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Highs } from 'highs';
import { highsForTests } from '../testing/highs.js';
import { bruteForceBest, bruteForceFrontier } from '../testing/brute-force.js';
import { problemArbitrary } from '../testing/problems.js';
import { WORKED_EXAMPLE, WORKED_FRONTIER } from '../testing/worked-example.js';
import { planProblemSchema } from './problem.js';
import { solveFrontier, solvePlan } from './solve.js';

let highs: Highs;
beforeAll(async () => {
  highs = await highsForTests();
});

describe('the worked example', () => {
  const problem = planProblemSchema.parse(WORKED_EXAMPLE);

  it('gives the whole published frontier', () => {
    const frontier = solveFrontier(highs, problem);
    expect(frontier.status).toBe('optimal');
    expect(frontier.points).toEqual(
      WORKED_FRONTIER.map(([spend, value, items]) => ({ spend, value, items })),
    );
  });

  it.each(WORKED_FRONTIER)('at a budget of %i is worth %f', (budget, value, items) => {
    const answer = solvePlan(highs, { ...problem, budget });
    expect(answer).toMatchObject({ status: 'optimal', value, bound: value, spend: budget, items });
  });
});

describe('against trying every set', () => {
  it('finds the same best set, ties and all, under every kind of constraint', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 9, drinks: 8, capabilities: 6 }), (problem) => {
        const best = bruteForceBest(problem);
        const answer = solvePlan(highs, problem);
        expect(answer.status).toBe(best === undefined ? 'infeasible' : 'optimal');
        expect(answer.items).toEqual(best?.items ?? []);
        expect(answer.value).toBeCloseTo(best?.value ?? 0, 9);
        expect(answer.bound).toBe(answer.value);
        expect(answer.spend).toBe(best?.spend ?? 0);
      }),
      { numRuns: 400 },
    );
  });

  it('finds the same frontier', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 7, drinks: 6, capabilities: 5 }), (problem) => {
        const expected = bruteForceFrontier(problem);
        const { points } = solveFrontier(highs, problem);
        expect(points.map((p) => [p.spend, p.items])).toEqual(expected.map((p) => [p.spend, p.items]));
      }),
      { numRuns: 100 },
    );
  });
});

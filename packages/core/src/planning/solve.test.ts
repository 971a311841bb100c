import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Highs } from 'highs';
import { highsForTests } from '../testing/highs.js';
import { bruteForceBest, bruteForceFrontier } from '../testing/brute-force.js';
import { problemArbitrary, WORKED_EXAMPLE } from '../testing/problems.js';
import { planProblemSchema } from './problem.js';
import { solveFrontier, solvePlan } from './solve.js';

let highs: Highs;
beforeAll(async () => {
  highs = await highsForTests();
});

// The published worked example, checked by trying all 64 sets.
const TABLE: [spend: number, value: number, items: string[]][] = [
  [0, 0, []],
  [1600, 1, ['white-rum-70']],
  [3350, 2, ['dry-gin-70', 'white-rum-70']],
  [4950, 2.85, ['bourbon-70', 'sweet-vermouth-75', 'white-rum-70']],
  [5250, 3, ['dry-gin-70', 'triple-sec-50', 'white-rum-70']],
  [6700, 3.85, ['bourbon-70', 'dry-gin-70', 'sweet-vermouth-75', 'white-rum-70']],
  [6900, 4.85, ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75']],
  [8500, 5.85, ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75', 'white-rum-70']],
  [
    10400,
    6.85,
    ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75', 'triple-sec-50', 'white-rum-70'],
  ],
];

describe('the worked example', () => {
  const problem = planProblemSchema.parse(WORKED_EXAMPLE);

  it('gives the whole published frontier', () => {
    const frontier = solveFrontier(highs, problem);
    expect(frontier.status).toBe('optimal');
    expect(frontier.points).toEqual(TABLE.map(([spend, value, items]) => ({ spend, value, items })));
  });

  it.each(TABLE)('at a budget of %i is worth %f', (budget, value, items) => {
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

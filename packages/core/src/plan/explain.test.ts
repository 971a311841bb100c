import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judged } from '../testing/brute-force.js';
import { problemArbitrary } from '../testing/problems.js';
import { WORKED_EXAMPLE } from '../testing/worked-example.js';
import { PreparedProblem } from '../planner/prepared.js';
import { explainPlan, pouredItems } from './explain.js';
import { findObstacle } from './infeasible.js';
import { planProblemSchema } from '../planner/problem.js';
import { solvePlan } from '../planner/solve.js';

const example = planProblemSchema.parse(WORKED_EXAMPLE);

describe('the worked example at 6900, explained', () => {
  const explanation = explainPlan(example, {
    items: ['bourbon-70', 'dry-gin-70', 'red-bitter-70', 'sweet-vermouth-75'],
  });

  it('says which drinks lean on each bottle', () => {
    const leaning = Object.fromEntries(explanation.reasons.map((r) => [r.id, r.leaning.map((d) => d.id)]));
    expect(leaning).toEqual({
      'dry-gin-70': ['gin-sour', 'bitter-thirds'],
      'sweet-vermouth-75': ['bitter-thirds', 'amber-thirds', 'rye-and-vermouth'],
      'red-bitter-70': ['bitter-thirds', 'amber-thirds'],
      'bourbon-70': ['bourbon-sour', 'amber-thirds', 'rye-and-vermouth'],
    });
  });

  it('says what the drinks not made lack and the cheapest lift', () => {
    expect(explanation.notMade).toEqual([
      { id: 'rum-sour', lacks: ['white-rum-70'], cost: 1600 },
      { id: 'white-sour', lacks: ['triple-sec-50'], cost: 1900 },
    ]);
    expect(explanation.lifts.map((l) => [l.id, l.price, l.gain])).toEqual([
      ['white-rum-70', 1600, 1],
      ['triple-sec-50', 1900, 1],
    ]);
  });
});

describe('explanations of random sets', () => {
  it('keep their word when the set is changed as they say', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 8, drinks: 7, capabilities: 5 }), (problem) => {
        const answer = solvePlan(problem);
        fc.pre(answer.status === 'optimal');
        const explanation = explainPlan(problem, answer);
        const openWith = (ids: string[]) => {
          const { fits } = judged(problem, ids);
          return problem.drinks.filter((_, d) => (fits[d] ?? 0) > 0).map((d) => d.id);
        };
        // Variants of one drink close and open as one.
        const groupOf = (id: string) => problem.drinks.find((d) => d.id === id)?.group ?? id;
        const groups = (ids: string[]) => [...new Set(ids.map(groupOf))].sort();
        for (const reason of explanation.reasons) {
          const left = groups(openWith(answer.items.filter((i) => i !== reason.id)));
          const closed = groups(answer.drinks.map((d) => d.id)).filter((g) => !left.includes(g));
          expect(groups(reason.closes)).toEqual(closed);
          expect(reason.closes).toHaveLength(closed.length);
          expect(groups(reason.leaning.map((d) => d.id))).toHaveLength(reason.leaning.length);
        }
        // Found without an explanation, what is poured from is the same.
        const leant = explanation.reasons.filter((r) => r.leaning.length > 0).map((r) => r.id);
        expect([...pouredItems(new PreparedProblem(problem), answer)].sort()).toEqual(leant.sort());
        for (const notMade of explanation.notMade) {
          const opened = openWith([...answer.items, ...notMade.lacks]).includes(notMade.id);
          expect(opened).toBe(notMade.lacks.length > 0);
        }
        for (const lift of explanation.lifts) {
          const lifted = judged(problem, [...answer.items, lift.id]);
          expect(lifted.value).toBeCloseTo(answer.value + lift.gain, 9);
          const before = groups(answer.drinks.map((d) => d.id));
          const after = groups(openWith([...answer.items, lift.id]));
          expect(groups(lift.adds.map((d) => d.id))).toEqual(after.filter((g) => !before.includes(g)));
          // It takes more money than there is, and the best set of that money gains as much or more.
          const more = lift.price - (problem.budget - answer.spend);
          expect(more).toBeGreaterThan(0);
          const best = solvePlan({ ...problem, budget: problem.budget + more });
          expect(best.value).toBeGreaterThanOrEqual(answer.value + lift.gain - 1e-9);
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe('what stands in the way', () => {
  it('is money, and how much would do', () => {
    const problem = { ...example, budget: 1000, mustDrinks: ['white-sour', 'rum-sour'] };
    expect(solvePlan(problem).status).toBe('infeasible');
    expect(findObstacle(problem)).toEqual({ kind: 'money', need: 1750 + 1900 + 1600 });
  });

  it('is a limit', () => {
    const problem = { ...example, mustDrinks: ['white-sour'], maxCounted: 1 };
    expect(findObstacle(problem)).toEqual({ kind: 'limits' });
  });

  it('is a bottle that was ruled out', () => {
    const problem = { ...example, mustDrinks: ['white-sour', 'rum-sour'], never: ['triple-sec-50'] };
    expect(findObstacle(problem)).toEqual({ kind: 'unobtainable', drinks: ['white-sour'] });
  });
});

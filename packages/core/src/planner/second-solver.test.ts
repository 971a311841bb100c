import fc from 'fast-check';
import { solve, type Constraint, type Model } from 'yalps';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Highs } from 'highs';
import { highsForTests } from '../testing/highs.js';
import { problemArbitrary } from '../testing/problems.js';
import type { PlanProblem } from './problem.js';
import { ReferenceModel } from './reference/reference-model.js';
import { solveFrontier, solvePlan } from './solve.js';

let highs: Highs;
beforeAll(async () => {
  highs = await highsForTests();
});

type Columns = Record<string, Record<string, number>>;

/**
 * The problem for YALPS, a MILP library of its own making, in a formulation of its own: one binary
 * for each drink at each fit, chosen at most once a group, covered slot by slot.
 */
function forYalps(problem: PlanProblem): Model {
  const constraints: Record<string, Constraint> = {
    spend: { max: problem.budget },
    counted: { max: problem.maxCounted ?? 1e6 },
    width: { max: problem.maxWidthMm ?? 1e9 },
    liquor: { max: problem.maxLiquorMl ?? 1e9 },
  };
  const columns: Columns = {};
  problem.items.forEach((item, i) => {
    const forced = problem.owned.includes(item.id) || problem.must.includes(item.id);
    const owned = problem.owned.includes(item.id);
    constraints[`item${i}`] = { min: forced ? 1 : 0, max: problem.never.includes(item.id) ? 0 : 1 };
    columns[`x${i}`] = {
      value: 0,
      [`item${i}`]: 1,
      spend: owned ? 0 : item.price,
      counted: item.counted ? 1 : 0,
      width: item.widthMm,
      liquor: item.liquorMl,
    };
  });
  const cover = (row: string, column: string, capability: string) => {
    (columns[column] as Record<string, number>)[row] = 1;
    constraints[row] = { max: 0 };
    problem.items.forEach((item, i) => {
      if (item.provides.includes(capability)) (columns[`x${i}`] as Record<string, number>)[row] = -1;
    });
  };
  problem.drinks.forEach((drink, d) => {
    const group = `group ${drink.group ?? `alone ${d}`}`;
    constraints[group] = { max: 1 };
    if (problem.mustDrinks.includes(drink.id)) constraints[`must ${d}`] = { min: 1 };
    const fits = new Set(
      drink.slots.flatMap((s) => s.any.map((a) => a.fit)).filter((f) => f >= problem.minFit),
    );
    if (drink.slots.length === 0) fits.add(1);
    for (const fit of fits) {
      const z = `z${d} ${fit}`;
      columns[z] = { value: drink.weight * fit, [group]: 1 };
      if (problem.mustDrinks.includes(drink.id)) {
        // A must-drink counts as open even when another of its group is the one that scores.
        columns[`open${z}`] = { value: 0, [`must ${d}`]: 1 };
      }
      for (const name of [z, `open${z}`].filter((n) => n in columns)) {
        drink.slots.forEach((slot, s) => {
          const row = `${name} slot ${s}`;
          (columns[name] as Record<string, number>)[row] = 1;
          constraints[row] = { max: 0 };
          slot.any.forEach((alternative, a) => {
            if (alternative.fit < fit) return;
            const y = `${row} way ${a}`;
            columns[y] = { [row]: -1 };
            alternative.all.forEach((c, i) => cover(`${y} needs ${i}`, y, c));
          });
        });
      }
    }
  });
  return {
    direction: 'maximize',
    objective: 'value',
    constraints,
    variables: columns,
    integers: Object.keys(columns).filter((c) => /^x\d/.test(c)),
  };
}

function reference<T>(problem: PlanProblem, ask: (model: ReferenceModel) => T): T {
  const model = new ReferenceModel(highs, problem);
  try {
    return ask(model);
  } finally {
    model.dispose();
  }
}

describe('against two other solvers', () => {
  it('agrees with YALPS on the greatest value of larger problems', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 22, drinks: 26, capabilities: 14 }), (problem) => {
        const theirs = solve(forYalps(problem), { timeout: 20_000, tolerance: 0, maxIterations: 1e6 });
        fc.pre(theirs.status === 'optimal' || theirs.status === 'infeasible');
        const ours = solvePlan(problem);
        expect(ours.status).toBe(theirs.status);
        if (ours.status === 'optimal') expect(ours.value).toBeCloseTo(theirs.result, 5);
      }),
      { numRuns: 60 },
    );
  });

  it.each([false, true])('gives the very answer that HiGHS gives, ties and all; lenses: %s', (lenses) => {
    fc.assert(
      fc.property(problemArbitrary({ items: 30, drinks: 60, capabilities: 20, lenses }), (problem) => {
        expect(solvePlan(problem)).toEqual(reference(problem, (model) => model.solve(problem.budget)));
      }),
      { numRuns: 200 },
    );
  });

  it.each([false, true])('gives the frontier that HiGHS gives; lenses: %s', (lenses) => {
    fc.assert(
      fc.property(problemArbitrary({ items: 20, drinks: 30, capabilities: 12, lenses }), (problem) => {
        expect(solveFrontier(problem)).toEqual(reference(problem, (model) => model.frontier()));
      }),
      { numRuns: 30 },
    );
  });
});

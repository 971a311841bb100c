import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../testing/problems.js';
import { cheapestWay } from '../plan/cheapest-way.js';
import { ValueScale } from './exact-value.js';
import { PreparedProblem } from './prepared.js';
import { planProblemSchema, type PlanProblem } from './problem.js';

const SMALL = { items: 8, drinks: 7, capabilities: 5, lenses: true };
const subset = (problem: PlanProblem, mask: number) =>
  new Set(problem.items.map((_, i) => i).filter((i) => (mask >> i) & 1));

describe('judging a set', () => {
  it('never falls when an item joins: fits and value only rise', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), fc.nat(255), fc.nat(7), (problem, mask, extra) => {
        const prepared = new PreparedProblem(problem);
        const before = prepared.judge(subset(problem, mask));
        const after = prepared.judge(subset(problem, mask | (1 << extra)));
        expect(after.steps).toBeGreaterThanOrEqual(before.steps);
        before.fits.forEach((fit, d) => expect(after.fits[d]).toBeGreaterThanOrEqual(fit));
      }),
    );
  });

  it('does not depend on the order of items, drinks or alternatives', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), fc.nat(255), (problem, mask) => {
        const turned: PlanProblem = {
          ...problem,
          items: [...problem.items].reverse(),
          drinks: [...problem.drinks]
            .reverse()
            .map((d) => ({ ...d, slots: d.slots.map((s) => ({ any: [...s.any].reverse() })).reverse() })),
        };
        const chosen = subset(problem, mask);
        const mirrored = new Set([...chosen].map((i) => problem.items.length - 1 - i));
        const a = new PreparedProblem(problem).judge(chosen);
        const b = new PreparedProblem(turned).judge(mirrored);
        expect([b.valid, b.steps, b.spend]).toEqual([a.valid, a.steps, a.spend]);
      }),
    );
  });

  it('counts a group once, by its best member', () => {
    const open = (id: string, weight: number) => ({ id, weight, group: 'g', slots: [] });
    const problem = planProblemSchema.parse({
      format: 'uisce-plan-problem/1',
      budget: 0,
      items: [],
      drinks: [open('a', 1), open('b', 2), { id: 'c', slots: [] }],
    });
    expect(new PreparedProblem(problem).judge(new Set()).value).toBe(3);
  });
});

describe('exact values', () => {
  it('add up without the errors of binary fractions', () => {
    const fits = [0.1, 0.2, 0.7];
    const problem = planProblemSchema.parse({
      format: 'uisce-plan-problem/1',
      budget: 0,
      items: [],
      drinks: fits.map((fit, i) => ({ id: `d${i}`, weight: 3, slots: [{ any: [{ all: [], fit }] }] })),
    });
    const scale = new ValueScale(problem);
    const steps = fits.reduce((sum, fit) => sum + scale.steps(3, fit), 0);
    expect(scale.value(steps)).toBe(3);
    expect(scale.steps(3, 0.1) + scale.steps(3, 0.2)).toBeLessThan(scale.steps(3, 0.7));
  });

  it('keep order for any weights and fits of up to three decimals each', () => {
    const thousandth = fc.integer({ min: 1, max: 3000 }).map((n) => n / 1000);
    const fit = fc.integer({ min: 1, max: 1000 }).map((n) => n / 1000);
    fc.assert(
      fc.property(fc.array(fc.tuple(thousandth, fit), { minLength: 2, maxLength: 6 }), (pairs) => {
        const problem = planProblemSchema.parse({
          format: 'uisce-plan-problem/1',
          budget: 0,
          items: [],
          drinks: pairs.map(([weight, f], i) => ({
            id: `d${i}`,
            weight,
            slots: [{ any: [{ all: [], fit: f }] }],
          })),
        });
        const scale = new ValueScale(problem);
        for (const [w, f] of pairs) {
          // Both factors in whole thousandths: their product is exact in integers.
          const exact = Math.round(w * 1000) * Math.round(f * 1000);
          expect(Math.round(scale.value(scale.steps(w, f)) * 1e6)).toBe(exact);
        }
      }),
    );
  });
});

describe('the cheapest way to a drink', () => {
  it('is as cheap as the cheapest of all sets that open it', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 7, drinks: 3, capabilities: 5 }), fc.nat(127), (raw, mask) => {
        const prepared = new PreparedProblem({ ...raw, owned: [], must: [], never: [] });
        const chosen = subset(prepared.problem, mask);
        const way = cheapestWay(prepared, 0, chosen);
        let least: number | undefined;
        for (let more = 0; more < 2 ** prepared.problem.items.length; more++) {
          const added = [...subset(prepared.problem, more)].filter((i) => !chosen.has(i));
          if (prepared.fit(0, prepared.supply([...chosen, ...added])) === 0) continue;
          const cost = added.reduce((sum, i) => sum + prepared.price(i), 0);
          if (least === undefined || cost < least) least = cost;
        }
        expect(way?.cost).toBe(least);
        if (way) expect(prepared.fit(0, prepared.supply([...chosen, ...way.items]))).toBeGreaterThan(0);
      }),
    );
  });
});

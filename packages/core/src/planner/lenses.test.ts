import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../testing/problems.js';
import { PreparedProblem } from './prepared.js';
import { planProblemSchema, type PlanProblem } from './problem.js';
import { solvePlan } from './solve.js';

const SIZE = { items: 8, drinks: 10, capabilities: 6, lenses: true };
const without = ({ variety: _v, shares: _s, ...plain }: PlanProblem): PlanProblem => plain;

describe('the lenses', () => {
  it('only ever take away, and never from an empty hand', () => {
    fc.assert(
      fc.property(problemArbitrary(SIZE), fc.nat(255), (problem, mask) => {
        const items = new Set(problem.items.map((_, i) => i).filter((i) => (mask >> i) & 1));
        const tilted = new PreparedProblem(problem).judge(items, Infinity).value;
        const plain = new PreparedProblem(without(problem)).judge(items, Infinity).value;
        expect(tilted).toBeLessThanOrEqual(plain + 1e-9);
        expect(tilted).toBeGreaterThanOrEqual(0);
        if (!problem.variety && !problem.shares?.length) expect(tilted).toBeCloseTo(plain, 9);
      }),
    );
  });

  it('spread a set over families: the fourth sour gives way to the first old-fashioned', () => {
    const slot = (kind: string) => ({ any: [{ all: [kind], fit: 1 }] });
    const sours = ['a', 'b', 'c', 'd'].map((k) => ({ id: `sour-${k}`, family: 'sour', slots: [slot(k)] }));
    const problem = planProblemSchema.parse({
      format: 'uisce-plan-problem/1',
      budget: 400,
      items: ['a', 'b', 'c', 'd', 'z'].map((k) => ({ id: k, provides: [k], price: 100 })),
      drinks: [...sours, { id: 'old-fashioned', family: 'old-fashioned', weight: 0.9, slots: [slot('z')] }],
    });
    expect(solvePlan(problem)).toMatchObject({ value: 4, items: ['a', 'b', 'c', 'd'] });
    const varied = solvePlan({ ...problem, variety: { after: 3, factor: 0.5 } });
    expect(varied).toMatchObject({ status: 'optimal', items: ['a', 'b', 'c', 'z'] });
    expect(varied.value).toBeCloseTo(3.9, 9);
  });

  it('ask that a group be of one family and the same tags', () => {
    const drink = (id: string, family: string) => ({ id, group: 'g', family, slots: [] });
    const parsed = planProblemSchema.safeParse({
      format: 'uisce-plan-problem/1',
      budget: 0,
      items: [],
      drinks: [drink('a', 'sour'), drink('b', 'fizz')],
    });
    expect(parsed.error?.issues).toMatchObject([
      { path: ['drinks', 1], message: 'drinks of the group "g" must share one family and the same tags' },
    ]);
  });
});

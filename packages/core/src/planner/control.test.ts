import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../testing/problems.js';
import { WORKED_EXAMPLE } from '../testing/worked-example.js';
import { OutOfTimeError, PlanSearch, type Stretch } from './plan-search.js';
import { planProblemSchema, type PlanAnswer } from './problem.js';
import { solveFrontier, solvePlan } from './solve.js';
import {
  mergeCurve,
  pointAtOrBelow,
  waterlineBudgets,
  WATERLINE_STEPS,
  type SettledStretch,
} from './waterline.js';

const example = planProblemSchema.parse(WORKED_EXAMPLE);

describe('answers on the way', () => {
  it('only get better, are truthful about their bound, and end proven', () => {
    fc.assert(
      fc.property(problemArbitrary({ items: 10, drinks: 12, capabilities: 7 }), (problem) => {
        const seen: PlanAnswer[] = [];
        const last = solvePlan(problem, { onAnswer: (answer) => seen.push(answer) });
        fc.pre(last.status === 'optimal');
        seen.forEach((answer, i) => {
          expect(answer.value).toBeLessThanOrEqual(last.value);
          expect(answer.bound).toBeGreaterThanOrEqual(last.value);
          expect(answer.value).toBeGreaterThanOrEqual(seen[i - 1]?.value ?? 0);
        });
        expect(last.bound).toBe(last.value);
      }),
      { numRuns: 60 },
    );
  });
});

describe('a solve that is stopped', () => {
  it('says feasible, with a bound, and never claims proof', () => {
    const answer = solvePlan({ ...example, budget: 6900 }, { shouldStop: () => true });
    expect(answer.status).toBe('feasible');
    expect(answer.bound).toBeGreaterThanOrEqual(4.85);
    expect(Number.isFinite(answer.bound)).toBe(true);
  });

  it('out of time gives the cheap end of the frontier, each point exact, marked incomplete', () => {
    let asked = 0;
    const whole = solveFrontier(example, { shouldStop: () => ++asked < 0 }).points;
    let left = asked * 0.7;
    const frontier = solveFrontier(example, { remainingSeconds: () => left-- });
    expect(frontier.status).toBe('feasible');
    expect(frontier.points.length).toBeGreaterThan(1);
    expect(frontier.points).toEqual(whole.slice(0, frontier.points.length));
    expect(whole.length).toBeGreaterThan(frontier.points.length);
  });

  it('throws when it knows no valid set at all', () => {
    // The bundle of both is affordable, the cheapest ways to each are not.
    const slot = (...caps: string[]) => ({ any: caps.map((c) => ({ all: [c], fit: 1 })) });
    const problem = planProblemSchema.parse({
      format: 'uisce-plan-problem/1',
      budget: 15,
      items: [
        { id: 'both', provides: ['a', 'b'], price: 12 },
        { id: 'only-a', provides: ['a'], price: 10 },
        { id: 'only-b', provides: ['b'], price: 10 },
      ],
      drinks: [
        { id: 'd1', slots: [slot('a')] },
        { id: 'd2', slots: [slot('b')] },
      ],
      mustDrinks: ['d1', 'd2'],
    });
    expect(() => solvePlan(problem, { remainingSeconds: () => 0 })).toThrow(OutOfTimeError);
    expect(solvePlan(problem)).toMatchObject({ status: 'optimal', items: ['both'] });
  });
});

describe('one model at many budgets', () => {
  it('answers as a fresh model would, whatever was asked before', () => {
    const model = new PlanSearch(example);
    fc.assert(
      fc.property(fc.nat(11_000), (budget) => {
        expect(model.solve(budget)).toEqual(solvePlan({ ...example, budget }));
      }),
      { numRuns: 40 },
    );
  });
});

describe('the waterline', () => {
  it('steps by twentieths from nothing to everything', () => {
    const budgets = waterlineBudgets(123_450);
    expect(budgets).toHaveLength(WATERLINE_STEPS + 1);
    expect([budgets[0], budgets[10], budgets.at(-1)]).toEqual([0, 61_725, 123_450]);
    expect(waterlineBudgets(0)).toEqual([0]);
  });

  const point = (spend: number, value: number, proven = true) => ({
    spend,
    value,
    drinksMade: 0,
    items: [],
    proven,
  });

  it('finds the best point that is certainly affordable', () => {
    const points = [point(0, 0), point(900, 1), point(1990, 2)];
    expect(pointAtOrBelow(points, 1500)?.spend).toBe(900);
    expect(pointAtOrBelow(points, 1995)?.spend).toBe(1990);
    expect(pointAtOrBelow([], 10)).toBeUndefined();
  });

  it('puts exact stretches in the place of rough points, and never falls', () => {
    const rough = [point(0, 0, false), point(500, 2, false), point(1500, 3, false)];
    const settled = [{ stretch: { low: 400, high: 999 }, points: [point(450, 2), point(800, 4)] }];
    expect(mergeCurve(rough, settled).map((p) => [p.spend, p.value])).toEqual([
      [0, 0],
      [450, 2],
      [800, 4],
    ]);
  });

  it('calls a set proven only where nothing is better, in whatever order its stretches are settled', () => {
    const shuffled = fc.infiniteStream(fc.nat(1_000_000));
    let claims = 0;
    fc.assert(
      fc.property(
        problemArbitrary({ items: 10, drinks: 12, capabilities: 7 }),
        shuffled,
        (problem, chance) => {
          const search = new PlanSearch(problem);
          const whole = search.solve(search.wholePrice);
          fc.pre(whole.status === 'optimal');
          const asPoint = ({ spend, value, items, status }: PlanAnswer) => ({
            spend,
            value,
            items,
            drinksMade: 0,
            proven: status === 'optimal',
          });
          const rough = search.known({ low: 0, high: whole.spend }).map(asPoint);
          const settled: SettledStretch[] = [];
          const stretches = search.stretches(whole.spend);
          for (let i = 0; i < stretches.length; i += 4) {
            const [stretch] = stretches.splice(chance.next().value % stretches.length, 1) as [Stretch];
            search.settle(stretch);
            settled.push({ stretch, points: search.known(stretch).map(asPoint) });
          }
          const curve = mergeCurve(rough, settled);
          for (const budget of Array.from({ length: 20 }, () => chance.next().value % (whole.spend + 1))) {
            const here = pointAtOrBelow(curve, budget);
            if (here === undefined || here.provenTo < budget) continue;
            claims++;
            expect(here.value).toBe(solvePlan({ ...problem, budget }).value);
          }
          // What was settled is claimed, unless nothing so cheap is allowed.
          for (const { stretch } of settled) {
            const here = pointAtOrBelow(curve, stretch.high);
            if (here) expect(here.provenTo).toBeGreaterThanOrEqual(stretch.high);
            else expect(solvePlan({ ...problem, budget: stretch.high }).status).toBe('infeasible');
          }
        },
      ),
      { numRuns: 60 },
    );
    expect(claims).toBeGreaterThan(100);
  });
});

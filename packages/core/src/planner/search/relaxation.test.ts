import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteForceBest } from '../../testing/brute-force.js';
import { problemArbitrary } from '../../testing/problems.js';
import { Cover } from '../cover.js';
import { PreparedProblem } from '../prepared.js';
import type { PlanProblem } from '../problem.js';
import { Multipliers, toSimplex } from './multipliers.js';
import { FREE, NodeView } from './node-view.js';
import { Relaxation } from './relaxation.js';
import { MeritWeights, SearchModel } from './search-model.js';
import { TrackedSet } from './tracked-set.js';

const SMALL = { items: 9, drinks: 9, capabilities: 6, lenses: true };

function modelOf(problem: PlanProblem) {
  const prepared = new PreparedProblem(problem);
  const cover = new Cover(prepared);
  const prices = Float64Array.from(cover.items, (i) => prepared.price(i));
  const weights = new MeritWeights(cover, prices, prepared.lenses);
  const byId = cover.items.map((_, i) => i);
  return { prepared, cover, model: new SearchModel(cover, prices, byId, prepared.lenses, weights) };
}

describe('the bound', () => {
  it('is never below the best set, whatever the multipliers', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), fc.nat(60), (problem, steps) => {
        const best = bruteForceBest(problem);
        const { prepared, cover, model } = modelOf(problem);
        fc.pre(best !== undefined && model.n > 0);
        const forced = [...prepared.forced].reduce((sum, i) => sum + prepared.price(i), 0);
        const relaxation = new Relaxation(model, Multipliers.even(model));
        relaxation.view = new NodeView(model);
        relaxation.load(new Int8Array(model.n).fill(FREE), new NodeView(model));
        const cutoffs = [{ budget: problem.budget - forced, merit: 0 }];
        let bound = relaxation.bound(cutoffs);
        for (let s = 0; s < steps && relaxation.step(0.95 ** s); s++) bound = relaxation.bound(cutoffs);
        expect(cover.impossible).toBe(false);
        // Merit takes off less than half a step for money and items.
        expect(prepared.scale.value(bound + 0.45)).toBeGreaterThanOrEqual((best?.value ?? 0) - 1e-9);
      }),
      { numRuns: 300 },
    );
  });
});

describe('a set that grows and shrinks', () => {
  it('is worth what the problem says it is, at every turn', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), fc.array(fc.nat(8), { maxLength: 30 }), (problem, turns) => {
        const { prepared, cover, model } = modelOf(problem);
        fc.pre(model.n > 0 && !cover.impossible);
        const set = new TrackedSet(model);
        for (const turn of turns) {
          const item = turn % model.n;
          if (set.chosen[item] === 1) set.remove(item);
          else set.add(item);
          const items = new Set(prepared.forced);
          cover.items.forEach((i, c) => set.chosen[c] === 1 && items.add(i));
          const judged = prepared.judge(items, Infinity);
          expect(set.worth()).toMatchObject({ steps: judged.steps, valid: judged.valid });
          const other = turn % 3 === 0 ? item : (item + 1) % model.n;
          if (set.chosen[other] === 1) continue;
          const gain = set.gainOf(other);
          set.add(other);
          expect(set.steps).toBe(judged.steps + gain);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe('the nearest point whose parts add up to one', () => {
  it('has parts of none or more, and no step towards another such point brings it nearer', () => {
    const numbers = fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(numbers, fc.nat(5), (from, corner) => {
        const point = Float64Array.from(from);
        toSimplex(point, point.length);
        expect(Math.min(...point)).toBeGreaterThanOrEqual(0);
        expect(point.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
        // The projection's own condition: (from − point) · (corner − point) ≤ 0.
        const at = corner % from.length;
        const turn = from.reduce((s, f, i) => s + (f - point[i]!) * ((i === at ? 1 : 0) - point[i]!), 0);
        expect(turn).toBeLessThanOrEqual(1e-9);
      }),
    );
  });
});

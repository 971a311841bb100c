import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { problemArbitrary } from '../../testing/problems.js';
import { Cover } from '../cover.js';
import { PreparedProblem } from '../prepared.js';
import { Multipliers } from './multipliers.js';
import { FREE, NodeView } from './node-view.js';
import { Relaxation } from './relaxation.js';
import { Scope } from './scope.js';
import { MeritWeights, SearchModel } from './search-model.js';
import { TrackedSet } from './tracked-set.js';

describe('a smaller model of what a node leaves open', () => {
  it('is worth, for every choice, what the whole model is worth with the decisions added', () => {
    const size = { items: 10, drinks: 12, capabilities: 7, lenses: true };
    const decisions = fc.array(fc.constantFrom(FREE, FREE, 0, 1), { minLength: 10, maxLength: 10 });
    fc.assert(
      fc.property(problemArbitrary(size), decisions, fc.nat(1023), (problem, decided, mask) => {
        const prepared = new PreparedProblem(problem);
        const cover = new Cover(prepared);
        const prices = Float64Array.from(cover.items, (i) => prepared.price(i));
        const weights = new MeritWeights(cover, prices, prepared.lenses);
        const byId = cover.items.map((_, i) => i);
        const model = new SearchModel(cover, prices, byId, prepared.lenses, weights);
        fc.pre(model.n > 0);
        const state = Int8Array.from(decided.slice(0, model.n));
        const relaxation = new Relaxation(model, Multipliers.even(model));
        relaxation.view = new NodeView(model);
        relaxation.load(state, new NodeView(model));
        const cutoffs = [{ budget: problem.budget, merit: 0 }];
        const wholeBound = relaxation.bound(cutoffs);
        const { scope, multipliers } = Scope.reduced(
          model,
          state,
          relaxation.view,
          relaxation.multipliers,
          relaxation.columnIncome,
        );

        const small = new TrackedSet(scope.model);
        const whole = new TrackedSet(model);
        const chosen = Uint8Array.from({ length: scope.model.n }, (_, i) => (mask >> i) & 1);
        small.reset(chosen);
        whole.reset(scope.expand(chosen));
        expect(small.steps).toBe(whole.steps);
        expect(small.spend + scope.spent).toBe(whole.spend);
        expect(small.count + scope.count).toBe(whole.count);
        expect(scope.model.columns).toBeLessThanOrEqual(model.columns);

        // Its bound is a true one as well: no lower than what this very choice is worth.
        const bound = new Relaxation(scope.model, multipliers);
        bound.view = new NodeView(scope.model);
        bound.load(new Int8Array(scope.model.n).fill(FREE), new NodeView(scope.model));
        bound.bound(cutoffs);
        const merit = scope.model.merit(small.steps, small.spend, small.count);
        if (small.worth().valid) expect(bound.meritAt(small.spend)).toBeGreaterThanOrEqual(merit - 1e-6);
        expect(Number.isFinite(wholeBound)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Lenses } from '../lenses.js';
import { PreparedProblem } from '../prepared.js';
import { planProblemSchema } from '../problem.js';
import { NodeView } from './node-view.js';
import { bindingBudget, budgetMultiplier } from './budget-multiplier.js';
import { MeritWeights, SearchModel, type CoverShape } from './search-model.js';
import { ParetoFront, type SetWorth } from './pareto-front.js';

const empty = planProblemSchema.parse({ format: 'uisce-plan-problem/1', budget: 0, items: [], drinks: [] });
const plain: Lenses = new PreparedProblem(empty).lenses;

/** A model with items and no drinks: enough for spending and for the order of sets. */
function bareModel(prices: number[]): SearchModel {
  const cover: CoverShape = { columns: [], limits: [], needs: [], given: [0] };
  const list = Float64Array.from(prices);
  const byId = prices.map((_, i) => i);
  return new SearchModel(cover, list, byId, plain, new MeritWeights(cover, list, plain));
}

interface Offer extends SetWorth {
  chosen: Uint8Array;
}

/** The order of the format: value, then spend, then number, then ids. */
function isBetter(a: Offer, b: Offer): boolean {
  if (a.steps !== b.steps) return a.steps > b.steps;
  if (a.spend !== b.spend) return a.spend < b.spend;
  if (a.count !== b.count) return a.count < b.count;
  const at = a.chosen.findIndex((x, i) => x !== b.chosen[i]);
  return at >= 0 && a.chosen[at] === 1;
}

describe('the front', () => {
  const offers = fc.array(fc.tuple(fc.nat(63), fc.nat(6)), { maxLength: 40 });

  it('holds at every budget the best set that was ever offered within it, whatever the order', () => {
    fc.assert(
      fc.property(offers, fc.array(fc.nat(4), { minLength: 6, maxLength: 6 }), (list, prices) => {
        const model = bareModel(prices.map((p) => 10 + p * 5));
        const front = new ParetoFront(model);
        const seen: Offer[] = list.map(([mask, steps]) => {
          const chosen = Uint8Array.from({ length: 6 }, (_, i) => (mask >> i) & 1);
          const spend = chosen.reduce((sum, x, i) => sum + x * model.prices[i]!, 0);
          return { chosen, steps, spend, count: chosen.reduce((a, b) => a + b, 0) };
        });
        for (const offer of seen) front.offer(offer.chosen, offer);
        for (let budget = 0; budget <= 180; budget += 5) {
          const within = seen.filter((o) => o.spend <= budget);
          const best = within.reduce<Offer | undefined>((a, b) => (a && !isBetter(b, a) ? a : b), undefined);
          const point = front.at(budget);
          expect(point && [point.steps, point.spend, ...point.chosen]).toEqual(
            best && [best.steps, best.spend, ...best.chosen],
          );
        }
        front.points.forEach((point, i) => {
          const below = front.points[i - 1];
          if (below) expect(point.steps > below.steps && point.spend > below.spend).toBe(true);
        });
      }),
      { numRuns: 200 },
    );
  });

  it('orders sets by one number as the format does, but for the ids', () => {
    const worth = fc.record({ steps: fc.nat(5000), units: fc.nat(60), count: fc.nat(6) });
    fc.assert(
      fc.property(worth, worth, (a, b) => {
        const { merit } = { merit: bareModel([100, 100, 100, 100, 100, 100]) };
        const of = (w: typeof a) => merit.merit(w.steps, Math.min(w.units, 6) * 100, w.count);
        const key = (w: typeof a) => [w.steps, -Math.min(w.units, 6), -w.count];
        const [x, y] = [key(a), key(b)];
        const differs = x.findIndex((v, i) => v !== y[i]);
        const expected = differs < 0 ? 0 : Math.sign(x[differs]! - y[differs]!);
        expect(Math.sign(of(a) - of(b))).toBe(expected);
      }),
    );
  });
});

describe('the multiplier of the budget', () => {
  it('is one at which what is worth buying can be paid for, and hardly more than needed', () => {
    const items = fc.array(
      fc.tuple(fc.integer({ min: 1, max: 40 }), fc.double({ min: 0, max: 50, noNaN: true })),
      {
        minLength: 1,
        maxLength: 12,
      },
    );
    fc.assert(
      fc.property(
        items,
        fc.nat(300),
        fc.double({ min: 0.001, max: 5, noNaN: true }),
        (list, budget, before) => {
          const model = bareModel(list.map(([price]) => price));
          const worth = Float64Array.from(list, ([, w]) => w);
          const view = new NodeView(model);
          const cutoffs = [{ budget, merit: 0 }];
          const money = budgetMultiplier(view, model.prices, worth, cutoffs, before);
          const spendAt = (m: number) =>
            list.reduce((sum, [price, w]) => sum + (w > m * price ? price : 0), 0);
          expect(spendAt(money)).toBeLessThanOrEqual(budget);
          // A tenth cheaper it would overspend, unless money hardly binds: bisection stops 1.1/512 of the
          // last price short, which is a tenth of a fortieth of it.
          if (money > before / 40) expect(spendAt(money * 0.9)).toBeGreaterThan(budget);
          expect(bindingBudget(cutoffs, money)).toBe(budget);
        },
      ),
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteForceBest, judged } from '../../testing/brute-force.js';
import { problemArbitrary } from '../../testing/problems.js';
import { WORKED_EXAMPLE } from '../../testing/worked-example.js';
import { planProblemSchema, type PlanProblem } from '../../planner/problem.js';
import { solvePlan } from '../../planner/solve.js';
import { askGuests, growTo } from './grow.js';
import { shoppingOrder } from './shopping-order.js';
import { steadiness } from './steadiness.js';
import { tiesOf } from './ties.js';
import { whyIn, whyNot } from './why.js';

const example = planProblemSchema.parse({ ...WORKED_EXAMPLE, budget: 6900 });
const SMALL = { items: 8, drinks: 9, capabilities: 6 };

/** Every set as good as the best by all but the ids, by trying all. */
function everyTie(problem: PlanProblem, value: number, spend: number, count: number): string[][] {
  const sets: string[][] = [];
  for (let mask = 0; mask < 2 ** problem.items.length; mask++) {
    const ids = problem.items.filter((_, i) => (mask >> i) & 1).map((i) => i.id);
    const { valid, ...found } = judged(problem, ids);
    if (valid && Math.abs(found.value - value) < 1e-9 && found.spend === spend && ids.length === count) {
      sets.push(ids.sort());
    }
  }
  return sets;
}

describe('ties', () => {
  it('are all the sets as good as the best, and no others', () => {
    let several = 0;
    fc.assert(
      fc.property(problemArbitrary(SMALL), (problem) => {
        // One price for everything makes many ties.
        const alike = { ...problem, items: problem.items.map((i) => ({ ...i, price: 100 })) };
        const answer = solvePlan(alike);
        fc.pre(answer.status === 'optimal');
        const expected = everyTie(alike, answer.value, answer.spend, answer.items.length);
        const ties = tiesOf(alike, answer, 100);
        expect(ties.all).toBe(true);
        expect(ties.sets.map(String).sort()).toEqual(expected.map(String).sort());
        expect(ties.shared).toEqual(answer.items.filter((id) => expected.every((s) => s.includes(id))));
        if (expected.length > 1) several += 1;
      }),
      { numRuns: 150 },
    );
    expect(several).toBeGreaterThan(5);
  });
});

describe('why and why not', () => {
  it('are the difference to the best set without, and with', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), fc.nat(7), (problem, n) => {
        const answer = solvePlan(problem);
        const id = problem.items[n % problem.items.length]?.id ?? '';
        fc.pre(answer.status === 'optimal');
        if (answer.items.includes(id)) {
          const refused = {
            ...problem,
            owned: problem.owned.filter((i) => i !== id),
            must: problem.must.filter((i) => i !== id),
            never: [...problem.never, id],
          };
          const best = bruteForceBest(refused);
          const { without } = whyIn(problem, answer, id);
          if (best === undefined) expect(without).toBeUndefined();
          else expect(without?.value).toBeCloseTo(best.value - answer.value, 9);
        } else {
          const never = problem.never.filter((i) => i !== id);
          const best = bruteForceBest({ ...problem, never, must: [...problem.must, id] });
          const { withIt, ruledOut } = whyNot(problem, answer, id);
          expect(ruledOut).toBe(problem.never.includes(id));
          if (best === undefined) expect(withIt).toBeUndefined();
          else expect(withIt?.value).toBeCloseTo(best.value - answer.value, 9);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('name what holds an item in, and its rivals', () => {
    const answer = solvePlan(example);
    const kept = { ...example, must: ['red-bitter-70'] };
    expect(whyIn(kept, answer, 'red-bitter-70').heldBy).toEqual({ kind: 'kept' });
    const wanted = { ...example, mustDrinks: ['bitter-thirds'] };
    expect(whyIn(wanted, answer, 'red-bitter-70').heldBy).toEqual({
      kind: 'must-drinks',
      drinks: ['bitter-thirds'],
    });
    // Without the red bitter (1800) the white rum (1600) makes its sour: two drinks lost, one won.
    const [rival] = whyIn(example, answer, 'red-bitter-70').rivals;
    expect(rival).toMatchObject({ id: 'white-rum-70', spend: -200 });
    expect(rival?.loses).toBeCloseTo(1, 9);
  });
});

describe('growing', () => {
  it('finds the cheapest way to several drinks at once, which may be less than one by one', () => {
    const problem = planProblemSchema.parse({
      ...WORKED_EXAMPLE,
      items: [...WORKED_EXAMPLE.items, { id: 'pair', provides: ['white-rum', 'triple-sec'], price: 2500 }],
    });
    const start = solvePlan({ ...problem, budget: 0 });
    expect(growTo(problem, start, ['rum-sour', 'white-sour'])).toMatchObject({
      cost: 4250,
      change: { joined: ['dry-gin-70', 'pair'], added: ['rum-sour', 'gin-sour', 'white-sour'] },
    });
    expect(growTo({ ...problem, never: ['bourbon-70'] }, start, ['bourbon-sour']).change).toBeUndefined();
  });

  it('asks guests for the bottles that widen the menu most, whatever they cost', () => {
    const start = solvePlan({ ...example, budget: 3350 });
    const all = new Set(example.items.map((i) => i.id));
    // From gin and white rum: two whole drinks beat a whole one and a stand-in.
    expect(askGuests(example, start, 2, all)).toMatchObject({ joined: ['bourbon-70', 'triple-sec-50'] });
    expect(askGuests(example, start, 1, new Set(['triple-sec-50'])).added).toEqual(['white-sour']);
  });
});

describe('steadiness', () => {
  it('is the same for the same seed, and never lets go of what nothing can replace', () => {
    const a = steadiness(example, 40);
    expect(a).toEqual(steadiness(example, 40));
    expect(a.draws).toBe(40);
    const kept = steadiness({ ...example, must: ['white-rum-70'] }, 25);
    expect(kept.picked['white-rum-70']).toBe(25);
    expect(Object.values(a.picked).every((n) => n <= 40)).toBe(true);
    expect(steadiness(example, 40, (so) => so.draws < 7).draws).toBe(7);
  });
});

describe('the shopping order', () => {
  it('buys everything that is not owned, once, and makes what the set makes', () => {
    fc.assert(
      fc.property(problemArbitrary(SMALL), (problem) => {
        const answer = solvePlan(problem);
        fc.pre(answer.status === 'optimal');
        const order = shoppingOrder(problem, answer);
        const bought = order.map((p) => p.itemId).sort();
        expect(bought).toEqual(answer.items.filter((id) => !problem.owned.includes(id)));
        if (order.length > 0) expect(order.at(-1)?.spend).toBe(answer.spend);
        order.forEach((p, n) => expect(p.open.length).toBeGreaterThanOrEqual(order[n - 1]?.open.length ?? 0));
        if (order.length > 0) expect(order.at(-1)?.open).toEqual(answer.drinks.map((d) => d.id));
      }),
    );
  });
});

import { describe, expect, it } from 'vitest';
import { newEvening } from '../evening/evening.js';
import { emptyBrief } from '../plan/brief.js';
import { afterAnswer } from '../practice/memory.js';
import { bottleThere, type Bottle } from '../stock/bottle.js';
import { keptBottle } from './bottle.js';
import { goneWithDrink } from './gone-drink.js';
import { mergeKept } from './merge-kept.js';
import { keptPlan } from './plan.js';
import { keptDeck } from './practice.js';

const ID = '7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001';

describe('a drink that is removed', () => {
  it('goes out of what names it, page and all, and nothing else is touched', () => {
    const plan = (id: string, mustDrinks: string[]) => ({
      id,
      name: 'A plan',
      brief: { ...emptyBrief('EUR'), mustDrinks },
      createdAt: '2026-01-01T12:00:00.000Z',
    });
    const evening = (must: string[], never: string[]) => ({
      ...newEvening(crypto.randomUUID(), '2026-01-09'),
      must,
      never,
    });
    const collection = {
      id: ID,
      name: 'Winter',
      note: '',
      book: '',
      pages: { a: 'p. 3', b: 'p. 7' },
      drinks: ['a', 'b'],
    };
    const gone = goneWithDrink('a', {
      plans: [plan(ID, ['a', 'b']), plan(crypto.randomUUID(), ['b'])],
      evenings: [evening(['a'], []), evening(['b'], ['a', 'c']), evening([], [])],
      collections: [collection, { ...collection, drinks: ['b'] }],
    });
    expect(gone.plans.map((p) => [p.id, p.brief.mustDrinks])).toEqual([[ID, ['b']]]);
    expect(gone.evenings.map((e) => [e.must, e.never])).toEqual([
      [[], []],
      [['b'], ['c']],
    ]);
    expect(gone.collections).toEqual([{ ...collection, pages: { b: 'p. 7' }, drinks: ['b'] }]);
  });
});

describe('what two devices made of the same thing', () => {
  const bottle = (leftMl: number): Bottle => ({ ...bottleThere(ID, 'gin'), sizeMl: 700, leftMl });

  it('has both pours, and lets somebody choose between two levels that were told', () => {
    const [base, mine, theirs] = [bottle(700), bottle(650), bottle(650)];
    expect(mergeKept(keptBottle, base, mine, theirs, false)).toEqual(bottle(600));
    expect(mergeKept(keptBottle, base, bottle(300), theirs, true)).toBeUndefined();
    expect(mergeKept(keptBottle, base, theirs, theirs, true)).toEqual(theirs);
  });

  it('has what both put aside', () => {
    const plan = (moneyNowMinor: number) => ({
      id: ID,
      name: 'A plan',
      brief: { ...emptyBrief('EUR'), moneyNowMinor },
      createdAt: '2026-01-01T12:00:00.000Z',
    });
    expect(mergeKept(keptPlan, plan(100), plan(150), plan(150), false)).toEqual(plan(200));
    expect(mergeKept(keptPlan, plan(100), plan(150), plan(170), true)).toBeUndefined();
  });

  it('has every card that either answered, the later answer of one', () => {
    const memory = (at: string) => afterAnswer(undefined, 'right', at);
    const deck = (cards: Record<string, string>) => ({
      id: ID,
      by: '',
      of: 'neat',
      cards: Object.fromEntries(Object.entries(cards).map(([key, at]) => [key, memory(at)])),
    });
    const [one, two, three] = ['2026-01-01', '2026-01-02', '2026-01-03'].map((d) => `${d}T12:00:00.000Z`) as [
      string,
      string,
      string,
    ];
    const both = mergeKept(
      keptDeck,
      deck({ a: one }),
      deck({ a: two, b: two }),
      deck({ a: three, c: two }),
      false,
    );
    expect(both).toEqual(deck({ a: three, b: two, c: two }));
  });
});

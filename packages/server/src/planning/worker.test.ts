import { describe, expect, it } from 'vitest';
import { bestPlan, emptyBrief } from '@uisce/core/plan';
import { catalogue, shops } from '../testing/running-app.js';
import run from './worker.js';

const euro = shops.filter((s) => s.currency === 'EUR');
const ask = (problem: object) => run({ kind: 'shops', problem, seconds: 60 });

describe('which shops, as it is asked over the API', () => {
  it('is answered for every set of them, and two are no worse than the better one', () => {
    const brief = { ...emptyBrief('EUR'), moneyNowMinor: 8_000, count: 'core', howBig: 'taste' };
    const told = ask({ brief, lists: euro });
    if (told.kind !== 'answer' || !('sets' in told.answer)) return expect.fail(told.kind);
    const { sets, best } = told.answer;
    expect(sets.map((s) => s.shops)).toEqual([[euro[0]?.id], [euro[1]?.id], euro.map((s) => s.id)]);
    expect(sets.every((s) => s.status === 'optimal' && s.spend <= 8_000)).toBe(true);
    const value = (i: number) => sets[i]?.value ?? 0;
    expect(value(2)).toBeGreaterThanOrEqual(Math.max(value(0), value(1)));
    expect(sets.find((s) => s.shops.join() === best.join())?.value).toBe(value(2));
  });

  it('refuses a shop in other money, and a shop twice, by where they stand', () => {
    const pounds = shops.find((s) => s.currency === 'GBP');
    const told = ask({ brief: emptyBrief('EUR'), lists: [euro[0], pounds, euro[0]] });
    expect(told).toMatchObject({ kind: 'faults' });
    expect(told.kind === 'faults' && told.faults.map((f) => f.pointer)).toEqual([
      '/lists/1/currency',
      '/lists/2/id',
    ]);
  });
});

describe('a brief, as it is asked over the API', () => {
  it('is answered as the Plan would say it, from no more than what differs from an empty one', () => {
    const [prices] = euro;
    if (!prices) throw new Error('there is a shop in euro');
    const own = { drinks: [], kinds: [], homeMade: [], freshness: 'between' as const };
    const told = run({
      kind: 'brief',
      problem: { shop: prices.id, brief: { moneyNowMinor: 12_000 } },
      own,
      prices,
      seconds: 60,
    });
    if (told.kind !== 'answer' || !('drinksMade' in told.answer)) return expect.fail(told.kind);
    const brief = { ...emptyBrief('EUR'), moneyNowMinor: 12_000 };
    const page = bestPlan({ brief, prices, catalogue }) ?? expect.fail('stopped');
    expect(told.answer).toMatchObject({
      status: 'optimal',
      drinksMade: page.drinksMade,
      value: page.answer.value,
      spend: page.answer.spend,
      askedFor: page.askedFor,
      items: page.inUse,
    });
    expect(told.answer.soft).toBeGreaterThan(0);
    expect(told.answer.forTheDay).toBeGreaterThan(0);
  });
});

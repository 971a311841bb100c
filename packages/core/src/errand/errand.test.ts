import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PriceList } from '../catalogue/price-list.js';
import { bestPlan } from '../plan/best-plan.js';
import { smallBrief, catalogue, DRINKS, errandOf, KINDS, shop } from '../testing/small-shops.js';
import { basketsOf } from './basket.js';
import { bestAtShops, compareShops, setsOfShops } from './shops.js';
import { joinShops } from './joined-shops.js';
import { judgeErrand, listAsFound, takenUp } from './in-shop.js';
import { linesOf } from './list.js';
import { type Errand, type ErrandLine } from './errand.js';

/** The errand for the best plan at these shops. */
function errandFor(moneyMinor: number, ...lists: PriceList[]): Errand {
  const joined = joinShops(lists);
  const result = bestPlan({ brief: smallBrief(moneyMinor), prices: joined.list, catalogue });
  if (!result) throw new Error('nothing stops it');
  return errandOf(linesOf(result, joined, lists), moneyMinor);
}
const put = (errand: Errand, ids: Record<string, Partial<ErrandLine>>): Errand => ({
  ...errand,
  lines: errand.lines.map((l) => ({ ...l, ...ids[l.id] })),
});
const price = fc.oneof(fc.constant(0), fc.integer({ min: 700, max: 4000 }));
const prices = fc.array(price, { minLength: KINDS.length, maxLength: KINDS.length });

/** The most drinks for the money, trying every set of kinds, each bought where it is cheapest; and the least that takes. */
function byHand(lists: readonly PriceList[], money: number): { value: number; spend: number } {
  const costs = KINDS.map((kind) =>
    Math.min(...lists.flatMap((l) => l.bottles.filter((b) => b.kind === kind).map((b) => b.priceMinor))),
  );
  let best = { value: 0, spend: 0 };
  for (let mask = 0; mask < 1 << KINDS.length; mask++) {
    const has = KINDS.filter((_, k) => (mask >> k) & 1);
    const spend = KINDS.reduce((sum, _, k) => sum + ((mask >> k) & 1 ? (costs[k] as number) : 0), 0);
    if (spend > money) continue;
    const value = DRINKS.filter(([, ...needs]) => needs.every((n) => has.some((h) => h === n))).length;
    if (value > best.value || (value === best.value && spend < best.spend)) best = { value, spend };
  }
  return best;
}

describe('which shops', () => {
  it('is the best of every set of shops, as trying everything finds it', () => {
    fc.assert(
      fc.property(
        fc.array(prices, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 0, max: 12_000 }),
        fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 3, maxLength: 3 }),
        (all, money, tripsMinor) => {
          const lists = all.map((p, i) => shop(`shop-${i}`, p));
          const trips = lists.map((l, i) => ({
            shop: l.id,
            tripMinor: tripsMinor[i] as number,
            minutes: 10,
          }));
          const answers = bestAtShops({ brief: smallBrief(money), catalogue, lists }, trips);
          const found = new Map(answers?.map((a) => [a.shops.join(' '), a]));
          for (const set of setsOfShops(lists)) {
            const left =
              money - set.reduce((sum, l) => sum + (trips.find((t) => t.shop === l.id)?.tripMinor ?? 0), 0);
            const answer = found.get(set.map((l) => l.id).join(' '))?.result.answer;
            if (left < 0) expect(answer).toBeUndefined();
            else
              expect([answer?.status, answer?.value, answer?.spend]).toEqual([
                'optimal',
                ...Object.values(byHand(set, left)),
              ]);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('keeps what is always kept, at a shop that calls it otherwise too', () => {
    const corner = shop('corner', [2000, 1600, 0, 0, 0]);
    const named = shop('harbour', [2400, 1500, 0, 0, 0]);
    const harbour = { ...named, bottles: named.bottles.map((b) => ({ ...b, id: `h-${b.id}` })) };
    const kept = smallBrief(2500, { keepBottles: ['gin'] });
    const answers = bestAtShops({ brief: kept, catalogue, lists: [corner, harbour] }, []) ?? [];
    // Rum alone would be cheaper; gin is kept: at the corner, at the harbour, and where it is cheaper of the two.
    expect(answers.map((a) => a.result.answer.items)).toEqual([['gin'], ['h-gin'], ['gin-at-corner']]);
  });

  it('says what a second shop adds or saves, and whether its minutes are worth it', () => {
    // By hand: at €40 one buys gin and rye (€38, three drinks); the other has rye for €6 less.
    const lists = [shop('corner', [2000, 0, 1800]), shop('harbour', [2400, 0, 1200])];
    const trips = [{ shop: 'harbour', tripMinor: 150, minutes: 14 }];
    const answers = bestAtShops({ brief: smallBrief(4000), catalogue, lists }, trips) ?? [];
    const told = compareShops(answers, lists);
    expect(told?.single.shops).toEqual(['harbour']);
    expect([told?.single.result.answer.spend, told?.single.tripMinor]).toEqual([3600, 150]);
    const both = told?.others.find((o) => o.shops.length === 2);
    // Gin for €20 and rye for €12 with one trip: €33.50 instead of €37.50.
    expect(both).toMatchObject({ moreDrinks: 0, savedMinor: 400, extraMinutes: 0, worthIt: true });
    expect(told?.best.shops).toEqual(['corner', 'harbour']);
    // With an hour at €30, a quarter of it for €4 saved is not worth while against the nearer shop alone.
    const slow = compareShops(answers, lists, 6000);
    expect(slow?.single.shops).toEqual(['corner']);
    expect(slow?.others.find((o) => o.shops.length === 2)).toMatchObject({ savedMinor: 450, worthIt: false });
  });
});

describe('in the shop', () => {
  const corner = shop('corner', [2000, 1600, 1800, 2100, 1500]);
  // €57 by hand: gin, rye and bitter open four drinks for €53; no other set of three does.
  const errand = errandFor(5700, corner);
  const matter = { brief: smallBrief(5700), catalogue, lists: [corner] };

  it('the list stays the best while nothing is found otherwise', () => {
    expect(errand.lines.map((l) => l.id)).toEqual(['gin', 'rye', 'bitter']);
    expect(judgeErrand(matter, errand)).toMatchObject({ still: true, proven: true, leave: [], take: [] });
    const begun = put(errand, { gin: { state: 'basket' } });
    expect(judgeErrand(matter, begun)).toMatchObject({
      still: true,
      listed: { drinksMade: 4, spendMinor: 3300, overMinor: 0 },
    });
  });

  it('what is missing or dearer is solved around, with what is in the basket kept', () => {
    const missing = put(errand, { gin: { state: 'basket' }, bitter: { state: 'missing' } });
    // Gin is there; €37 more: rye and rum open five drinks of gin, rye and rum: martini, old-fashioned, fifty, daiquiri.
    const swap = judgeErrand(matter, missing);
    expect(swap.still).toBe(false);
    expect([swap.take.map((l) => l.id), swap.leave]).toEqual([['rum'], []]);
    expect([swap.listed.drinksMade, swap.best.drinksMade]).toEqual([3, 4]);
    const dearer = put(errand, { gin: { state: 'basket' }, rye: { foundMinor: 2600 } });
    // Rye and bitter would be €41 of €37: rye alone adds three as rum and bitter would, for €5 less.
    const other = judgeErrand(matter, dearer);
    expect(other.listed.overMinor).toBe(400);
    expect([other.take.map((l) => l.id), other.leave]).toEqual([[], ['bitter']]);
  });

  it('of what is in the basket only that bottle is left on sale, so that it takes the room that it takes', () => {
    const both = {
      ...corner,
      bottles: corner.bottles.flatMap((b) => [b, { ...b, id: `${b.id}-small`, ml: 350 }]),
    };
    const found = listAsFound(both, put(errand, { gin: { state: 'basket' }, rye: { foundMinor: 99 } }).lines);
    expect(found.bottles.filter((b) => b.kind === 'gin').map((b) => b.id)).toEqual(['gin']);
    expect(found.bottles.filter((b) => b.kind === 'rye').map((b) => b.priceMinor)).toEqual([99, 1800]);
  });

  it('the best is never worse than the list, never over the money, and keeps the basket', () => {
    const state = fc.constantFrom<ErrandLine['state']>('wanted', 'basket', 'missing');
    fc.assert(
      fc.property(
        prices,
        prices,
        fc.integer({ min: 2000, max: 9000 }),
        fc.infiniteStream(state),
        fc.infiniteStream(fc.option(fc.integer({ min: 500, max: 5000 }))),
        (one, two, money, states, found) => {
          const lists = [shop('corner', one), shop('harbour', two)];
          const listed = errandFor(money, ...lists);
          const lines = listed.lines.map((l): ErrandLine => {
            const [s, f] = [states.next().value as ErrandLine['state'], found.next().value as number | null];
            return { ...l, state: s, foundMinor: f };
          });
          const now = errandOf(lines, money);
          const told = judgeErrand({ brief: smallBrief(money), catalogue, lists }, now);
          const { basketMinor } = basketsOf(now).whole;
          expect(told.best.spendMinor).toBeLessThanOrEqual(Math.max(0, money - basketMinor));
          if (told.listed.overMinor === 0)
            expect(told.best.drinksMade).toBeGreaterThanOrEqual(told.listed.drinksMade);
          const settled = lines.filter((l) => l.state !== 'wanted').map((l) => l.id);
          expect(told.take.filter((l) => settled.includes(l.id))).toEqual([]);
          // Taken up, there is nothing better any more.
          const after = judgeErrand({ brief: smallBrief(money), catalogue, lists }, takenUp(now, told));
          expect(after.still).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, daysBetween } from '../base/days.js';
import { atHand, ownedKinds } from './at-hand.js';
import { bottleThere, minorPerMl, withLeft, type Bottle } from './bottle.js';
import { CannotMove, decant, marry } from './moves.js';
import { emptyFromGross, leftFromGross, liquidGPerMl } from './weigh.js';
import { forecast } from './forecast.js';
import { goodUntil } from './life.js';
import { StockReader } from './read-stock.js';
import { TODAY, stockKinds as kinds, fullBottle as bottle, stockKind as kind } from '../testing/bar-stock.js';

describe('a bottle whose level is told', () => {
  const sealed: Bottle = { ...bottleThere(crypto.randomUUID(), 'dry-gin'), sizeMl: 700, leftMl: 700 };

  it('was opened today where it is not full and nobody said when, and stays opened', () => {
    expect(withLeft(sealed, 700, TODAY).openedOn).toBeNull();
    expect(withLeft(sealed, 650, TODAY)).toMatchObject({ leftMl: 650, openedOn: TODAY });
    const before = addDays(TODAY, -9);
    expect(withLeft({ ...sealed, openedOn: before }, 700, TODAY).openedOn).toBe(before);
    expect(withLeft({ ...sealed, sizeMl: null }, 100, TODAY).openedOn).toBeNull();
  });

  it('costs by the ml what it was paid, poured over what its first bottle was', () => {
    const paid = { ...sealed, priceMinor: 2100, currency: 'EUR' as const };
    const over = { ...sealed, id: crypto.randomUUID(), sizeMl: 100, decantedFrom: paid.id };
    const byId = new Map([paid, over].map((b) => [b.id, b]));
    expect([minorPerMl(paid, byId, 'EUR'), minorPerMl(over, byId, 'EUR')]).toEqual([3, 3]);
    expect([minorPerMl(paid, byId, 'USD'), minorPerMl(sealed, byId, 'EUR')]).toEqual([undefined, undefined]);
  });
});

describe('a bottle on the scale', () => {
  // OIML R 22 at 20 °C, kg/m³ (from memory): 40 % 948.05, 50 % 930.14, 60 % 909.13 by volume.
  it.each([
    [0.4, 0.94805],
    [0.5, 0.93014],
    [0.6, 0.90913],
  ])('weighs what OIML R 22 says at %d of alcohol, to a tenth of a ml in 700', (abv, gPerMl) => {
    expect(700 * liquidGPerMl({ abv, sugarGPerL: 0 })).toBeCloseTo(700 * gPerMl, 0);
    expect(Math.abs(liquidGPerMl({ abv, sugarGPerL: 0 }) / gPerMl - 1)).toBeLessThan(1 / 7000);
  });

  it('is known empty once it was weighed full: 1,120 g new, 700 g later, by hand', () => {
    const empty = emptyFromGross(1120, 700, kind('dry-gin'));
    expect(empty).toBeCloseTo(1120 - 700 * 0.94805, 0);
    expect(leftFromGross(700, empty, kind('dry-gin'))).toBeCloseTo((700 - 456.4) / 0.948, 0);
    expect(leftFromGross(100, empty, kind('dry-gin'))).toBe(0);
  });

  it('tells the same ml from every weight, whatever is in it', () => {
    const some = fc.record({
      abv: fc.oneof(fc.constant(0), fc.double({ min: 0.1, max: 0.75, noNaN: true })),
      sugarGPerL: fc.double({ min: 0, max: 400, noNaN: true }),
    });
    fc.assert(
      fc.property(
        some,
        fc.integer({ min: 0, max: 1000 }),
        fc.integer({ min: 100, max: 900 }),
        (k, ml, emptyG) => {
          const gross = emptyG + ml * liquidGPerMl(k);
          expect(leftFromGross(gross, emptyG, k)).toBeCloseTo(ml, 6);
          expect(emptyFromGross(gross, ml, k)).toBeCloseTo(emptyG, 6);
          expect(liquidGPerMl(k)).toBeGreaterThan(0.85);
        },
      ),
    );
  });
});

describe('pouring over', () => {
  const ml = (b: Bottle) => b.leftMl ?? 0;
  const level = fc.double({ min: 0.1, max: 700, noNaN: true });

  it('keeps every drop: what was in one is in both', () => {
    fc.assert(
      fc.property(level, fc.integer({ min: 50, max: 1000 }), (left, into) => {
        const before = bottle('dry-gin', { leftMl: left });
        const { from, into: small } = decant(before, 'new', into, TODAY);
        expect(ml(from) + ml(small)).toBeCloseTo(left, 9);
        expect(ml(small)).toBeLessThanOrEqual(into);
        expect(from.finishedOn).toBe(ml(from) === 0 ? TODAY : null);
      }),
    );
    fc.assert(
      fc.property(level, level, (a, b) => {
        const [one, two] = [bottle('dry-gin', { leftMl: a }), bottle('dry-gin', { leftMl: b })];
        fc.pre(b < 700);
        const { from, into } = marry(one, two, TODAY);
        expect(ml(from) + ml(into)).toBeCloseTo(a + b, 9);
        expect(ml(into)).toBeLessThanOrEqual(700);
      }),
    );
  });

  it('takes the older day, and refuses what makes no sense', () => {
    const older = bottle('sweet-vermouth', { leftMl: 100, openedOn: '2026-10-01' });
    const newer = bottle('sweet-vermouth', { leftMl: 100, openedOn: '2026-11-01' });
    expect(marry(older, newer, TODAY).into.openedOn).toBe('2026-10-01');
    expect(() => marry(older, bottle('dry-gin'), TODAY)).toThrow(CannotMove);
    expect(() => decant(bottle('dry-gin', { leftMl: null }), 'x', 350, TODAY)).toThrow(/how much/);
  });
});

describe('what is at hand', () => {
  const stock = [
    bottle('dry-gin', { boughtOn: '2026-11-01' }),
    bottle('dry-gin', { leftMl: 120, openedOn: '2026-09-01', boughtOn: '2026-08-01' }),
    bottle('sweet-vermouth', { leftMl: 300, openedOn: '2026-10-06' }),
    bottle('dry-vermouth', { leftMl: 300, openedOn: '2026-09-01' }),
    bottle('triple-sec', { leftMl: 30 }),
    bottle('old-tom-gin', { sipping: true }),
    bottle('old-tom-gin', { finishedOn: '2026-11-01', leftMl: 0 }),
    bottleThere('00000000-0000-4000-8000-999999999999', 'lime'),
  ];
  const there = atHand(stock, [{ kind: 'syrup', leftMl: 200, until: addDays(TODAY, 3) }], kinds, TODAY);

  it('is poured open before new; what is past its day, for sipping or finished is not there', () => {
    expect([...there.keys()].sort()).toEqual(['dry-gin', 'lime', 'sweet-vermouth', 'syrup', 'triple-sec']);
    expect(there.get('dry-gin')).toMatchObject({ ml: 820, bottleIds: [stock[1]?.id, stock[0]?.id] });
    expect(there.get('sweet-vermouth')?.until).toBe(addDays('2026-10-06', 60));
  });

  it('counts as owned while it pours its drinks; else it is to be replaced', () => {
    const pour = (id: string) =>
      ({ 'dry-gin': 50, 'triple-sec': 20, 'sweet-vermouth': 30, syrup: 15 })[id] ?? 20;
    // 30 ml of triple sec pour one and a half drinks of four; what was not measured is taken to be enough.
    expect(ownedKinds(there, pour)).toEqual({
      owned: ['dry-gin', 'lime', 'sweet-vermouth', 'syrup'],
      toReplace: ['triple-sec'],
    });
  });

  it('runs dry or turns on the day that a year of pouring, day by day, finds', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 700 }),
        fc.integer({ min: 1, max: 59 }),
        fc.integer({ min: 1, max: 400 }),
        (left, openFor, perWeek) => {
          const open = bottle('sweet-vermouth', { leftMl: left, openedOn: addDays(TODAY, -openFor) });
          const all = atHand([open], [], kinds, TODAY);
          const [told] = forecast(all, [open], kinds, () => perWeek, TODAY);
          const turns = goodUntil(open, kind('sweet-vermouth')) ?? '';
          let rest = left;
          let day = TODAY;
          while (rest - perWeek / 7 >= -1e-9 && daysBetween(day, turns) > 0 && rest > 0) {
            rest -= perWeek / 7;
            day = addDays(day, 1);
          }
          if (daysBetween(day, turns) <= 0 && rest > 1e-6) {
            expect(told?.turnsOn).toBe(turns);
            expect(told?.lostMl).toBeCloseTo(rest, 6);
          } else {
            expect([told?.turnsOn, told?.lostMl]).toEqual([undefined, 0]);
            expect(Math.abs(daysBetween(day, told?.dryOn ?? ''))).toBeLessThanOrEqual(1);
          }
        },
      ),
    );
  });
});

it('tells no day that no calendar writes, where a household has hardly poured for years', () => {
  const gin = bottle('dry-gin', { leftMl: 700, openedOn: TODAY });
  for (const perWeek of [1e-9, 0.1, 1.4]) {
    const [told] = forecast(atHand([gin], [], kinds, TODAY), [gin], kinds, () => perWeek, TODAY);
    expect(told?.dryOn ?? told?.turnsOn ?? '2026-01-01').toMatch(/^20\d\d-/);
    expect(told?.dryOn === undefined || perWeek > 1).toBe(true);
  }
});

describe('stock-taking in words', () => {
  const reader = new StockReader(kinds.values());
  const read = (text: string) => reader.read(text, TODAY);

  it('reads each thing with what is left of it', () => {
    const lines = read('dry gin 2/3, triple sec 0.4, sweet vermouth half opened 3 May, 6 limes');
    expect(lines.map((l) => [l.kind, l.left, l.openedOn, l.confidence])).toEqual([
      ['dry-gin', { share: 2 / 3 }, undefined, 1],
      ['triple-sec', { share: 0.4 }, undefined, 1],
      ['sweet-vermouth', { share: 0.5 }, '2026-05-03', 1],
      ['lime', { pieces: 6 }, undefined, 1],
    ]);
  });

  it.each([
    ['London dry gin, full', 'dry-gin', { share: 1 }],
    ['70 cl red vermouth three quarters', 'sweet-vermouth', { share: 0.75 }],
    ['Triple Sec 60 %', 'triple-sec', { share: 0.6 }],
    ['a third of the old tom', 'old-tom-gin', { share: 1 / 3 }],
    ['orange liqueur 0,4 l', 'triple-sec', undefined],
    ['simple syrup 250 ml', 'syrup', { ml: 250 }],
    ['dry gin nearly empty', 'dry-gin', { share: 0.05 }],
  ])('%s', (text, kindId, left) => {
    const line = read(text).at(0);
    const rest = read(text).at(1);
    expect([line?.kind, line?.left ?? rest?.left]).toEqual([kindId, left]);
  });

  it('asks where it is not sure, and guesses nothing', () => {
    const [gin, vermouth, moon] = read('gin half; vermouth 1/2; moon juice 0.5');
    expect([gin?.kind, gin?.near]).toEqual([undefined, ['dry-gin', 'old-tom-gin']]);
    expect(vermouth?.near).toEqual(expect.arrayContaining(['sweet-vermouth', 'dry-vermouth']));
    expect([moon?.kind, moon?.near, moon?.confidence]).toEqual([undefined, [], 0]);
    expect(read('sweet vermouth opened 12 Dec')[0]?.openedOn).toBe('2025-12-12');
  });
});

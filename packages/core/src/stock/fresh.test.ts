import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../base/days.js';
import { testKinds } from '../testing/trade.js';
import { atHand, ownedKinds } from './at-hand.js';
import { daysLeft, goodUntil } from './life.js';
import { moved } from './moves.js';
import { drinksThatUse } from './use-up.js';
import { freshThere } from './fresh.js';
import { STOCK_COLUMNS } from './stock-columns.js';
import { readStockRows, stockRows } from './stock-table.js';
import { type Bottle } from './bottle.js';
import { TODAY, stockKinds as kinds, fullBottle as bottle, stockKind as kind } from '../testing/bar-stock.js';

let ids = 0;
const file = {
  kinds,
  currency: 'EUR',
  today: TODAY,
  monthFirst: false,
  newId: () => `00000000-0000-4000-8000-${String(++ids).padStart(12, '0')}`,
};

describe('what is fresh, and what is written down', () => {
  it('fruit is counted, keeps two weeks, and is no bottle', () => {
    const limes = bottle('lime', { sizeMl: null, leftMl: null, pieces: 6, boughtOn: '2026-11-20' });
    const juice = { ...limes, kind: 'lime-juice' };
    const fresh = testKinds(
      ['lime-juice', { supply: 'fresh', openDays: 1 }],
      ['mint', { supply: 'fresh', openDays: 5 }],
    );
    const mint = bottle('mint', { sizeMl: null, leftMl: null, pieces: 1, boughtOn: '2026-11-24' });
    // Citrus keeps about two weeks in the cold, herbs five days: common practice.
    expect(
      freshThere([juice, mint, { ...juice, pieces: 0 }], fresh, TODAY).map((f) => [
        f.kind,
        f.pieces,
        f.until,
      ]),
    ).toEqual([
      ['mint', 1, '2026-11-29'],
      ['lime-juice', 6, '2026-12-04'],
    ]);
    expect(atHand([limes], [], kinds, TODAY).size).toBe(0);
  });

  it('a new bottle counts as owned however small it is; opened, it must pour four drinks', () => {
    const can = bottle('dry-vermouth', { sizeMl: 200, leftMl: 200 });
    const counted = (b: Bottle) => ownedKinds(atHand([b], [], kinds, TODAY), () => 90).owned;
    expect(counted(can)).toEqual(['dry-vermouth']);
    expect(counted({ ...can, openedOn: TODAY })).toEqual([]);
  });

  it('a table of bottles is read back as it was written, and a row that cannot be says why', () => {
    const any = fc.record({
      kind: fc.constantFrom('dry-gin', 'triple-sec'),
      label: fc.constantFrom(null, 'Old, "one"'),
      sizeMl: fc.constant(700),
      leftMl: fc.integer({ min: 0, max: 700 }),
      priceMinor: fc.option(fc.nat(9999)),
      currency: fc.constantFrom(null, 'EUR'),
      shop: fc.constantFrom('', 'Corner'),
      boughtOn: fc.constantFrom(null, '2026-09-01'),
      openedOn: fc.constantFrom(null, '2026-10-01'),
      finishedOn: fc.constantFrom(null, '2026-11-02'),
      sipping: fc.boolean(),
      place: fc.constantFrom('shelf' as const, 'fridge' as const),
      emptyG: fc.option(fc.integer({ min: 1, max: 900 })),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 8 }), (all) => {
        const bottles = all.map((b) => bottle(b.kind, b));
        fc.pre(bottles.length > 0);
        expect(readStockRows(STOCK_COLUMNS, stockRows(bottles), file)).toEqual({
          bottles,
          faults: [],
          noTable: undefined,
        });
      }),
    );
    const told = readStockRows(
      STOCK_COLUMNS,
      [
        { kind: 'moon' },
        { kind: 'dry-gin', sizeMl: '700', leftMl: '900' },
        { kind: 'dry-gin', place: 'roof' },
        { kind: 'dry-gin' },
      ],
      file,
    );
    expect(told.faults).toEqual([
      { row: 2, detail: '“moon” is nothing we know as a bottle' },
      { row: 3, detail: '900 ml do not go into 700' },
      { row: 4, detail: '“roof” under “place” cannot be read' },
    ]);
    expect(told.bottles.at(-1)).toMatchObject({ kind: 'dry-gin', sizeMl: null, place: 'shelf' });
  });

  it('a table as people write it: names, sizes, levels, prices and days in words', () => {
    const headings = ['Name', 'Size', 'Level', 'Price', 'Opened', 'ABV', 'Brand', 'Stands'];
    const [gin, liqueur] = readStockRows(
      headings,
      [
        {
          Name: 'Dry gin',
          Size: '70 cl',
          Level: 'half',
          Price: '€17.50',
          Opened: '3 May',
          ABV: '43 %',
          Brand: 'Old',
          Stands: 'Freezer',
        },
        { Name: 'orange liqueur', Size: '0.5 l', Level: '300 ml', Price: '12,90', Opened: '03.05.2026' },
      ],
      file,
    ).bottles;
    expect(gin).toMatchObject({
      kind: 'dry-gin',
      sizeMl: 700,
      leftMl: 350,
      priceMinor: 1750,
      currency: 'EUR',
      openedOn: '2026-05-03',
      abv: 0.43,
      label: 'Old',
      place: 'freezer',
    });
    expect(liqueur).toMatchObject({
      kind: 'triple-sec',
      sizeMl: 500,
      leftMl: 300,
      priceMinor: 1290,
      openedOn: '2026-05-03',
    });
    const odd = readStockRows(
      headings,
      [
        { Name: 'Dry gin', Price: 'a lot' },
        { Name: 'Dry gin', Opened: 'once' },
      ],
      file,
    );
    expect(odd.faults.map((f) => f.detail)).toEqual([
      '“a lot” under “Price” cannot be read',
      '“once” under “Opened” cannot be read',
    ]);
  });

  it('what is no table of bottles is said in one sentence, and days in the wrong order are a fault of their row', () => {
    expect(readStockRows([], [], file).noTable).toBe('The file is empty.');
    expect(readStockRows(['PK\u0003\u0004'], [{}], file).noTable).toMatch(/^No table of bottles/);
    expect(readStockRows(['dry-gin', '700'], [{ 'dry-gin': 'rum' }], file).noTable).toMatch(
      /must name the columns/,
    );
    expect(readStockRows(['kind'], [], file).noTable).toBe('There are headings and no rows.');
    const backwards = [{ kind: 'dry-gin', boughtOn: '2026-05-03', openedOn: '2026-05-01' }];
    expect(readStockRows(['kind', 'boughtOn', 'openedOn'], backwards, file).faults).toEqual([
      { row: 2, detail: '2026-05-01 is before it was bought on 2026-05-03' },
    ]);
  });

  it('the drinks that use most of what turns, as trying every few of them finds it', () => {
    const pours = fc.array(fc.integer({ min: 5, max: 90 }), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(
        pours,
        fc.integer({ min: 0, max: 400 }),
        fc.integer({ min: 0, max: 6 }),
        (all, left, most) => {
          const found = drinksThatUse(left, most, new Map(all.map((ml, i) => [`d${i}`, ml])));
          let best = 0;
          for (let mask = 0; mask < 1 << all.length; mask++) {
            const some = all.filter((_, i) => (mask >> i) & 1);
            const ml = some.reduce((a, b) => a + b, 0);
            if (some.length <= most && ml <= left) best = Math.max(best, ml);
          }
          expect(found.ml).toBe(best);
          expect(found.drinks.length).toBeLessThanOrEqual(most);
          expect(found.drinks.reduce((sum, d) => sum + (all[Number(d.slice(1))] as number), 0)).toBe(best);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('what is put into the freezer', () => {
  const vermouth = kind('sweet-vermouth');
  const open = (days: number) => ({ ...bottle('sweet-vermouth'), openedOn: addDays(TODAY, -days) });

  it('is never younger for it: its life stands still, once, and what is past its day does not go in', () => {
    const frozen = moved(open(50), 'freezer', TODAY, vermouth);
    expect(goodUntil(frozen, vermouth)).toBe(addDays(TODAY, 90));
    const thawed = moved(frozen, 'fridge', addDays(TODAY, 20), vermouth);
    // Ten of its sixty days were left.
    expect(goodUntil(thawed, vermouth)).toBe(addDays(TODAY, 30));
    expect(() => moved(thawed, 'freezer', addDays(TODAY, 21), vermouth)).toThrow(/not frozen again/);
    expect(() => moved(open(61), 'freezer', TODAY, vermouth)).toThrow(/makes nothing younger/);
    // Where nobody wrote down when it was frozen, its days count as in the fridge.
    expect(goodUntil({ ...open(61), place: 'freezer' }, vermouth)).toBe(addDays(TODAY, -1));
    // What keeps for years stands there as it likes.
    expect(moved(bottle('dry-gin'), 'freezer', TODAY, kind('dry-gin')).frozenOn).toBeNull();
  });

  it('has, whenever it is frozen and thawed, no more days in the fridge than it ever had', () => {
    fc.assert(
      fc.property(fc.nat(60), fc.nat(400), fc.nat(30), (age, frozenFor, after) => {
        const frozen = moved(open(age), 'freezer', TODAY, vermouth);
        const thawedOn = addDays(TODAY, frozenFor);
        const thawed = moved(frozen, 'fridge', thawedOn, vermouth);
        const left = daysLeft(thawed, vermouth, thawedOn) ?? NaN;
        expect(left).toBeLessThanOrEqual(60 - age);
        expect(daysLeft(thawed, vermouth, addDays(thawedOn, after))).toBe(left - after);
      }),
    );
  });
});

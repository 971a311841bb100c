import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PriceList } from '../catalogue/price-list.js';
import { emptyKit } from '../kit/kit.js';
import { errandOf, kinds, shop } from '../testing/small-shops.js';
import { aisleOf } from './aisle.js';
import { lineMinor, type ErrandLine, type Ware } from './errand.js';
import { litrePrices, withPaidPrices } from './paid.js';
import { kittyOf, kittyRows } from './kitty.js';
import { putAway } from './put-away.js';

const WARES: Ware[] = [
  { is: 'bottle', kind: 'gin', ml: 700 },
  { is: 'bottle', kind: 'vermouth', ml: 700 },
  { is: 'bottle', kind: 'soda', ml: 200 },
  { is: 'bottle', kind: 'soda', ml: 800, cans: 4 },
  { is: 'tool', tool: 'shaker' },
  { is: 'glasses', glass: 'coupe', pieces: 2, capacityMl: 180 },
  { is: 'pantry', pantry: 'sugar', g: 1000 },
  { is: 'fresh', kind: 'lime-juice', sold: '1 lime' },
];
let made = 0;
const newId = () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;
const house = {
  kit: emptyKit(),
  kinds,
  shopNames: new Map([['corner', 'Corner']]),
  today: '2026-11-26',
  newId,
  trips: [{ shop: 'corner', tripMinor: 250, minutes: 10 }],
};
const line = fc.record({
  id: fc.uuid(),
  shop: fc.constantFrom('corner', 'harbour'),
  ware: fc.constantFrom(...WARES),
  label: fc.constantFrom('One', 'Other'),
  count: fc.integer({ min: 1, max: 6 }),
  listedMinor: fc.integer({ min: 0, max: 9999 }),
  foundMinor: fc.option(fc.integer({ min: 0, max: 9999 })),
  onOffer: fc.boolean(),
  state: fc.constantFrom('wanted' as const, 'basket' as const, 'missing' as const),
  why: fc.constant('plan' as const),
});

describe('put away', () => {
  it('loses no cent and no bottle, whatever the receipts say', () => {
    fc.assert(
      fc.property(
        fc.array(line, { maxLength: 12 }),
        fc.option(fc.integer({ min: 0, max: 99_999 })),
        (lines, receipt) => {
          const receipts = receipt === null ? [] : [{ shop: 'corner', totalMinor: receipt }];
          const bought = lines.filter((l) => l.state === 'basket');
          const sum = (of: readonly ErrandLine[]) => of.reduce((total, l) => total + lineMinor(l), 0);
          const at = (id: string) => bought.filter((l) => l.shop === id);
          const corner = at('corner').length === 0 ? 0 : (receipt ?? sum(at('corner'))) + 250;
          const away = putAway(errandOf(lines, 50_000, { receipts }), house);
          expect(away.spentMinor).toBe(corner + sum(at('harbour')));
          const kitty = kittyOf(away.kitty, 'EUR');
          expect(kitty.outMinor).toBe(away.spentMinor);
          const [month] = kitty.months;
          expect(Object.values(month?.byPurpose ?? {}).reduce((a, b) => a + b, 0)).toBe(away.spentMinor);
          const rows = kittyRows(away.kitty, () => 2) as { amount: string }[];
          expect(rows.reduce((total, r) => total - Math.round(Number(r.amount) * 100), 0)).toBe(
            away.spentMinor,
          );
          const poured = bought.filter((l) => l.ware.is === 'bottle');
          const bottles = away.bottles.filter((b) => b.pieces === null);
          expect(bottles).toHaveLength(
            poured.reduce((n, l) => n + l.count * ((l.ware.is === 'bottle' && l.ware.cans) || 1), 0),
          );
          expect(bottles.reduce((total, b) => total + (b.priceMinor ?? 0), 0)).toBe(sum(poured));
          expect(bottles.every((b) => b.leftMl === b.sizeMl && b.boughtOn === '2026-11-26')).toBe(true);
          const glasses = bought.filter((l) => l.ware.is === 'glasses').reduce((n, l) => n + 2 * l.count, 0);
          expect(away.kit.glasses.reduce((n, g) => n + g.count, 0)).toBe(glasses);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('things stand where they belong, and are found where shops keep them', () => {
    expect(WARES.map((w) => aisleOf(w, kinds))).toEqual(
      ['spirits', 'wine', 'mixers', 'mixers', 'tools', 'tools', 'pantry', 'fruit'], // common practice
    );
    const all = WARES.map((ware, i): ErrandLine => ({
      id: String(i),
      shop: 'corner',
      ware,
      label: `Thing ${i}`,
      count: 3,
      listedMinor: 100,
      foundMinor: null,
      onOffer: false,
      state: 'basket',
      why: 'plan',
    }));
    const away = putAway(errandOf(all, 5000), house);
    expect(away.bottles.map((b) => [b.kind, b.place, b.pieces])).toEqual([
      ...Array<unknown>(3).fill(['gin', 'shelf', null]),
      ...Array<unknown>(3).fill(['vermouth', 'shelf', null]),
      // Three bottles, and three cases of four cans.
      ...Array<unknown>(3 + 12).fill(['soda', 'cupboard', null]),
      ['lime-juice', 'fridge', 3],
    ]);
    expect(away.bottles.filter((b) => b.kind === 'soda').every((b) => b.sizeMl === 200)).toBe(true);
    expect(away.kit).toMatchObject({ said: true, tools: [{ id: 'shaker', since: '2026-11-26' }] });
    expect(away.packs.map((p) => [p.pantry, p.sizeG, p.leftG, p.boughtOn])).toEqual(
      Array(3).fill(['sugar', 1000, 1000, '2026-11-26']),
    );
    expect([away.pantry, away.errand.endedOn]).toEqual([['sugar'], '2026-11-26']);
  });
});

describe('prices that were paid', () => {
  const corner = shop('corner', [2000, 1600, 1800, 2100, 1500]);
  const paid = (on: string, priceMinor: number, more: object = {}) => ({
    id: newId(),
    on,
    shop: 'corner',
    ware: WARES[0] as Ware,
    label: 'gin',
    priceMinor,
    currency: 'EUR',
    onOffer: false,
    ...more,
  });
  const ginAt = (list: PriceList) => list.bottles.find((b) => b.kind === 'gin')?.priceMinor;

  it('are the household’s own from then on, but an offer was for a day', () => {
    expect(ginAt(withPaidPrices(corner, [paid('2026-11-02', 2150), paid('2026-10-01', 1900)]))).toBe(2150);
    expect(ginAt(withPaidPrices(corner, [paid('2026-11-02', 1500, { onOffer: true })]))).toBe(2000);
    expect(ginAt(withPaidPrices(corner, [paid('2026-11-02', 1500, { shop: 'harbour' })]))).toBe(2000);
    expect(ginAt(withPaidPrices(corner, [paid('2026-11-02', 1500, { currency: 'GBP' })]))).toBe(2000);
  });

  it('are compared by the litre, and who asks a quarter more is named', () => {
    const harbour = shop('harbour', [2600, 0, 0, 0, 0]);
    const told = litrePrices('gin', [corner, harbour], [paid('2026-11-02', 1890)]);
    // €18.90 for 70 cl is €27 a litre; €26 is €37.14.
    expect(told.now.map((p) => [p.shop, p.perLitreMinor])).toEqual([
      ['corner', 2700],
      ['harbour', 3714],
    ]);
    expect(told.farDearer.map((p) => p.shop)).toEqual(['harbour']);
    expect(told.paid).toMatchObject([{ on: '2026-11-02', perLitreMinor: 2700 }]);
  });
});

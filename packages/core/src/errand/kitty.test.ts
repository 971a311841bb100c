import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema, type PriceList } from '../catalogue/price-list.js';
import { joinShops, shopAsking } from './joined-shops.js';
import { freshLines } from './list.js';
import { PURPOSES, kittyOf, kittyRows, type KittyEntry } from './kitty.js';

const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const entry = (n: number, more: Partial<KittyEntry> = {}): KittyEntry => ({
  id: ID(n),
  on: '2026-11-25',
  purpose: 'bottles',
  minor: 1000,
  currency: 'EUR',
  shop: '',
  note: '',
  errandId: null,
  ...more,
});
const anyEntry = fc
  .record({
    n: fc.nat(9999),
    month: fc.integer({ min: 1, max: 12 }),
    day: fc.integer({ min: 1, max: 28 }),
    purpose: fc.constantFrom(...PURPOSES),
    minor: fc.integer({ min: -500, max: 99_999 }),
    currency: fc.constantFrom('EUR', 'USD'),
  })
  .map(({ n, month, day, ...more }) =>
    entry(n, { on: `2026-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`, ...more }),
  );

describe('the kitty', () => {
  it('adds up to the cent, by month and by purpose, one currency at a time', () => {
    fc.assert(
      fc.property(fc.array(anyEntry, { maxLength: 40 }), (entries) => {
        const { months, inMinor, outMinor } = kittyOf(entries, 'EUR');
        const euros = entries.filter((e) => e.currency === 'EUR');
        const sum = (of: KittyEntry[]) => of.reduce((total, e) => total + e.minor, 0);
        expect(inMinor).toBe(sum(euros.filter((e) => e.purpose === 'set-aside')));
        expect(outMinor).toBe(sum(euros.filter((e) => e.purpose !== 'set-aside')));
        const byPurpose = months.flatMap((m) => Object.values(m.byPurpose));
        expect(byPurpose.reduce((total, n) => total + n, 0)).toBe(inMinor + outMinor);
        const names = months.map((m) => m.month);
        expect(names).toEqual([...new Set(names)].sort().reverse());
      }),
    );
  });

  it('is a table from the oldest on, what goes out below nothing, in whole units with their digits', () => {
    const digits = (currency: string) => (currency === 'JPY' ? 0 : 2);
    const rows = kittyRows(
      [
        entry(2, { minor: 1999, shop: 'Corner', note: 'gin' }),
        entry(1, { on: '2026-11-01', purpose: 'set-aside', minor: 5000 }),
        entry(3, { minor: 700, currency: 'JPY' }),
        // A receipt that asked less than its lines came to.
        entry(4, { purpose: 'difference', minor: -25 }),
      ],
      digits,
    );
    expect(rows).toEqual([
      { day: '2026-11-01', for: 'set-aside', amount: '50.00', currency: 'EUR', shop: '', note: '' },
      { day: '2026-11-25', for: 'bottles', amount: '-19.99', currency: 'EUR', shop: 'Corner', note: 'gin' },
      { day: '2026-11-25', for: 'bottles', amount: '-700', currency: 'JPY', shop: '', note: '' },
      { day: '2026-11-25', for: 'difference', amount: '0.25', currency: 'EUR', shop: '', note: '' },
    ]);
  });
});

const bottle = (id: string, kind: string, ml: number, priceMinor: number, widthMm = 70) => ({
  id,
  kind,
  label: id,
  ml,
  priceMinor,
  widthMm,
  heightMm: 300,
});
const shop = (id: string, more: object): PriceList =>
  priceListSchema.parse({
    format: 'uisce-prices/1',
    id,
    name: id,
    currency: 'EUR',
    provenance: 'made up',
    ...more,
  });
const anyShop = (id: string) =>
  fc
    .uniqueArray(
      fc.record({
        kind: fc.constantFrom('gin', 'rum'),
        ml: fc.constantFrom(350, 700),
        priceMinor: fc.integer({ min: 1, max: 9 }).map((n) => n * 100),
        widthMm: fc.constantFrom(60, 70, 80),
      }),
      { minLength: 1, maxLength: 5, selector: (b) => `${b.kind}${b.ml}${b.priceMinor}${b.widthMm}` },
    )
    .map((bottles) =>
      shop(id, { bottles: bottles.map((b, i) => bottle(`b${i}`, b.kind, b.ml, b.priceMinor, b.widthMm)) }),
    );

describe('shops joined for one errand', () => {
  it('one alone is as it is', () => {
    const one = shop('corner', { bottles: [bottle('gin', 'gin', 700, 2000)] });
    const joined = joinShops([one]);
    expect(joined.list).toBe(one);
    expect([...joined.shopOf]).toEqual([['gin', 'corner']]);
  });

  it('take one currency, and there is at least one', () => {
    const euro = shop('corner', { bottles: [bottle('gin', 'gin', 700, 2000)] });
    expect(() => joinShops([euro, { ...euro, id: 'abroad', currency: 'USD' }])).toThrow(/one currency/);
    expect(() => joinShops([])).toThrow(/at least one shop/);
  });

  it('lose nothing worth having: whatever a shop sells is there, as cheap and as narrow', () => {
    fc.assert(
      fc.property(anyShop('a'), anyShop('b'), (a, b) => {
        const { list, shopOf } = joinShops([a, b]);
        for (const sold of [...a.bottles, ...b.bottles]) {
          const kept = list.bottles.filter((k) => k.kind === sold.kind && k.ml === sold.ml);
          expect(kept.some((k) => k.priceMinor <= sold.priceMinor && k.widthMm <= sold.widthMm)).toBe(true);
        }
        // And nothing is left that another makes pointless.
        for (const one of list.bottles)
          for (const other of list.bottles)
            if (one !== other && one.kind === other.kind && one.ml === other.ml)
              expect(other.priceMinor <= one.priceMinor && other.widthMm <= one.widthMm).toBe(false);
        // Each is found again where it is sold, under its own id.
        for (const { id, priceMinor } of list.bottles) {
          const at = shopOf.get(id) === 'a' ? a : b;
          const there = at.bottles.find((s) => `${s.id}-at-${at.id}` === id);
          expect(there?.priceMinor).toBe(priceMinor);
        }
      }),
    );
  });

  it('buy sugar and limes where they cost least for what they hold', () => {
    const a = shop('a', {
      bottles: [bottle('gin', 'gin', 700, 2000)],
      pantry: [{ pantry: 'sugar', g: 500, priceMinor: 100 }],
      fresh: [{ kind: 'lime', sold: '1 lime', priceMinor: 60, ml: 25 }],
    });
    const b = shop('b', {
      bottles: [bottle('gin', 'gin', 700, 2100)],
      pantry: [{ pantry: 'sugar', g: 1000, priceMinor: 150 }],
      fresh: [{ kind: 'lime', sold: '1 lime', priceMinor: 80, ml: 25 }],
    });
    const { list } = joinShops([a, b]);
    expect([list.pantry[0]?.priceMinor, list.fresh[0]?.priceMinor]).toEqual([150, 60]);
    expect(shopAsking([a, b], 'pantry', 'sugar', 150)).toBe('b');
    expect(shopAsking([a, b], 'fresh', 'lime', 60)).toBe('a');
    expect(shopAsking([a, b], 'fresh', 'lime', 70)).toBeUndefined();
  });
});

describe('fruit for a week', () => {
  const sold = shop('corner', {
    bottles: [bottle('gin', 'gin', 700, 2000)],
    fresh: [
      { kind: 'lime-juice', sold: '1 lime', priceMinor: 40, ml: 25 },
      { kind: 'mint', sold: '1 bunch', priceMinor: 150, pieces: 40 },
    ],
  });
  const limes = (ml: number) =>
    freshLines(joinShops([sold]), [sold], (kind) => (kind === 'lime-juice' ? ml : 9)).map((l) => l.count);

  it.each([
    [0, []],
    [12, []],
    [13, [1]],
    [60, [2]],
    [65, [3]],
    [99_999, [99]],
  ])('for %i ml is bought in the whole pieces that come nearest', (ml, counts) => {
    expect(limes(ml)).toEqual(counts);
  });
});

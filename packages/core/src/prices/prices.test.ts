import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceListSchema } from '../catalogue/price-list.js';
import { testKinds } from '../testing/trade.js';
import { effectivePrices } from './overlay.js';
import { guessMapping, readPriceTable, writePriceTable } from './table.js';

const kinds = testKinds(
  [
    'dry-gin',
    { name: 'Dry gin', also: ['London dry gin'], sizes: [{ ml: 700, widthMm: 72, heightMm: 312 }] },
  ],
  ['soda-water', { name: 'Soda water', also: ['club soda'], supply: 'mixer' }],
  ['gin', { name: 'Gin', abstract: true }],
);
const bottle = (id: string, kind: string, priceMinor: number) => ({
  id,
  kind,
  label: id,
  ml: 700,
  priceMinor,
  widthMm: 72,
  heightMm: 312,
});
const list = (id: string, bottles: object[], more: object = {}) =>
  priceListSchema.parse({
    format: 'uisce-prices/1',
    id,
    name: id,
    currency: 'EUR',
    provenance: 'test',
    bottles,
    ...more,
  });
const MAPPING = { kind: 'Kind', size: 'Size', price: 'Price' };
const read = (rows: Record<string, string>[], mapping: object = MAPPING) =>
  readPriceTable(rows, mapping, kinds, 'EUR');

describe('a table of prices', () => {
  it('guesses which heading is which column', () => {
    expect(guessMapping(['Name', 'KIND', 'Volume', 'cost', 'shelf'])).toEqual({
      kind: 'KIND',
      label: 'Name',
      size: 'Volume',
      price: 'cost',
    });
  });

  it('knows kinds by id, name and what others call them, and sizes and prices as people write them', () => {
    const { bottles, faults } = read([
      { Kind: 'dry-gin', Size: '70 cl', Price: '€17,50' },
      { Kind: 'london DRY gin', Size: '350', Price: '10.90' },
      { Kind: 'Club soda', Size: '1 l', Price: '1' },
    ]);
    expect(faults).toEqual([]);
    expect(bottles.map((b) => [b.id, b.ml, b.priceMinor])).toEqual([
      ['own-dry-gin-700', 700, 1750],
      ['own-dry-gin-350', 350, 1090],
      ['own-soda-water-1000', 1000, 100],
    ]);
    // A half bottle of the same shape is narrower by the cube root of a half.
    expect(bottles[1]).toMatchObject({ widthMm: 57, heightMm: 248 });
  });

  it('names each bad row, its column and why, and takes the others', () => {
    const { bottles, faults } = read([
      { Kind: 'moon juice', Size: '700', Price: '10' },
      { Kind: 'dry-gin', Size: 'big', Price: '10' },
      { Kind: 'dry-gin', Size: '700', Price: 'cheap' },
      { Kind: 'gin', Size: '700', Price: '10' },
      { Kind: 'dry-gin', Size: '700', Price: '17.50' },
    ]);
    expect(bottles).toHaveLength(1);
    expect(faults.map((f) => [f.row, f.column])).toEqual([
      [2, 'Kind'],
      [3, 'Size'],
      [4, 'Price'],
      [5, 'Kind'],
    ]);
    expect(faults[0]?.message).toBe('“moon juice” is not a kind we know');
  });

  it('is refused whole in another currency, by column or by sign, with the reason', () => {
    const rows = [{ Kind: 'dry-gin', Size: '700', Price: '17.50', Money: 'GBP' }];
    expect(read(rows, { ...MAPPING, currency: 'Money' })).toMatchObject({ bottles: [] });
    expect(read(rows, { ...MAPPING, currency: 'Money' }).refusal).toMatch(
      /in GBP and your plan counts in EUR/,
    );
    expect(read([{ Kind: 'dry-gin', Size: '700', Price: '£17.50' }]).refusal).toMatch(/GBP/);
    expect(read([{ Kind: 'dry-gin', Size: '700', Price: '$12' }]).refusal).toMatch(
      /^These prices are in \$ and/,
    );
    expect(read([{ Kind: 'dry-gin', Size: '700', Price: '12 USD' }]).refusal).toMatch(/USD/);
  });

  it('reads back what it writes', () => {
    const bottles = fc.uniqueArray(
      fc.record({
        kind: fc.constantFrom('dry-gin', 'soda-water'),
        label: fc.string({ minLength: 1, maxLength: 30 }).filter((s) => s.trim() === s && s !== ''),
        ml: fc.integer({ min: 1, max: 20_000 }),
        priceMinor: fc.nat(100_000),
        widthMm: fc.integer({ min: 1, max: 400 }),
        heightMm: fc.integer({ min: 1, max: 600 }),
        tier: fc.constantFrom('mixing', 'finer'),
      }),
      { minLength: 1, maxLength: 8, selector: (b) => `${b.kind}-${b.ml}` },
    );
    fc.assert(
      fc.property(bottles, (some) => {
        const before = list(
          'l',
          some.map((b) => ({ ...b, id: `own-${b.kind}-${b.ml}` })),
        );
        const rows = writePriceTable(before);
        const mapping = guessMapping(Object.keys(rows[0] ?? {}));
        expect(readPriceTable(rows, mapping, kinds, 'EUR')).toEqual({ bottles: before.bottles, faults: [] });
      }),
    );
  });
});

describe('own prices over a shop', () => {
  const shop = list('shop', [
    bottle('gin-a', 'dry-gin', 1800),
    { ...bottle('gin-half', 'dry-gin', 1100), ml: 350 },
    bottle('soda', 'soda-water', 300),
  ]);

  it('replace the shop’s for the sizes they name and leave the others', () => {
    const own = list('own', [bottle('own-gin', 'dry-gin', 1500)], { over: 'shop' });
    expect(effectivePrices(own, [shop]).bottles.map((b) => b.id)).toEqual(['own-gin', 'gin-half', 'soda']);
    expect(effectivePrices(shop, [shop])).toBe(shop);
  });
});

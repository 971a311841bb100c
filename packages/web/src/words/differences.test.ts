import { describe, expect, it } from 'vitest';
import { formatMoney } from '@uisce/core/base';
import { fieldDifferences, type SayMoney } from './differences';

const say: SayMoney = (minor, currency = 'EUR') => formatMoney(minor, currency, 'en-IE', { exact: true });

describe('where two values of one thing differ', () => {
  const brief = {
    moneyNowMinor: 24_000,
    place: { spot: 'shelf', lengthMm: 920, keepTo: true },
    mustDrinks: [],
  };
  const plan = { id: 'x', name: 'First', brief };

  it('is said field by field, in words and units', () => {
    const theirs = {
      ...plan,
      name: 'Second',
      brief: { ...brief, moneyNowMinor: 30_050, place: { ...brief.place, lengthMm: 700, keepTo: false } },
    };
    expect(fieldDifferences(plan, theirs, say)).toEqual([
      { what: 'name', mine: 'First', theirs: 'Second' },
      { what: 'money now', mine: '€240.00', theirs: '€300.50' },
      { what: 'where: length', mine: '920 mm', theirs: '700 mm' },
      { what: 'where: every bottle must stand on it', mine: 'yes', theirs: 'no' },
    ]);
  });

  it('a list is compared as a whole, its things by their names', () => {
    const kit = { glasses: [{ id: 'g', name: 'Blue tumblers', count: 4 }], people: 2 };
    expect(fieldDifferences(kit, { glasses: [], people: 2 }, say)).toEqual([
      { what: 'glasses', mine: 'Blue tumblers', theirs: 'none' },
    ]);
    expect(fieldDifferences(kit, kit, say)).toEqual([]);
  });

  it('says money in the currency of each, which may have no cents, and a field as it is called on screen', () => {
    const bottle = { priceMinor: 1750, currency: 'EUR', leftMl: 700 };
    expect(fieldDifferences(bottle, { priceMinor: 2400, currency: 'JPY', leftMl: 650 }, say)).toEqual([
      { what: 'paid', mine: '€17.50', theirs: 'JP¥2,400' },
      { what: 'currency', mine: 'EUR', theirs: 'JPY' },
      { what: 'left in it', mine: '700 ml', theirs: '650 ml' },
    ]);
  });

  it('what one has and the other has not is said too', () => {
    expect(fieldDifferences({ useBy: null }, { useBy: '2026-12-01' }, say)).toEqual([
      { what: 'use by', mine: 'nothing', theirs: '2026-12-01' },
    ]);
  });
});

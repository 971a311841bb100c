import { describe, expect, it } from 'vitest';
import { fieldDifferences } from './differences';

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
    expect(fieldDifferences(plan, theirs)).toEqual([
      { what: 'name', mine: 'First', theirs: 'Second' },
      { what: 'money now', mine: '240.00', theirs: '300.50' },
      { what: 'place: length', mine: '920 mm', theirs: '700 mm' },
      { what: 'place: keep to', mine: 'yes', theirs: 'no' },
    ]);
  });

  it('a list is compared as a whole, its things by their names', () => {
    const kit = { glasses: [{ id: 'g', name: 'Blue tumblers', count: 4 }], people: 2 };
    expect(fieldDifferences(kit, { glasses: [], people: 2 })).toEqual([
      { what: 'glasses', mine: 'Blue tumblers', theirs: 'none' },
    ]);
    expect(fieldDifferences(kit, kit)).toEqual([]);
  });

  it('what one has and the other has not is said too', () => {
    expect(fieldDifferences({ useBy: null }, { useBy: '2026-12-01' })).toEqual([
      { what: 'use by', mine: 'nothing', theirs: '2026-12-01' },
    ]);
  });
});

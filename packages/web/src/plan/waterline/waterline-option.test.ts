import { describe, expect, it } from 'vitest';
import { waterlineData } from './waterline-option';

const point = (spend: number, value: number, provenTo: number, proven = true) => ({
  spend,
  value,
  drinksMade: value,
  items: [],
  provenTo,
  proven,
});

describe('the drawn waterline', () => {
  const points = [point(0, 0, 999), point(1000, 5, 1500), point(2000, 9, 0, false), point(3000, 12, 9000)];
  const settled = [
    [0, 1500],
    [3000, 9000],
  ];
  const isProvenAt = (minor: number) => settled.some(([low = 0, high = 0]) => minor >= low && minor <= high);

  it('runs on to the edge where more money makes nothing more', () => {
    expect(waterlineData({ points, isProvenAt, mostMinor: 9000 }).known.at(-1)).toEqual([9000, 12]);
    expect(waterlineData({ points: [], isProvenAt, mostMinor: 9000 })).toEqual({ known: [], proven: [] });
  });

  it('breaks off the proven line where nothing is proven beyond, and takes it up again', () => {
    const { proven } = waterlineData({ points, isProvenAt, mostMinor: 9000 });
    expect(proven).toEqual([
      [0, 0],
      [999, 0],
      [1000, 5],
      [1500, 5],
      [1500, null],
      [3000, 12],
      [9000, 12],
      [9000, null],
      [9000, 12],
    ]);
  });
});

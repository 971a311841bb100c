import fc from 'fast-check';
import { expect, it } from 'vitest';
import { packsOfBatch } from './draws.js';
import { homeMadeSchema } from '../catalogue/home-made.js';
import { drawPacks, inTheCupboard, type Pack } from './pack.js';

const pack = (n: number, leftG: number, more: Partial<Pack> = {}): Pack => ({
  id: `7a1b0c52-0d5f-4a63-9d0e-${String(n).padStart(12, '0')}`,
  pantry: 'sugar',
  sizeG: 1000,
  leftG,
  boughtOn: `2026-11-0${n}`,
  finishedOn: null,
  ...more,
});
const TODAY = '2026-11-26';

it('a batch takes its sugar and acid out of their packs, the older first; water is no pack', () => {
  const syrup = homeMadeSchema.parse({
    id: 'syrup',
    makes: 'syrup',
    effort: 1,
    how: 'Stir it until it is clear.',
    keepsDays: 14,
    from: [
      { pantry: 'sugar', g: 100 },
      { pantry: 'water', g: 100 },
      { pantry: 'acid', g: 1 },
      { kind: 'juice', g: 10 },
    ],
  });
  const taken = packsOfBatch(syrup, [500, 500, 0, 50]);
  expect(taken).toEqual([
    { pantry: 'sugar', g: 500 },
    { pantry: 'water', g: 500 },
  ]);
  const packs = [pack(2, 1000), pack(1, 200), pack(3, 40, { pantry: 'acid' })];
  expect(drawPacks(taken, packs, TODAY).map((p) => [p.id.at(-1), p.leftG, p.finishedOn])).toEqual([
    ['1', 0, TODAY],
    ['2', 700, null],
  ]);
});

it('what is taken is gone from the cupboard, and never more than was there', () => {
  const packs = fc.array(
    fc.record({
      n: fc.integer({ min: 1, max: 9 }),
      g: fc.integer({ min: 0, max: 10_000 }),
      is: fc.boolean(),
    }),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(packs, fc.integer({ min: 0, max: 40_000 }), (some, tenths) => {
      const all = some.map(({ n, g, is }, i) =>
        pack(i + 1, g / 10, { boughtOn: `2026-10-0${n}`, finishedOn: is || g === 0 ? '2026-11-01' : null }),
      );
      const before = inTheCupboard(all).get('sugar') ?? 0;
      const changed = drawPacks([{ pantry: 'sugar', g: tenths / 10 }], all, TODAY);
      const now = all.map((p) => changed.find((c) => c.id === p.id) ?? p);
      const after = inTheCupboard(now).get('sugar') ?? 0;
      expect(after).toBeCloseTo(Math.max(0, before - tenths / 10), 6);
      expect(changed.every((p) => all.find((a) => a.id === p.id)?.finishedOn === null)).toBe(true);
    }),
  );
});

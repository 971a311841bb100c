import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homeMadeSchema, pantrySchema } from '../catalogue/home-made.js';
import { batchOf } from './batch.js';
import { addDays } from '../base/days.js';
import { beginBatch, bottleBatch, freezeOrThaw, notFrozen } from './batch-life.js';
import type { BatchRecord } from './batch-record.js';
import { benchSteps } from './acts.js';
import { beginAct, endAct, giveBack, pouredG, takeIn, weighingOf } from './weighing.js';

const pantry = [
  pantrySchema.parse({ id: 'white-sugar', name: 'White sugar', sugar: 1, keepsAs: 'plain' }),
  pantrySchema.parse({ id: 'water', name: 'Water', water: 1, keepsAs: 'plain' }),
];
const catalogue = { pantry, kinds: [] };
const kinds = new Map();
const recipe = homeMadeSchema.parse({
  id: 'rich',
  makes: 'rich-syrup',
  effort: 1,
  heated: true,
  how: 'Warm it and stir.',
  keepsDays: 60,
  from: [
    { pantry: 'white-sugar', g: 200 },
    { pantry: 'water', g: 100 },
  ],
  acts: [{ do: 'steep', after: 1, minutes: 15, say: 'Let it stand.' }],
});
const planned = batchOf(recipe, [700, 350], catalogue, kinds);
const begun = () =>
  beginBatch('7a1b0c52-0d5f-4a63-9d0e-b1f0a5f6c001', planned, '2026-11-25T18:00:00.000Z', 850);
const at = (record: BatchRecord) => weighingOf(recipe, record, catalogue, kinds);

describe('a batch at the scale', () => {
  it('goes through its steps in order, each kept in the record alone', () => {
    expect(benchSteps(recipe).map((s) => s.do)).toEqual([
      'add',
      'act',
      'add',
      'act',
      'top-up',
      'act',
      'bottle',
    ]);
    let record = begun();
    expect(at(record).target).toEqual({ part: 0, addG: 700, readingG: 700 });
    record = takeIn(record, 0, 700);
    expect(at(record).now).toMatchObject({ do: 'act', what: { do: 'steep', minutes: 15 } });
    record = endAct(beginAct(record, '2026-11-25T18:10:00.000Z'));
    expect(record.actStartedAt).toBeNull();
    record = takeIn(record, 1, 350);
    expect(at(record).now).toMatchObject({ do: 'act', what: { do: 'heat' } });
    record = endAct(record);
    expect(at(record).now).toEqual({ do: 'top-up' });
    record = giveBack(record, 0);
    // It was hot: it cools before it goes into its bottle.
    expect(at(record).now).toMatchObject({ do: 'act', what: { do: 'cool', minutes: 30 } });
    record = endAct(record);
    expect(at(record).now).toEqual({ do: 'bottle' });
    record = bottleBatch(record, at(record).batch, '2026-11-25', catalogue);
    expect(at(record).now).toBeUndefined();
    expect(record).toMatchObject({ madeOn: '2026-11-25', yieldMl: Math.round(planned.volumeMl) });
  });

  it('untared, the scale is to show the jar and all before it (the worked case: 535 g of jar)', () => {
    const record = { ...takeIn(begun(), 0, 700), tared: false, actsDone: 1 };
    expect(at(record).target).toEqual({ part: 1, addG: 350, readingG: 535 + 700 + 350 });
    expect(pouredG(1585, record)).toBe(350);
    expect(pouredG(350, { ...record, tared: true })).toBe(350);
    expect(pouredG(400, record)).toBe(0);
  });

  it('whatever is poured too much, the part left short comes again until the ratio is right to half a hundredth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1.6, noNaN: true }),
        fc.double({ min: 0.5, max: 1.6, noNaN: true }),
        (a, b) => {
          let record = { ...takeIn(takeIn(begun(), 0, 700 * a), 1, 350 * b), actsDone: 1 };
          for (let tries = 0; at(record).target !== undefined; tries++) {
            const { part, addG } = at(record).target as { part: number; addG: number };
            expect(tries).toBeLessThan(4);
            expect(addG).toBeGreaterThan(0);
            record = takeIn(record, part, addG);
          }
          const [sugar = 0, water = 1] = record.inG;
          expect(Math.abs(sugar / (2 * water) - 1)).toBeLessThan(0.0051);
          expect(at(record).fits).toBe(at(record).batch.volumeMl <= 850);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('in the freezer and out of it', () => {
  it('a batch keeps its months frozen and a week once thawed (common practice)', () => {
    const bottled = bottleBatch(begun(), planned, '2026-11-25', catalogue);
    const frozen = freezeOrThaw(bottled, planned, '2026-11-26', catalogue);
    expect(frozen).toMatchObject({ frozen: true, useBy: '2027-02-24' });
    expect(freezeOrThaw(frozen, planned, '2027-01-10', catalogue)).toMatchObject({
      frozen: false,
      useBy: '2027-01-17',
    });
  });

  it('is never younger for it: past its day it is thrown away, and once thawed it is not frozen again', () => {
    const bottled = bottleBatch(begun(), planned, '2026-11-25', catalogue);
    const { useBy } = bottled;
    const late = addDays(useBy ?? '', 15);
    // Fifteen days past its day it was good for a week, frozen and thawed, without end.
    expect(notFrozen(bottled, planned, late, catalogue)).toMatch(/makes nothing younger/);
    expect(freezeOrThaw(bottled, planned, late, catalogue)).toEqual(bottled);
    // Two days before its day it has two days left, however long it was frozen.
    const soon = addDays(useBy ?? '', -2);
    const thawed = freezeOrThaw(
      freezeOrThaw(bottled, planned, soon, catalogue),
      planned,
      addDays(soon, 60),
      catalogue,
    );
    expect(thawed).toMatchObject({ frozen: false, thawed: true, useBy: addDays(soon, 62) });
    expect(notFrozen(thawed, planned, addDays(soon, 61), catalogue)).toMatch(/not frozen again/);
    // Frozen before anybody wrote down what was left: by the day it was made.
    const before = { ...bottled, frozen: true, leftDays: null, useBy: addDays('2026-12-25', 90) };
    expect(freezeOrThaw(before, planned, '2027-01-10', catalogue).useBy).toBe(addDays('2027-01-10', 7));
    const old = { ...before, useBy: addDays('2027-02-25', 90) };
    expect(freezeOrThaw(old, planned, '2027-03-10', catalogue).useBy).toBe('2027-03-10');
    // Longer than it keeps frozen, it is past its day when it comes out.
    const forgotten = freezeOrThaw(
      freezeOrThaw(bottled, planned, soon, catalogue),
      planned,
      addDays(soon, 91),
      catalogue,
    );
    expect(forgotten.useBy).toBe(addDays(soon, 90));
  });

  it('a batch fills the next bottle that holds it when none is named', () => {
    const at = '2026-11-25T18:00:00.000Z';
    expect(beginBatch('x', { ...planned, volumeMl: 833 }, at).bottleMl).toBe(850);
    expect(beginBatch('x', { ...planned, volumeMl: 850 }, at).bottleMl).toBe(850);
  });
});

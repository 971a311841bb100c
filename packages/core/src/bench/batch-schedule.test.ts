import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FINE_SCALE } from '../devices/simulated-scale.js';
import { SimulatedLabelPrinter } from '../devices/label-printer.js';
import { SimulatedRefractometer } from '../devices/refractometer.js';
import { addDays, daysBetween } from '../base/days.js';
import { leadDays, schedule } from './batch-schedule.js';

const FIRST = '2026-02-20';

describe('what to make when', () => {
  const days = fc
    .uniqueArray(fc.nat(25), { minLength: 1, maxLength: 7 })
    .map((list) => list.map((d) => addDays(FIRST, d)));

  it('has every day served while it is fresh, by the fewest makings there can be', () => {
    fc.assert(
      fc.property(
        days,
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 5, max: 3000 }),
        (wanted, keepsDays, leadMinutes) => {
          const makings = schedule([{ id: 'syrup', leadMinutes, keepsDays, days: wanted }]);
          const served = makings.flatMap((m) => m.serves);
          expect([...served].sort()).toEqual([...wanted].sort());
          for (const m of makings) {
            expect(daysBetween(m.begin, m.ready)).toBe(leadDays(leadMinutes));
            for (const day of m.serves) {
              expect(daysBetween(m.ready, day)).toBeGreaterThanOrEqual(0);
              expect(day <= m.useBy).toBe(true);
            }
          }
          // Fewest by trying every way to cut the sorted days into runs.
          const sorted = [...wanted].sort();
          let fewest = Infinity;
          for (let cuts = 0; cuts < 1 << (sorted.length - 1); cuts++) {
            let start = 0;
            let runs = 1;
            let allowed = true;
            for (let i = 1; i < sorted.length; i++) {
              if (cuts & (1 << (i - 1))) {
                runs++;
                start = i;
              } else if (daysBetween(sorted[start] ?? '', sorted[i] ?? '') > keepsDays) allowed = false;
            }
            if (allowed) fewest = Math.min(fewest, runs);
          }
          expect(makings).toHaveLength(fewest);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('begins gum the day before, orgeat the same day, a week’s infusion a week ahead', () => {
    // Lead times of the trade (common practice): gum 12 h, orgeat 1 h.
    expect(leadDays(720)).toBe(1);
    expect(leadDays(60)).toBe(0);
    expect(leadDays(10_080)).toBe(7);
    const [gum] = schedule([{ id: 'gum', leadMinutes: 720, keepsDays: 30, days: ['2026-03-01'] }]);
    expect(gum).toEqual({
      id: 'gum',
      begin: '2026-02-28',
      ready: '2026-03-01',
      useBy: '2026-03-31',
      serves: ['2026-03-01'],
    });
  });
});

describe('the other simulated devices', () => {
  it('a refractometer reads the strength to its step, and a warm drop reads low until corrected', () => {
    const calm = new SimulatedRefractometer(() => 0.5);
    expect(calm.read(50, 20)).toBe(50);
    const warm = calm.read(50, 40);
    expect(warm).toBeLessThan(50);
    expect(Math.abs((warm ?? NaN) + 0.07 * 20 - 50)).toBeLessThanOrEqual(calm.stepBrix);
    expect(calm.read(95, 20)).toBeUndefined();
    expect(FINE_SCALE.stepG).toBeLessThan(1);
  });

  it('a label printer uses up its tape, and says when it is not enough', () => {
    const printer = new SimulatedLabelPrinter(100);
    const tape = printer.print(['Grenadine', 'use by 1 May']);
    expect(printer.tapeLeftMm).toBe(100 - tape.lengthMm);
    expect(() => printer.print(['a very long label that takes more than what is left'])).toThrow(/new roll/);
    expect(printer.printed).toEqual([tape]);
  });
});

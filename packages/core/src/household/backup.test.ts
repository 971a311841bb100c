import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BACKUP_WHY, backupsToDrop, isAhead } from './backup.js';

const DAY_MS = 86_400_000;

it('a week of days and a year of months are always there, whatever was made when', () => {
  const made = fc.record({ day: fc.integer({ min: 0, max: 900 }), why: fc.constantFrom(...BACKUP_WHY) });
  fc.assert(
    fc.property(fc.array(made, { maxLength: 120 }), (all) => {
      const backups = all.map(({ day, why }, i) => ({
        name: `b${i}`,
        why,
        at: new Date(Date.parse('2024-01-01T03:00:00.000Z') + day * DAY_MS + i).toISOString(),
      }));
      const now = new Date('2027-01-01T00:00:00.000Z');
      const gone = new Set(backupsToDrop(backups, now));
      const left = backups.filter((b) => !gone.has(b.name));
      const lastDays = (of: typeof backups, length: number, most: number) =>
        [...new Set(of.map((b) => b.at.slice(0, length)))].sort().slice(-most);
      // Every one of the latest seven days, and of the latest twelve months, still has its last backup.
      for (const [length, most] of [
        [10, 7],
        [7, 12],
      ] as const) {
        expect(lastDays(left, length, most)).toEqual(lastDays(backups, length, most));
        for (const key of lastDays(backups, length, most)) {
          const last = (of: typeof backups) =>
            of
              .filter((b) => b.at.startsWith(key))
              .map((b) => b.at)
              .sort()
              .at(-1);
          expect(last(left)).toBe(last(backups));
        }
      }
      expect(left.length).toBeLessThanOrEqual(7 + 12 + 5);
      // Asked again, nothing more goes.
      expect(backupsToDrop(left, now)).toEqual([]);
    }),
  );
});

it('what is dated ahead of the clock pushes nothing out, and is not taken for the last one', () => {
  const now = new Date('2026-06-10T12:00:00.000Z');
  const at = (day: string) => ({ name: day, why: 'daily' as const, at: `${day}T03:00:00.000Z` });
  const past = Array.from({ length: 7 }, (_, i) => at(`2026-06-0${i + 3}`));
  const ahead = Array.from({ length: 20 }, (_, i) => at(`2031-01-${i + 10}`));
  expect(backupsToDrop([...past, ...ahead], now)).toEqual([]);
  expect([...past, ...ahead].filter((b) => isAhead(b, now))).toEqual(ahead);
});

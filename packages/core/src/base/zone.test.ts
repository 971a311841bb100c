import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { addDays, addMonths, daysBetween } from './days.js';
import { instantOf, isTimeZone, localMoment, offsetMinutes } from './zone.js';

const ZONES = [
  'UTC',
  'Europe/Dublin',
  'America/St_Johns',
  'America/Santiago',
  'Asia/Kolkata',
  'Asia/Beirut',
  'Australia/Lord_Howe',
  'Pacific/Kiritimati',
  'Pacific/Pago_Pago',
];
const machine = process.env.TZ;
afterEach(() => {
  if (machine === undefined) delete process.env.TZ;
  else process.env.TZ = machine;
});
const moments = fc.integer({ min: Date.UTC(2020, 0), max: Date.UTC(2037, 0) }).map((ms) => new Date(ms));
const days = moments.map((at) => at.toISOString().slice(0, 10));

describe('a household’s days', () => {
  // IANA time zone database: Ireland goes to summer time on 29 March 2026 and back on 25 October, at 01:00 UTC.
  it.each([
    ['2026-03-29T00:59:00Z', '2026-03-29', 59, 0],
    ['2026-03-29T01:00:00Z', '2026-03-29', 120, 60],
    ['2026-10-24T23:30:00Z', '2026-10-25', 30, 60],
    ['2026-10-25T00:59:00Z', '2026-10-25', 119, 60],
    ['2026-10-25T01:00:00Z', '2026-10-25', 60, 0],
    ['2028-02-28T23:59:00Z', '2028-02-28', 1439, 0],
    ['2028-02-29T12:00:00Z', '2028-02-29', 720, 0],
  ])('in Dublin %s is %s, %i minutes past midnight', (at, day, minutes, offset) => {
    expect(localMoment(new Date(at), 'Europe/Dublin')).toEqual({ day, minutes });
    expect(offsetMinutes(new Date(at), 'Europe/Dublin')).toBe(offset);
  });

  it('a time that clocks are put forward over comes as much later', () => {
    expect(instantOf('2026-03-29', '01:30', 'Europe/Dublin').toISOString()).toBe('2026-03-29T01:30:00.000Z');
    // Chile: midnight of 6 September 2026 is skipped.
    expect(localMoment(instantOf('2026-09-06', '00:00', 'America/Santiago'), 'America/Santiago')).toEqual({
      day: '2026-09-06',
      minutes: 60,
    });
  });

  it('there and back is the same, to the minute, wherever the machine stands', () => {
    fc.assert(
      fc.property(moments, fc.constantFrom(...ZONES), fc.constantFrom(...ZONES), (at, zone, tz) => {
        process.env.TZ = tz;
        // The machine's own clock, as its C library or ICU has it.
        expect(offsetMinutes(at, tz)).toBe(-at.getTimezoneOffset() || 0);
        const { day, minutes } = localMoment(at, zone);
        const two = (n: number) => String(n).padStart(2, '0');
        const time = `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
        const back = instantOf(day, time, zone);
        expect(localMoment(back, zone)).toEqual({ day, minutes });
        // Where clocks are put back a time is there twice, an hour apart at most.
        expect(Math.abs(back.getTime() - at.getTime())).toBeLessThanOrEqual(61 * 60_000);
      }),
      { numRuns: 300 },
    );
  });

  it('are counted alike wherever the machine stands: leap days, summer time, midnights that are skipped', () => {
    fc.assert(
      fc.property(days, fc.integer({ min: -1500, max: 1500 }), fc.constantFrom(...ZONES), (day, n, tz) => {
        process.env.TZ = tz;
        const later = addDays(day, n);
        expect(later).toBe(new Date(Date.parse(day) + n * 86_400_000).toISOString().slice(0, 10));
        expect(daysBetween(day, later)).toBe(n);
      }),
      { numRuns: 300 },
    );
    process.env.TZ = 'Europe/Dublin';
    expect([addMonths('2028-02-29', 12), addMonths('2026-01-31', 1)]).toEqual(['2029-02-28', '2026-02-28']);
  });

  it('a zone is one that is known by its name', () => {
    expect(['Europe/Dublin', 'UTC', 'Mars/Olympus', ''].map(isTimeZone)).toEqual([true, true, false, false]);
  });
});

import { withArticle } from './article.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { addDays, addMonths, daysBetween } from './days.js';
import { FAULT_CODES, faultsOfZod, pointerOf } from './fault.js';
import { foldText } from './fold.js';
import { idSchema } from './ids.js';
import { listed } from './listed.js';
import { bisect, gcd } from './numbers.js';
import { PROBLEMS, problemDetailsSchema, problemType } from './problem-details.js';
import { twins } from './twins.js';
import { textFaults } from './visible.js';

const day = fc
  .date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true })
  .map((d) => d.toISOString().slice(0, 10));

describe('days', () => {
  // The Gregorian rule: 2000 was a leap year, 2100 is none (ISO 8601).
  it.each([
    ['2026-12-30', 3, '2027-01-02'],
    ['2028-02-28', 1, '2028-02-29'],
    ['2100-02-28', 1, '2100-03-01'],
    ['2026-03-29', 1, '2026-03-30'],
    ['2026-01-01', -1, '2025-12-31'],
  ])('%s and %d more is %s', (from, days, to) => {
    expect(addDays(from, days)).toBe(to);
    expect(daysBetween(from, to)).toBe(days);
  });

  it('go and come back, over the change of the clocks too', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: -4000, max: 4000 }), (from, days) => {
        const to = addDays(from, days);
        expect(daysBetween(from, to)).toBe(days);
        expect(addDays(to, -days)).toBe(from);
      }),
    );
  });

  it('of a month that has no such day are its last', () => {
    expect(addMonths('2026-01-31', 1)).toBe('2026-02-28');
    expect(addMonths('2027-10-31', 4)).toBe('2028-02-29');
    expect(addMonths('2026-11-25', 12)).toBe('2027-11-25');
  });
});

describe('text', () => {
  it('is compared without accents and capitals', () => {
    expect(foldText('Curaçao')).toBe('curacao');
    expect(foldText('PIÑA')).toBe(foldText('pin\u0303a'));
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(foldText(foldText(text))).toBe(foldText(text));
      }),
    );
  });

  it('is listed as people speak', () => {
    expect([[], ['gin'], ['gin', 'rum'], ['gin', 'rum', 'rye']].map(listed)).toEqual([
      '',
      'gin',
      'gin and rum',
      'gin, rum and rye',
    ]);
  });

  it('that names a thing can be seen, and holds no half of a character anywhere', () => {
    expect(textFaults({ name: 'First winter', notes: '' })).toEqual([]);
    const unseen = ['', '  ', '\u200b', '\u00ad\u2060', '\u0301'];
    for (const name of unseen) expect(textFaults({ name }), JSON.stringify(name)).toHaveLength(1);
    // Only what names something must be seen.
    expect(textFaults({ notes: '\u200b', lines: [''] })).toEqual([]);
    expect(textFaults({ kit: { vessels: [{ name: 'Shot', cups: [{ name: ' ' }] }] } })).toEqual([
      { code: 'shape', pointer: '/kit/vessels/0/cups/0/name', detail: 'nothing of this name can be seen' },
    ]);
    expect(textFaults({ notes: ['well', 'half \ud83c'] }).map((f) => f.pointer)).toEqual(['/notes/1']);
    expect(textFaults({ name: '\ud83c\udf78' })).toEqual([]);
  });
});

describe('ids', () => {
  it.each(['gin', 'dry-gin', '70-cl', 'a1'])('%s is one', (id) =>
    expect(idSchema.safeParse(id).success).toBe(true),
  );
  it.each(['', 'Gin', 'dry gin', '-gin', 'gin-', 'dry--gin', 'gín', 'x'.repeat(81)])('“%s” is none', (id) =>
    expect(idSchema.safeParse(id).success).toBe(false),
  );
});

describe('numbers', () => {
  it('have a greatest common divisor that divides both, and nothing greater does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 0, max: 500 }), (a, b) => {
        const g = gcd(a, b);
        expect([a % g, b % g]).toEqual([0, 0]);
        for (let more = g + 1; more <= a; more++) expect(a % more === 0 && b % more === 0).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  it('are found where a rising function reaches them, or at the nearer end', () => {
    expect(bisect((x) => x * x, 2, 0, 2)).toBeCloseTo(Math.SQRT2, 12);
    expect(bisect((x) => x, 5, 0, 2)).toBeCloseTo(2, 12);
    expect(bisect((x) => x, -5, 0, 2)).toBeCloseTo(0, 12);
  });
});

describe('faults', () => {
  // RFC 6901, section 5: keys with ~ and / are escaped.
  it('stand at JSON pointers', () => {
    expect(pointerOf([])).toBe('');
    expect(pointerOf(['a/b', 0, 'm~n', ''])).toBe('/a~1b/0/m~0n/');
  });

  it('of a schema are told one by one, with its own words', () => {
    const schema = z.strictObject({ name: z.string().min(1, 'give it a name'), list: z.array(z.int()) });
    const read = schema.safeParse({ name: '', list: [1, 'two'] });
    const faults = read.success ? [] : faultsOfZod(read.error);
    expect(faults.map((f) => f.pointer)).toEqual(['/name', '/list/1']);
    expect(faults[0]).toEqual({ code: 'shape', pointer: '/name', detail: 'give it a name' });
  });

  it('find every twin but the first', () => {
    expect(twins(['a', 'b', 'a', 'a'], '/tools', 'tool').map((f) => f.pointer)).toEqual([
      '/tools/2',
      '/tools/3',
    ]);
    fc.assert(
      fc.property(fc.array(fc.constantFrom('a', 'b', 'c', 'd')), (ids) => {
        expect(twins(ids, '', 'thing').length).toBe(ids.length - new Set(ids).size);
      }),
    );
  });
});

describe('problems', () => {
  // RFC 9110: 4xx are the client's, 5xx the server's. RFC 9457: a type that stays, a title that does not vary.
  it('have each a type of their own, a title and a status that says whose they are', () => {
    const names = Object.keys(PROBLEMS) as (keyof typeof PROBLEMS)[];
    expect(new Set(names.map((n) => PROBLEMS[n].title)).size).toBe(names.length);
    for (const name of names) {
      const { status, title } = PROBLEMS[name];
      expect(status >= 400 && status < 600, name).toBe(true);
      const problem = { type: problemType(name), title, status };
      expect(problemDetailsSchema.safeParse(problem).success, name).toBe(true);
    }
  });

  it('carry faults of known codes only', () => {
    const base = { type: problemType('invalid'), ...PROBLEMS.invalid };
    const fault = (code: string) => ({ ...base, errors: [{ code, pointer: '', detail: 'what it is' }] });
    for (const code of Object.keys(FAULT_CODES))
      expect(problemDetailsSchema.safeParse(fault(code)).success, code).toBe(true);
    expect(problemDetailsSchema.safeParse(fault('moon')).success).toBe(false);
  });
});

describe('a name with its article', () => {
  it('goes by how it is said', () => {
    const names = [
      'atomiser',
      'press',
      'ice tray',
      'Old-fashioned',
      'Unicorn',
      'hour glass',
      '€9.00 fine strainer',
    ];
    expect(names.map(withArticle)).toEqual([
      'an atomiser',
      'a press',
      'an ice tray',
      'an Old-fashioned',
      'a Unicorn',
      'an hour glass',
      'a €9.00 fine strainer',
    ]);
  });
});

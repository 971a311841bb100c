import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readCsv, writeCsv } from './csv.js';

describe('a table', () => {
  it('has no cell that a table program would run, and numbers stay numbers', () => {
    const rows = [{ a: '=A1', b: '+1', c: '-x', d: '@x', e: '\tx', f: -5, g: '-21.50', h: "'=1" }];
    expect(writeCsv(rows).split('\r\n')[1]).toBe("'=A1,'+1,'-x,'@x,'\tx,-5,-21.50,''=1");
  });

  it('is read back as it was written, whatever stands in its cells', () => {
    const cell = fc.oneof(
      fc.string(),
      fc.constantFrom(
        '=1+1',
        "'=1",
        "''@",
        '-',
        '+49 170',
        '@home',
        '\tx',
        '\rx',
        'a,b;c',
        '"',
        "'",
        'a\nb',
        ' x ',
      ),
    );
    fc.assert(
      fc.property(fc.array(fc.record({ a: cell, b: cell }), { minLength: 1 }), (rows) => {
        // A row of nothing but blanks is none.
        fc.pre(rows.every((row) => `${row.a}${row.b}`.trim() !== ''));
        expect(readCsv(writeCsv(rows, ['a', 'b'])).rows).toEqual(rows);
      }),
    );
  });
});

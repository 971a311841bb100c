import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeFields } from './merge.js';

describe('what two made of the same record', () => {
  const was = { name: 'gin', ml: 700, days: [1, 2] };

  it('holds field by field; where both said otherwise, somebody has to choose', () => {
    expect(mergeFields(was, { ...was, name: 'rum' }, { ...was, days: [] })).toEqual({
      ...was,
      name: 'rum',
      days: [],
    });
    expect(mergeFields(was, { ...was, name: 'rum' }, { ...was, name: 'rum' })).toEqual({
      ...was,
      name: 'rum',
    });
    expect(mergeFields(was, { ...was, ml: 650 }, { ...was, ml: 600 })).toBeUndefined();
  });

  it('counts what both took, whatever it was and in whichever order, and never falls below nothing', () => {
    const taken = fc.integer({ min: -500, max: 700 });
    fc.assert(
      fc.property(taken, taken, (a, b) => {
        const [mine, theirs] = [{ ml: 700 - a }, { ml: 700 - b }];
        const both = mergeFields({ ml: 700 }, mine, theirs, ['ml']);
        expect(both).toEqual({ ml: Math.max(0, 700 - a - b) });
        expect(mergeFields({ ml: 700 }, theirs, mine, ['ml'])).toEqual(both);
      }),
    );
    expect(mergeFields({ ml: 0.3 }, { ml: 0.2 }, { ml: 0.2 }, ['ml'])).toEqual({ ml: 0.1 });
  });

  it('takes on fields that came, and leaves out those that went', () => {
    const base: { a?: number; b?: number } = { a: 1 };
    expect(mergeFields(base, {}, { a: 1, b: 2 })).toEqual({ b: 2 });
  });
});

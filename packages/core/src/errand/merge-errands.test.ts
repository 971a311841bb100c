import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { errandSchema, type Errand, type ErrandLine } from './errand.js';
import { mergeErrands } from './merge-errands.js';

const line = (id: string): ErrandLine => ({
  id,
  shop: 'corner',
  ware: { is: 'bottle', kind: 'gin', ml: 700 },
  label: id,
  count: 1,
  listedMinor: 2000,
  foundMinor: null,
  onOffer: false,
  state: 'wanted',
  why: 'plan',
});
const errand: Errand = errandSchema.parse({
  id: 'b0c5d1de-3b7c-4d7e-9d38-5d9c3b7f0a11',
  planId: null,
  startedOn: '2026-11-30',
  endedOn: null,
  currency: 'EUR',
  moneyMinor: 10_000,
  lines: ['a', 'b', 'c'].map(line),
  receipts: [],
});
const ticked = (ids: readonly string[], from = errand): Errand => ({
  ...from,
  lines: from.lines.map((l) => (ids.includes(l.id) ? { ...l, state: 'basket' } : l)),
});

describe('two on one errand', () => {
  it('keep what both ticked, whoever was first, and end alike', () => {
    const some = fc.subarray(['a', 'b', 'c']);
    fc.assert(
      fc.property(some, some, (mine, theirs) => {
        const both = mergeErrands(errand, ticked(mine), ticked(theirs));
        expect(both).toEqual(ticked([...mine, ...theirs]));
        expect(mergeErrands(errand, ticked(theirs), ticked(mine))).toEqual(both);
      }),
    );
  });

  it('keep what one added and what the other took off', () => {
    const mine = { ...errand, lines: [...errand.lines, line('d')] };
    const theirs = { ...errand, lines: errand.lines.slice(1) };
    expect(mergeErrands(errand, mine, theirs)?.lines.map((l) => l.id)).toEqual(['b', 'c', 'd']);
  });

  it('are asked where both changed one line, or the money, differently', () => {
    const priced = (foundMinor: number): Errand => ({
      ...errand,
      lines: errand.lines.map((l) => (l.id === 'a' ? { ...l, foundMinor } : l)),
    });
    expect(mergeErrands(errand, priced(1900), priced(2100))).toBeUndefined();
    expect(mergeErrands(errand, priced(1900), priced(1900))).toEqual(priced(1900));
    expect(mergeErrands(errand, { ...errand, moneyMinor: 1 }, { ...errand, moneyMinor: 2 })).toBeUndefined();
  });
});

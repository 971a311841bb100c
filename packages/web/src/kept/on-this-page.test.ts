import { describe, expect, it } from 'vitest';
import { shallowRef, triggerRef } from 'vue';
import { keptKit, keptPlan, ONLY_ID, type ChangeWrite, type KeptEntry } from '@uisce/core/kept';
import { emptyKit } from '@uisce/core/kit';
import { keyOf, onThisPage } from './on-this-page';

const entry = (thing: string, id: string, value: unknown): [string, KeptEntry] => [
  keyOf(thing, id),
  { thing, id, version: 1, value },
];
const change = (id: string, ...writes: [thing: string, id: string, value: unknown][]): ChangeWrite => ({
  id,
  change: id,
  writes: writes.map(([thing, of, value]) => ({ thing, id: of, value, version: 1 })),
});
const page = (stored: [string, KeptEntry][], ...changes: ChangeWrite[]) => {
  const [there, waiting] = [shallowRef(new Map(stored)), shallowRef(changes)];
  return { there, waiting, ...onThisPage(there, waiting) };
};

describe('what stands on a page', () => {
  it('is what is stored, with what waits laid over it in its order', () => {
    const { all } = page(
      [entry('plan', 'a', 'A'), entry('plan', 'b', 'B'), entry('kit', ONLY_ID, 'kit')],
      change('1', ['plan', 'a', 'A1'], ['plan', 'c', 'C']),
      change('2', ['plan', 'a', 'A2'], ['plan', 'b', null]),
    );
    expect(all(keptPlan)).toEqual(['A2', 'C']);
  });

  it('is the same list until something of its kind changes', () => {
    const { there, waiting, all } = page([entry('plan', 'a', { name: 'A' })]);
    const before = all(keptPlan);
    there.value.set(...entry('kit', ONLY_ID, 'another'));
    triggerRef(there);
    expect(all(keptPlan, before)).toBe(before);
    waiting.value = [change('1', ['plan', 'b', { name: 'B' }])];
    expect(all(keptPlan, before)).toHaveLength(2);
  });

  it('of what there is one of is what was kept, else one empty thing, the same each time', () => {
    const { waiting, single } = page([]);
    expect(single(keptKit)).toEqual(emptyKit());
    expect(single(keptKit)).toBe(single(keptKit));
    waiting.value = [change('1', ['kit', ONLY_ID, { ...emptyKit(), said: true }])];
    expect(single(keptKit).said).toBe(true);
    expect(() => single(keptPlan)).toThrow('there is more than one plan');
  });
});

import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase, type OpenDatabase } from '../storage/data-source.js';
import { Changes } from './changes.js';

let open: OpenDatabase;
let changes: Changes;
beforeAll(async () => {
  open = await openDatabase(':memory:');
  changes = new Changes(open.connection);
});
afterAll(() => open.source.destroy());

const note = (label: string, ...things: string[]) =>
  changes.note(
    label,
    '2026-11-27T18:00:00.000Z',
    label,
    'a test',
    things.map((thing) => ({ thing, thing_id: '1', before: null, after: `"${label}"` })),
  );
const count = (table: string) =>
  (open.connection.prepare(`SELECT count(*) AS n FROM ${table}`).get() as { n: number }).n;

describe('what was changed', () => {
  it('is undone from the last, redone from the first, and each knows its parts in order', () => {
    note('first', 'plan');
    note('second', 'kit', 'plan');
    const second = changes.next('DESC', 0);
    expect(second?.label).toBe('second');
    expect(changes.parts(second?.id ?? 0).map((p) => [p.thing, p.before, p.after])).toEqual([
      ['kit', null, '"second"'],
      ['plan', null, '"second"'],
    ]);
    changes.setUndone(second?.id ?? 0, 1);
    const first = changes.next('DESC', 0);
    changes.setUndone(first?.id ?? 0, 1);
    expect([changes.next('DESC', 0), changes.next('ASC', 1)?.label]).toEqual([undefined, 'first']);
  });

  it('cannot be redone once something else was changed, and is then nowhere any more', () => {
    note('third', 'plan');
    expect(changes.next('ASC', 1)).toBeUndefined();
    expect([changes.isApplied('second'), changes.isApplied('third')]).toEqual([false, true]);
    expect([count('change'), count('change_part')]).toEqual([1, 1]);
  });

  it('is remembered five hundred times over, with its parts', () => {
    for (let i = 0; i < 520; i += 1) note(`change ${i}`, 'kit', 'plan');
    expect([count('change'), count('change_part')]).toEqual([500, 1000]);
    expect([changes.isApplied('change 19'), changes.isApplied('change 20')]).toEqual([false, true]);
  });
});

import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase } from '../storage/data-source.js';
import type { Database } from '../storage/database.js';
import { changeEntity, changePartEntity } from '../storage/entities.js';
import { Changes } from './changes.js';

let db: Database;
let changes: Changes;
beforeAll(async () => {
  db = await openDatabase(':memory:');
  changes = new Changes(db.manager);
});
afterAll(() => db.close());

const note = (label: string, ...things: string[]) =>
  changes.note(
    { token: label, at: '2026-11-27T18:00:00.000Z', label, changedBy: 'a test' },
    things.map((thing) => ({ thing, thingId: '1', before: null, after: `"${label}"` })),
  );
const counts = async () => [await db.manager.count(changeEntity), await db.manager.count(changePartEntity)];

describe('what was changed', () => {
  it('is undone from the last, redone from the first, and each knows its parts in order', async () => {
    await note('first', 'plan');
    await note('second', 'kit', 'plan');
    const second = await changes.next('undo');
    expect(second?.label).toBe('second');
    expect((await changes.parts(second?.id ?? 0)).map((p) => [p.thing, p.before, p.after])).toEqual([
      ['kit', null, '"second"'],
      ['plan', null, '"second"'],
    ]);
    await changes.setUndone(second?.id ?? 0, true);
    const first = await changes.next('undo');
    await changes.setUndone(first?.id ?? 0, true);
    expect([await changes.next('undo'), (await changes.next('redo'))?.label]).toEqual([null, 'first']);
  });

  it('cannot be redone once something else was changed, and is then nowhere any more', async () => {
    await note('third', 'plan');
    expect(await changes.next('redo')).toBeNull();
    expect(await counts()).toEqual([1, 1]);
  });

  it('is remembered five hundred times over, with its parts', async () => {
    for (let i = 0; i < 520; i += 1) await note(`change ${i}`, 'kit', 'plan');
    expect(await counts()).toEqual([500, 1000]);
  });

  it('is known to have been applied for as long as a page may send it again, undone or not', async () => {
    await changes.remember('first', '2026-10-01T18:00:00.000Z');
    await changes.remember('second', '2026-10-20T18:00:00.000Z');
    await changes.remember('third', '2026-11-01T18:00:00.000Z');
    const known = ['first', 'second', 'third'].map((token) => changes.isApplied(token));
    expect(await Promise.all(known)).toEqual([false, true, true]);
  });
});

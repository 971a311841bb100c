import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { keptPlan } from '@uisce/core/kept';
import { emptyBrief } from '@uisce/core/plan';
import { openDatabase } from '../storage/data-source.js';
import { KeptStore } from './store.js';

const ME = { page: 'test', name: 'test' };

it('a write that a full disk refuses changes nothing, and every later one that is acknowledged is there', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'uisce-full-'));
  const file = join(folder, 'full.sqlite');
  const db = await openDatabase(file);
  const store = await KeptStore.open(db);
  const ask = (statement: string) => db.inTurn(() => db.manager.query(statement));
  const keep = (name: string, bulk = 0) => {
    const brief = {
      ...emptyBrief('EUR'),
      mustDrinks: Array.from({ length: bulk }, (_, i) => `drink-${name}-${i}-${'x'.repeat(60)}`),
    };
    const plan = { id: randomUUID(), name, brief, createdAt: '2026-11-25T18:00:00.000Z' };
    return store.apply(
      {
        id: randomUUID(),
        change: name,
        writes: [{ thing: 'plan', id: plan.id, value: plan, version: null }],
      },
      ME,
    );
  };
  await keep('before');
  await ask('VACUUM');
  // SQLite's own word for a disk with no page left: SQLITE_FULL.
  const [{ page_count: pages }] = (await ask('PRAGMA page_count')) as [{ page_count: number }];
  await ask(`PRAGMA max_page_count = ${pages}`);
  await expect(keep('large', 500)).rejects.toMatchObject({ code: 'SQLITE_FULL' });
  expect(store.history().undo).toBe('before');
  expect(store.list(keptPlan)).toHaveLength(1);
  // Of several at once only those that it has no room for.
  const together = [keep('large, first', 500), keep('small'), keep('large again', 500)];
  expect((await Promise.allSettled(together)).map((r) => r.status)).toEqual([
    'rejected',
    'fulfilled',
    'rejected',
  ]);
  expect(store.list(keptPlan).map((e) => e.value.name)).toEqual(['before', 'small']);
  await ask('PRAGMA max_page_count = 1000000');
  await keep('after');
  // What a failure left open would swallow what comes next.
  await ask('BEGIN');
  await keep('later');
  await db.close();

  const again = await openDatabase(file);
  const names = (await KeptStore.open(again)).list(keptPlan).map((e) => e.value.name);
  expect(names).toEqual(['before', 'small', 'after', 'later']);
  expect(await again.manager.query('PRAGMA synchronous')).toEqual([{ synchronous: 2 }]);
  await again.close();
  rmSync(folder, { recursive: true });
});

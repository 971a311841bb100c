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
  const { source, connection } = await openDatabase(file);
  const store = new KeptStore(connection);
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
  keep('before');
  connection.exec('VACUUM');
  // SQLite's own word for a disk with no page left: SQLITE_FULL.
  connection.pragma(`max_page_count = ${connection.pragma('page_count', { simple: true }) as number}`);
  expect(() => keep('large', 500)).toThrow(/full/);
  expect(connection.inTransaction).toBe(false);
  expect(store.history().undo).toBe('before');
  connection.pragma('max_page_count = 1000000');
  keep('after');
  // What a failure left open would swallow what comes next.
  connection.exec('BEGIN');
  keep('later');
  await source.destroy();

  const again = await openDatabase(file);
  const names = new KeptStore(again.connection).list(keptPlan).map((e) => e.value.name);
  expect(names).toEqual(['before', 'after', 'later']);
  expect(again.connection.pragma('synchronous', { simple: true })).toBe(2);
  await again.source.destroy();
  rmSync(folder, { recursive: true });
});

import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { keptPlace, keptPlan, ONLY_ID, type ChangeWrite } from '@uisce/core/kept';
import { emptyBrief } from '@uisce/core/plan';
import { openDatabase } from '../storage/data-source.js';
import { withFile } from '../storage/driver.js';
import { KeptStore } from './store.js';

const ME = { page: 'test', name: 'test' };
const PAIR = [randomUUID(), randomUUID()] as const;

it('whoever reads, on a page or in a backup, sees all of a change or nothing of it, however many write at once', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'uisce-half-'));
  const file = join(folder, 'half.sqlite');
  const db = await openDatabase(file);
  const seen = new Set<string>();
  const store = await KeptStore.open(db, (applied) => seen.add(applied.label));
  const namesNow = () => PAIR.map((id) => store.get(keptPlan, id)?.value.name);
  /** Both plans get one name; with `fails`, what is written last cannot be written. */
  const rename = (name: string, fails: boolean) =>
    store.apply(() => {
      const writes: ChangeWrite['writes'] = PAIR.map((id) => ({
        thing: keptPlan.name,
        id,
        value: { id, name, brief: emptyBrief('EUR'), createdAt: '2026-12-01T18:00:00.000Z' },
        version: store.get(keptPlan, id)?.version ?? null,
      }));
      // No JSON can be made of it, which is found out when the rest has been written.
      if (fails) writes.push({ thing: keptPlace.name, id: ONLY_ID, value: { planId: 1n }, version: null });
      return { id: randomUUID(), change: name, writes };
    }, ME);

  await rename('first', false);
  let isOver = false;
  let looked = 0;
  const read = new Set<string>();
  const reading = (async () => {
    while (!isOver) {
      const [one, other] = namesNow();
      expect(one).toBe(other);
      read.add(one ?? '');
      looked += 1;
      await new Promise((resolve) => setImmediate(resolve));
    }
  })();
  const copies = Array.from({ length: 6 }, (_, i) => join(folder, `copy-${i}.sqlite`));
  const results = await Promise.allSettled(
    Array.from({ length: 60 }, async (_, i) => {
      const copy = i % 10 === 5 ? copies[Math.floor(i / 10)] : undefined;
      const copied = copy && db.backUpInto(copy);
      await rename(`change ${i}`, i % 3 === 1);
      await copied;
    }),
  );
  isOver = true;
  await reading;

  expect(results.map((r, i) => [i, r.status])).toEqual(
    results.map((_, i) => [i, i % 3 === 1 ? 'rejected' : 'fulfilled']),
  );
  expect(seen.size).toBe(1 + 40);
  // Nobody read what was taken back.
  expect([...read].filter((name) => !seen.has(name))).toEqual([]);
  expect(namesNow()).toEqual(['change 59', 'change 59']);
  expect(store.history().undo).toBe('change 59');
  await db.close();
  for (const copy of [...copies, file]) {
    const names = withFile(copy, (c) => c.prepare("SELECT value ->> 'name' AS name FROM plan").all());
    expect(names).toHaveLength(2);
    expect(names[0]).toEqual(names[1]);
  }
  expect(looked).toBeGreaterThan(1);
  rmSync(folder, { recursive: true });
});

import type Sqlite from 'better-sqlite3';
import { KEPT, keptNamed } from '@uisce/core/kept';
import type { KeptStore } from '../kept/store.js';
import { tableOf } from '../storage/entities.js';

/** Nothing that was deleted stays readable in the file or beside it. */
function swept(db: Sqlite.Database): void {
  db.exec('VACUUM');
  db.pragma('wal_checkpoint(TRUNCATE)');
}

/** Every thing, and what undo remembers, is gone; versions go on, so that no page takes an old one for a new one. */
export function forgetEverything(db: Sqlite.Database, store: KeptStore): void {
  db.transaction(() => {
    for (const kept of KEPT) db.prepare(`DELETE FROM ${tableOf(kept)}`).run();
    db.prepare('DELETE FROM change').run();
    db.prepare('DELETE FROM change_part').run();
    db.prepare('UPDATE clock SET version = version + 1').run();
  }).immediate();
  swept(db);
  store.forgetRead();
}

/**
 * Somebody is forgotten by name: out of the book, and nameless in every evening, pour and verdict. What undo remembers of them
 * goes with it, so all of it goes. What was typed in notes stays as it was typed.
 *
 * @returns how many things were changed or removed.
 */
export function forgetPerson(db: Sqlite.Database, store: KeptStore, name: string): number {
  const changed = db
    .transaction(() => {
      const writes = KEPT.flatMap((kept) => {
        const { withoutPerson } = kept;
        if (withoutPerson === undefined) return [];
        return store.list(kept).flatMap(({ id, value }) => {
          const left = withoutPerson(value, name);
          const same = left !== null && JSON.stringify(left) === JSON.stringify(value);
          return same ? [] : [{ thing: kept.name, id, value: left, version: null }];
        });
      });
      store.seed(writes);
      for (const kept of KEPT)
        db.prepare(
          `UPDATE ${tableOf(kept)} SET changed_what = '' WHERE instr(lower(changed_what), lower(?)) > 0`,
        ).run(name);
      db.prepare('DELETE FROM change').run();
      db.prepare('DELETE FROM change_part').run();
      return writes.length;
    })
    .immediate();
  swept(db);
  store.forgetRead();
  return changed;
}

/** Bring things in, all of them or none. */
export function bring(
  store: KeptStore,
  things: readonly { thing: string; id: string; value: unknown }[],
): void {
  store.seed(things.filter((t) => keptNamed(t.thing) !== undefined).map((t) => ({ ...t, version: null })));
  store.forgetRead();
}

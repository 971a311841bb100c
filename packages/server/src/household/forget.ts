import { KEPT } from '@uisce/core/kept';
import { Changes } from '../kept/changes.js';
import { putThings, tick } from '../kept/rows.js';
import type { KeptStore } from '../kept/store.js';
import type { Database } from '../storage/database.js';
import { entityOf } from '../storage/entities.js';

/** Every thing, and what undo remembers, is gone; versions go on, so that no page takes an old one for a new one. */
export function forgetEverything(db: Database, store: KeptStore): Promise<void> {
  return db.inTurn(async () => {
    await db.transaction(async (manager) => {
      for (const kept of KEPT) await manager.deleteAll(entityOf(kept));
      await new Changes(manager).forget();
      await tick(manager, 1);
    });
    await db.sweep();
    await store.reload();
  });
}

/**
 * Somebody is forgotten by name: out of the book, and nameless in every evening, pour and verdict. What undo remembers of them
 * goes with it, so all of it goes. What was typed in notes stays as it was typed.
 *
 * @returns how many things were changed or removed.
 */
export function forgetPerson(db: Database, store: KeptStore, name: string): Promise<number> {
  return db.inTurn(async () => {
    const puts = KEPT.flatMap((kept) => {
      const { withoutPerson } = kept;
      if (withoutPerson === undefined) return [];
      return store.list(kept).flatMap(({ id, value }) => {
        const left = withoutPerson(value, name);
        const same = left !== null && JSON.stringify(left) === JSON.stringify(value);
        return same ? [] : [{ kept, id, value: left }];
      });
    });
    await db.transaction(async (manager) => {
      await putThings(manager, puts, { changedBy: '', changedWhat: '', changedAt: new Date().toISOString() });
      for (const kept of KEPT)
        await manager
          .createQueryBuilder()
          .update(entityOf(kept))
          .set({ changedWhat: '' })
          .where('instr(lower(changed_what), lower(:name)) > 0', { name })
          .execute();
      await new Changes(manager).forget();
    });
    await db.sweep();
    await store.reload();
    return puts.length;
  });
}

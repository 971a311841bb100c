import type { EntityManager } from 'typeorm';
import type { KeptStore } from '../kept/store.js';
import type { Database } from '../storage/database.js';
import { KEPT } from '@uisce/core/kept';
import { appliedEntity, clockEntity, entityOf, sessionEntity } from '../storage/entities.js';
import type { OpenedBackup } from './opened.js';

/** Far beyond what a household comes to, and far below what a script counts exactly. */
const LARGEST_VERSION = 2 ** 50;

/**
 * What is not the household's: the clock, which no version may run behind, who is signed in on this machine, and which
 * changes it has had: one that is sent again after a restore was made before it.
 */
const NOT_TAKEN = new Set([clockEntity, sessionEntity, appliedEntity].map((entity) => entity.options.name));

/**
 * Put what a backup holds in the place of everything that is there, in one transaction: all of it or nothing. The clock of
 * versions never goes back, so that no page takes an old version for a new one.
 *
 * @param store read anew afterwards, where there is one.
 */
export function restoreFrom(db: Database, backup: OpenedBackup, store?: KeptStore): Promise<void> {
  return db.inTurn(async () => {
    await db.manager.query('ATTACH DATABASE ? AS backup', [backup.file]);
    try {
      await db.transaction((manager) => replaceAll(manager, db.tables));
    } finally {
      await db.manager.query('DETACH DATABASE backup');
    }
    await store?.reload();
  });
}

async function replaceAll(manager: EntityManager, tables: Database['tables']): Promise<void> {
  await manager.query('PRAGMA defer_foreign_keys = ON');
  for (const { name, columns } of tables.filter((t) => !NOT_TAKEN.has(t.name))) {
    // By name: an older release may have made them in another order.
    const all = columns.map((c) => `"${c}"`).join();
    await manager.query(`DELETE FROM main."${name}"`);
    await manager.query(`INSERT INTO main."${name}" (${all}) SELECT ${all} FROM backup."${name}"`);
  }
  // A version beyond what a script counts exactly could never be told from the next: the thing takes the clock's own.
  const kept = KEPT.map((k) => entityOf(k).options.tableName);
  await manager.query(`UPDATE main.clock SET version = 1 + max(version, coalesce(
    (SELECT version FROM backup.clock WHERE version BETWEEN 0 AND ${LARGEST_VERSION}), 0))`);
  for (const table of kept)
    await manager.query(`UPDATE main."${table}" SET version = (SELECT version FROM main.clock)
      WHERE version NOT BETWEEN 1 AND (SELECT version FROM main.clock)`);
}

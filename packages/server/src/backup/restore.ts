import type Sqlite from 'better-sqlite3';
import type { OpenedBackup } from './opened.js';

/** Tables that are not the household's: what was migrated, and the clock that no version may run behind. */
const NOT_TAKEN = new Set(['migrations', 'clock']);

/**
 * Put what a backup holds in the place of everything that is there, in one transaction: all of it or nothing. The clock of
 * versions never goes back, so that no page takes an old version for a new one.
 */
export function restoreFrom(db: Sqlite.Database, backup: OpenedBackup): void {
  db.prepare('ATTACH DATABASE ? AS backup').run(backup.file);
  try {
    db.transaction(() => {
      const tables = db
        .prepare("SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
        .all() as { name: string }[];
      db.pragma('defer_foreign_keys = ON');
      for (const { name } of tables.filter((t) => !NOT_TAKEN.has(t.name))) {
        db.prepare(`DELETE FROM main."${name}"`).run();
        // By name: an older release may have made them in another order.
        const columns = (db.pragma(`main.table_info("${name}")`) as { name: string }[])
          .map((c) => `"${c.name}"`)
          .join();
        db.prepare(`INSERT INTO main."${name}" (${columns}) SELECT ${columns} FROM backup."${name}"`).run();
      }
      db.prepare(
        'UPDATE main.clock SET version = 1 + max(version, (SELECT version FROM backup.clock))',
      ).run();
    }).immediate();
  } finally {
    db.exec('DETACH DATABASE backup');
  }
}

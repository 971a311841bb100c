import { existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import Sqlite from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { KEPT_ENTITIES } from './entities.js';
import { Initial1764000000000 } from './migrations/0001-initial.js';
import { Kit1764100000000 } from './migrations/0002-kit.js';
import { Batches1764200000000 } from './migrations/0003-batches.js';
import { Kept1764300000000 } from './migrations/0004-kept.js';

const MIGRATIONS = [Initial1764000000000, Kit1764100000000, Batches1764200000000, Kept1764300000000];

/** The database cannot be used, for a reason that a person can do something about. */
export class DatabaseError extends Error {}

/** The open database: TypeORM's view of it, and the driver's connection below. */
export interface OpenDatabase {
  source: DataSource;
  /** The one connection. Its transactions are immediate and run without a pause, so none can mix. */
  connection: Sqlite.Database;
}

/**
 * Open the database file, creating it and bringing it up to date by migrations.
 *
 * @throws DatabaseError when a newer version of the program has written it.
 */
export async function openDatabase(file: string): Promise<OpenDatabase> {
  if (file !== ':memory:') {
    mkdirSync(dirname(file), { recursive: true });
    if (existsSync(file)) refuseNewer(file);
  }
  let connection: Sqlite.Database | undefined;
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: [...KEPT_ENTITIES.values()],
    migrations: MIGRATIONS,
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (db: unknown) => {
      connection = db as Sqlite.Database;
      // What was acknowledged is on the disk, power cut or not.
      connection.pragma('synchronous = FULL');
      connection.pragma('foreign_keys = ON');
    },
  });
  await source.initialize();
  if (connection === undefined) throw new DatabaseError('the database gave no connection');
  return { source, connection };
}

/** A file that a newer version has brought up to date is left as it is. */
function refuseNewer(file: string): void {
  const db = new Sqlite(file, { readonly: true });
  try {
    const known = new Set<string>(MIGRATIONS.map((Migration) => new Migration().name));
    const hasTable = db.prepare("SELECT 1 FROM sqlite_master WHERE name = 'migrations'").get();
    const done =
      hasTable === undefined ? [] : (db.prepare('SELECT name FROM migrations').all() as { name: string }[]);
    const newer = done.find(({ name }) => !known.has(name));
    if (newer)
      throw new DatabaseError(
        `${file} was written by a newer Uisce (it knows "${newer.name}"). Start that version, or name another folder in UISCE_DATA.`,
      );
  } finally {
    db.close();
  }
}

import { existsSync, mkdirSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import Sqlite from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { KEPT_ENTITIES } from './entities.js';
import { Initial1764000000000 } from './migrations/0001-initial.js';
import { Kit1764100000000 } from './migrations/0002-kit.js';
import { Batches1764200000000 } from './migrations/0003-batches.js';
import { Kept1764300000000 } from './migrations/0004-kept.js';
import { Bottles1764400000000 } from './migrations/0005-bottles.js';
import { Errands1764500000000 } from './migrations/0006-errands.js';
import { Pours1764600000000 } from './migrations/0007-pours.js';
import { Notebook1764700000000 } from './migrations/0008-notebook.js';
import { Tastings1764800000000 } from './migrations/0009-tastings.js';
import { Practice1764900000000 } from './migrations/0010-practice.js';
import { Asks1765000000000 } from './migrations/0011-asks.js';

const MIGRATIONS = [
  Initial1764000000000,
  Kit1764100000000,
  Batches1764200000000,
  Kept1764300000000,
  Bottles1764400000000,
  Errands1764500000000,
  Pours1764600000000,
  Notebook1764700000000,
  Tastings1764800000000,
  Practice1764900000000,
  Asks1765000000000,
];

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
 * @throws DatabaseError when it cannot be used: written by a newer version, in use, damaged, not to be written.
 */
export async function openDatabase(file: string): Promise<OpenDatabase> {
  try {
    return await open(file);
  } catch (error) {
    throw worded(error, file);
  }
}

async function open(file: string): Promise<OpenDatabase> {
  mkdirSync(dirname(file), { recursive: true });
  if (existsSync(file)) {
    // A file of nothing would pass for a new household.
    if (statSync(file).size === 0)
      throw new DatabaseError(`${file} is empty: put a backup in its place, or remove it to begin anew.`);
    refuseNewer(file);
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
      // One server a household: the lock goes with the process, however it ends.
      connection.pragma('locking_mode = EXCLUSIVE');
      // What was acknowledged is on the disk, power cut or not.
      connection.pragma('synchronous = FULL');
      connection.pragma('foreign_keys = ON');
    },
  });
  await source.initialize();
  if (connection === undefined) throw new DatabaseError('the database gave no connection');
  return { source, connection };
}

/** What went wrong, in one sentence that says what to do; anything unforeseen stays as it is. */
function worded(error: unknown, file: string): unknown {
  if (error instanceof DatabaseError) return error;
  const { code = '' } = error as NodeJS.ErrnoException;
  if (code.startsWith('SQLITE_BUSY'))
    return new DatabaseError(`${file} is in use, by another Uisce perhaps: stop that one first.`);
  if (code === 'SQLITE_NOTADB' || code.startsWith('SQLITE_CORRUPT'))
    return new DatabaseError(`${file} is no database, or damaged: put a backup in its place.`);
  if (code.startsWith('SQLITE_READONLY') || code === 'EACCES' || code === 'EROFS' || code === 'EPERM')
    return new DatabaseError(`${file} may not be written: give its folder to the user that runs Uisce.`);
  if (code === 'ENOTDIR' || code === 'EEXIST')
    return new DatabaseError(`${dirname(file)} is not a folder: name another in UISCE_DATA.`);
  if (code.startsWith('SQLITE_CANTOPEN') || code.startsWith('SQLITE_IOERR') || code === 'EISDIR')
    return new DatabaseError(`${file} cannot be opened: look at its folder, or name another in UISCE_DATA.`);
  return error;
}

/** A file that a newer version has brought up to date is left as it is. */
/** Whether there is a household's database here that an earlier release wrote. */
export function isOlder(file: string): boolean {
  if (!existsSync(file) || statSync(file).size === 0) return false;
  try {
    const db = new Sqlite(file, { readonly: true });
    try {
      const done = db.prepare('SELECT name FROM migrations').all() as { name: string }[];
      return done.length < MIGRATIONS.length;
    } finally {
      db.close();
    }
  } catch {
    // Damaged, in use or no database: whoever opens it says so.
    return false;
  }
}

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

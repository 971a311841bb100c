import { existsSync, mkdirSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataSource } from 'typeorm';
import { Database } from './database.js';
import { migrationsOf, prepareConnection, type Connection } from './driver.js';
import { ENTITIES } from './entities.js';
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
import { Sessions1765100000000 } from './migrations/0012-sessions.js';
import { Applied1765200000000 } from './migrations/0013-applied.js';
import { Zone1765300000000 } from './migrations/0014-zone.js';
import { Packs1765400000000 } from './migrations/0015-packs.js';

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
  Sessions1765100000000,
  Applied1765200000000,
  Zone1765300000000,
  Packs1765400000000,
];

/** The database cannot be used, for a reason that a person can do something about. */
export class DatabaseError extends Error {}

/**
 * Open the database file, creating it and bringing it up to date by migrations.
 *
 * @throws DatabaseError when it cannot be used: written by a newer version, in use, damaged, not to be written.
 */
export async function openDatabase(file: string): Promise<Database> {
  try {
    return await open(file);
  } catch (error) {
    throw worded(error, file);
  }
}

async function open(file: string): Promise<Database> {
  mkdirSync(dirname(file), { recursive: true });
  if (existsSync(file)) {
    // A file of nothing would pass for a new household.
    if (statSync(file).size === 0)
      throw new DatabaseError(`${file} is empty: put a backup in its place, or remove it to begin anew.`);
    refuseNewer(file);
  }
  let connection: Connection | undefined;
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: ENTITIES,
    migrations: MIGRATIONS,
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (db: unknown) => {
      connection = db as Connection;
      prepareConnection(connection);
    },
  });
  await source.initialize();
  if (connection === undefined) throw new DatabaseError('the database gave no connection');
  return new Database(source, connection);
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
  if (code === 'SQLITE_FULL' || code === 'ENOSPC')
    return new DatabaseError(`The disk is full: make room, and start again. Nothing of ${file} was changed.`);
  if (code.startsWith('SQLITE_'))
    return new DatabaseError(
      `${file} cannot be used (${(error as Error).message}): put a backup in its place.`,
    );
  return error;
}

/** Whether there is a household's database here that an earlier release wrote. */
export function isOlder(file: string): boolean {
  if (!existsSync(file) || statSync(file).size === 0) return false;
  try {
    const done = migrationsOf(file).length;
    return done > 0 && done < MIGRATIONS.length;
  } catch {
    // Damaged, in use or no database: whoever opens it says so.
    return false;
  }
}

/** A file that a newer version has brought up to date is left as it is. */
function refuseNewer(file: string): void {
  const known = new Set<string>(MIGRATIONS.map((Migration) => new Migration().name));
  const newer = migrationsOf(file).find((name) => !known.has(name));
  if (newer !== undefined)
    throw new DatabaseError(
      `${file} was written by a newer Uisce (it knows "${newer}"). Start that version, or name another folder in UISCE_DATA.`,
    );
}

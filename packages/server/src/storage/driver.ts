import Sqlite from 'better-sqlite3';

/** A connection of the driver below TypeORM. Only `storage` has it in hand. */
export type Connection = Sqlite.Database;

/** What holds for the one connection that a household's database is kept through, before anything is read. */
export function prepareConnection(connection: Connection): void {
  // One server a household: the lock goes with the process, however it ends.
  connection.pragma('locking_mode = EXCLUSIVE');
  // What was acknowledged is on the disk, power cut or not.
  connection.pragma('synchronous = FULL');
  connection.pragma('foreign_keys = ON');
}

/**
 * Use a database file by itself, past the entities: one that may be older, newer, damaged or no household's at all.
 *
 * @throws the driver's own error, with SQLite's code, where it cannot be read.
 */
export function withFile<T>(file: string, use: (connection: Connection) => T, readonly = true): T {
  const connection = new Sqlite(file, { readonly, fileMustExist: readonly });
  try {
    return use(connection);
  } finally {
    connection.close();
  }
}

/** The names of the tables in a file, and what SQLite's own check says of every page and index: `ok` or what is wrong. */
export function inspected(file: string): { check: unknown; tables: Set<string> } {
  return withFile(file, (db) => {
    const check = db.pragma('integrity_check', { simple: true });
    const rows = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all();
    return { check, tables: new Set((rows as { name: string }[]).map((t) => t.name)) };
  });
}

/** The migrations that a file has had, the first one first; none where it knows of none. */
export function migrationsOf(file: string): string[] {
  return withFile(file, (db) => {
    const has = db.prepare("SELECT 1 FROM sqlite_master WHERE name = 'migrations'").get();
    if (has === undefined) return [];
    return (db.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[]).map(
      (m) => m.name,
    );
  });
}

/** Copy the database of a connection into a new file, by SQLite's own online backup. */
export async function copyInto(connection: Connection, file: string): Promise<void> {
  await connection.backup(file);
}

/** Copy a database file that nobody has open, by the same means. */
export async function copyFileInto(from: string, file: string): Promise<void> {
  const connection = new Sqlite(from, { readonly: true, fileMustExist: true });
  try {
    await copyInto(connection, file);
  } finally {
    connection.close();
  }
}

/** What SQLite's quick check says of a file: `ok`, or what is wrong. */
export function quickCheck(file: string): string {
  try {
    return String(withFile(file, (db) => db.pragma('quick_check(1)', { simple: true })));
  } catch (error) {
    return (error as Error).message;
  }
}

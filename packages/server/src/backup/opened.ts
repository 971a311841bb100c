import { withArticle } from '@uisce/core/base';
import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KEPT } from '@uisce/core/kept';
import { KeptStore } from '../kept/store.js';
import { DatabaseError, openDatabase } from '../storage/data-source.js';
import { inspected } from '../storage/driver.js';
import { isSealed, SealError, unsealed } from './seal.js';

/** A file cannot be restored, for a reason that a person can do something about: one sentence. */
export class BackupError extends Error {}

/** A backup that was looked at whole: a copy of it, brought up to date, and what is in it. */
export interface OpenedBackup {
  /** The copy; `close` removes it. */
  file: string;
  /** Things of each kind, by name. */
  counts: Record<string, number>;
  close(): void;
}

const SQLITE_HEADER = 'SQLite format 3\u0000';

/**
 * Look at a backup before anything is touched: whether it is one, whole, of this version or an older one, and whether every row
 * of it can be read. Works on a copy.
 *
 * @throws BackupError saying in one sentence why it cannot be restored.
 */
export async function openedBackup(path: string, passphrase?: string): Promise<OpenedBackup> {
  if (!existsSync(path)) throw new BackupError(`There is no file ${path}.`);
  const folder = mkdtempSync(join(tmpdir(), 'uisce-backup-'));
  const close = () => rmSync(folder, { recursive: true, force: true });
  const file = join(folder, 'copy.sqlite');
  try {
    copyFileSync(path, file);
    const bytes = readFileSync(file);
    if (isSealed(bytes)) {
      if (!passphrase) throw new BackupError('It is sealed: its passphrase is needed.');
      writeFileSync(file, unsealed(bytes, passphrase));
    }
    const head = readFileSync(file).subarray(0, SQLITE_HEADER.length).toString('latin1');
    if (head !== SQLITE_HEADER) throw new BackupError('It is no backup of Uisce.');
    wholeOrRefused(file);
    return { file, counts: await countsOf(file), close };
  } catch (error) {
    close();
    throw worded(error);
  }
}

/** SQLite's own check of every page and index, and whether it is a household's database at all. */
function wholeOrRefused(file: string): void {
  const { check, tables } = inspected(file);
  if (check !== 'ok') throw new BackupError('It is damaged: SQLite’s own check finds faults in it.');
  if (!tables.has('migrations') || !tables.has('plan'))
    throw new BackupError('It is a database, but no household of Uisce’s.');
}

/** Brought up to date like any older database; then every row is read. */
async function countsOf(file: string): Promise<Record<string, number>> {
  const db = await openDatabase(file);
  try {
    // A table or a column that is not there is found before anything leans on it.
    for (const { name, columns } of db.tables)
      await db.manager.query(`SELECT ${columns.map((c) => `"${c}"`).join()} FROM "${name}" LIMIT 1`);
    const store = await KeptStore.open(db);
    const unreadable = store.setAside();
    if (unreadable.length > 0)
      throw new BackupError(
        `${unreadable.length} things in it cannot be read, ${withArticle(unreadable[0]?.noun ?? 'thing')} first of all.`,
      );
    return Object.fromEntries(KEPT.map((kept) => [kept.name, store.list(kept).length]));
  } finally {
    await db.close();
  }
}

function worded(error: unknown): unknown {
  if (error instanceof BackupError) return error;
  if (error instanceof SealError) return new BackupError(error.message);
  if (error instanceof DatabaseError)
    return new BackupError(
      /newer Uisce/.test(error.message)
        ? 'A newer Uisce has written it: start that version.'
        : 'It is damaged, or no database.',
    );
  const { code = '' } = error as NodeJS.ErrnoException;
  return code.startsWith('SQLITE_') ? new BackupError('It is damaged, or cut off.') : error;
}

import { join } from 'node:path';
import { KeptStore } from '../kept/store.js';
import { readConfig } from '../config.js';
import { DatabaseError, openDatabase } from '../storage/data-source.js';
import { copyFileInto } from '../storage/driver.js';
import { Backups } from './backups.js';
import { BackupError, openedBackup } from './opened.js';
import { restoreFrom } from './restore.js';

/** Backups from the command line: `backup`, or `restore FILE`. Ends with 1 and one sentence where it cannot be done. */
const [what = '', file = ''] = process.argv.slice(2);
const config = readConfig(process.env);
const backups = new Backups(config.backupFolder);
const say = (line: string) => process.stdout.write(`${line}\n`);

/** A server that runs has the database to itself: it is asked. */
async function askedOfServer(): Promise<string | undefined> {
  const address = `http://127.0.0.1:${config.port}/api/backups`;
  const answer = await fetch(address, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{}',
  }).catch(() => undefined);
  return answer?.ok ? ((await answer.json()) as { name: string }).name : undefined;
}

async function backup(): Promise<void> {
  const name = await askedOfServer();
  if (name !== undefined) {
    say(join(backups.folder, name));
    return;
  }
  const database = { backUpInto: (to: string) => copyFileInto(config.databaseFile, to) };
  say(join(backups.folder, (await backups.make(database, 'asked')).name));
}

async function restore(): Promise<void> {
  const opened = await openedBackup(file, process.env.UISCE_PASSPHRASE);
  try {
    const db = await openDatabase(config.databaseFile);
    try {
      const before = await backups.make(db, 'restore');
      await restoreFrom(db, opened);
      const things = Object.values(opened.counts).reduce((sum, n) => sum + n, 0);
      say(`Restored: ${things} things. What was there before is ${join(backups.folder, before.name)}`);
      if ((await KeptStore.open(db)).setAside().length > 0)
        throw new BackupError('Some of it cannot be read.');
    } finally {
      await db.close();
    }
  } finally {
    opened.close();
  }
}

try {
  if (what === 'backup') await backup();
  else if (what === 'restore' && file !== '') await restore();
  else throw new BackupError('Say backup, or restore FILE.');
} catch (error) {
  const { code = '' } = error as NodeJS.ErrnoException;
  const known = error instanceof BackupError || error instanceof DatabaseError;
  if (!known && !code.startsWith('SQLITE_')) throw error;
  const message = known
    ? error.message
    : `${config.databaseFile} cannot be opened: there is none, or it is in use.`;
  process.stderr.write(`${message}\n`);
  process.exitCode = 1;
}

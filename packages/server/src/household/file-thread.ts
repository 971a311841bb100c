import { loadShipped } from '@uisce/catalogue';
import { BackupError, openedBackup } from '../backup/opened.js';
import { readFile, type FileRead, type FileTask } from './read-file.js';

/** A backup to be looked at whole. */
export interface BackupTask {
  what: 'backup';
  path: string;
  passphrase?: string;
}

/** A backup that may be restored, as a copy that whoever asked removes; or why it may not. */
export type BackupRead =
  { is: 'backup'; file: string; counts: Record<string, number> } | { is: 'refused'; why: string };

const shipped = loadShipped();

async function lookedAt({ path, passphrase }: BackupTask): Promise<BackupRead> {
  try {
    const { file, counts } = await openedBackup(path, passphrase);
    return { is: 'backup', file, counts };
  } catch (error) {
    // An error loses its class on the way to another thread.
    if (error instanceof BackupError) return { is: 'refused', why: error.message };
    throw error;
  }
}

/** In a thread of its own: reads a household's file or backup, however large and however wrong it is. */
export default (task: FileTask | BackupTask): FileRead | Promise<BackupRead> =>
  task.what === 'backup' ? lookedAt(task) : readFile(task, shipped);

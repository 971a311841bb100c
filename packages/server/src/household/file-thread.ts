import { loadShipped } from '@uisce/catalogue';
import { lookedAt, type BackupRead, type BackupSource } from '../backup/looked-at.js';
import { readFile, type FileRead, type FileTask } from './read-file.js';

const shipped = loadShipped();

/** In a thread of its own: reads a household's file or backup, however large and however wrong it is. */
export default (task: FileTask | BackupSource): FileRead | Promise<BackupRead> =>
  'what' in task ? readFile(task, shipped) : lookedAt(task);

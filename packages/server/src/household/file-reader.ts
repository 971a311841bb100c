import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import { HttpProblem } from '../http/problem.js';
import { toRestore, type BackupRead, type BackupSource } from '../backup/looked-at.js';
import type { OpenedBackup } from '../backup/opened.js';
import type { FileRead, FileTask } from './read-file.js';

/** What one file may take of the machine's memory, and of its time. */
const MAX_MEMORY_MB = 512;
const MAX_SECONDS = 30;
/** Files that may wait while one is read. */
const MAX_WAITING = 4;

/** Whoever reads a household's file. */
export type ReadFile = (task: FileTask) => Promise<FileRead>;
/** Whoever looks at a backup before it is restored; throws HttpProblem where it may not be. */
export type OpenBackup = (source: BackupSource) => Promise<OpenedBackup>;

/** Reads households' files and backups in a thread of its own, one after the other, so that no request waits for one. */
export class FileReader {
  /** Made when the first file comes: starting is quicker without. */
  private pool: Piscina<FileTask | BackupSource, FileRead | BackupRead> | undefined;

  readonly read: ReadFile = (task) => {
    // A copy of its own goes over to the thread: a small body lies in memory that others share.
    const json = new Uint8Array(task.json);
    return this.run({ ...task, json }, [json.buffer]) as Promise<FileRead>;
  };

  readonly openBackup: OpenBackup = async (source) => {
    if ('path' in source) return toRestore((await this.run(source)) as BackupRead);
    const json = new Uint8Array(source.json);
    return toRestore((await this.run({ json }, [json.buffer])) as BackupRead);
  };

  /** @throws HttpProblem where it takes too much, or too many wait. */
  private async run(
    task: FileTask | BackupSource,
    transferList: ArrayBuffer[] = [],
  ): Promise<FileRead | BackupRead> {
    this.pool ??= new Piscina({
      filename: fileURLToPath(new URL('./file-thread.js', import.meta.url)),
      minThreads: 0,
      maxThreads: 1,
      maxQueue: MAX_WAITING,
      idleTimeout: 10_000,
      resourceLimits: { maxOldGenerationSizeMb: MAX_MEMORY_MB },
    });
    if (this.pool.queueSize >= MAX_WAITING)
      throw new HttpProblem('busy', 'too many files are waiting to be read; try again in a moment', {
        headers: { 'retry-after': '10' },
      });
    const overrun = AbortSignal.timeout(MAX_SECONDS * 1000);
    try {
      return await this.pool.run(task, { signal: overrun, transferList });
    } catch (error) {
      if (overrun.aborted || (error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new HttpProblem('too-large', 'the file holds more than a household’s does');
      throw error;
    }
  }

  /** End the thread, and wait for nothing. */
  async close(): Promise<void> {
    await this.pool?.destroy();
  }
}

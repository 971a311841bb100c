import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { BACKUP_WHY, backupsToDrop, isAhead, type Backup, type BackupWhy } from '@uisce/core/household';
import { quickCheck } from '../storage/driver.js';

/** uisce-20261126T233400123Z-daily.sqlite: when and why, in its name. */
const NAME = new RegExp(`^uisce-(\\d{8}T\\d{9}Z)-(${BACKUP_WHY.join('|')})\\.sqlite$`);

function nameOf(at: Date, why: BackupWhy): string {
  return `uisce-${at.toISOString().replace(/[-:.]/g, '')}-${why}.sqlite`;
}
function instantOf(stamp: string): string {
  const [, y, mo, d, h, mi, s, ms] = /^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)(\d{3})Z$/.exec(stamp) ?? [];
  return `${y}-${mo}-${d}T${h}:${mi}:${s}.${ms}Z`;
}

/** A copy that SQLite finds faults in: what it was copied from is damaged. */
class DamagedError extends Error {}
const DAMAGED =
  'The database is damaged: no backup was made of it, and the good ones are kept. Restore the last of them.';
const NOT_MADE = 'The last backup could not be made: look whether there is room on the disk.';

/** What can be copied into a new file, while in use. */
export interface Copied {
  backUpInto(file: string): Promise<void>;
}

/** The backups of a household, in a folder of their own beside its data. */
export class Backups {
  /** Why the last one was not made, to be said on screen; null where it was. */
  trouble: string | null = null;

  constructor(readonly folder: string) {}

  /** What is there, the newest first; what is not ours is passed over. */
  list(): Backup[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .flatMap((name): Backup[] => {
        const [, stamp, why] = NAME.exec(name) ?? [];
        if (stamp === undefined) return [];
        const bytes = statSync(join(this.folder, name)).size;
        return [{ name, at: instantOf(stamp), why: why as BackupWhy, bytes }];
      })
      .sort((a, b) => (a.at > b.at ? -1 : 1));
  }

  /** Where one is; undefined where there is none of that name. */
  path(name: string): string | undefined {
    return this.list().some((b) => b.name === name) ? join(this.folder, name) : undefined;
  }

  /**
   * Make one by SQLite's own online backup, while the database is in use; then let go of those that need not be kept. It has its
   * name only once it is whole.
   */
  async make(db: Copied, why: BackupWhy, at = new Date()): Promise<Backup> {
    mkdirSync(this.folder, { recursive: true });
    const name = nameOf(at, why);
    const part = join(this.folder, `${name}.part`);
    try {
      await db.backUpInto(part);
      // A damaged copy would push out the good ones, one day after the other.
      const check = quickCheck(part);
      if (check !== 'ok')
        throw new DamagedError(`SQLite’s own check of the copy says: ${check.slice(0, 200)}`);
      renameSync(part, join(this.folder, name));
      this.trouble = null;
    } catch (error) {
      this.trouble = error instanceof DamagedError ? DAMAGED : NOT_MADE;
      throw error;
    } finally {
      for (const left of [part, `${part}-wal`, `${part}-shm`, `${part}-journal`])
        rmSync(left, { force: true });
    }
    this.rotate(at);
    const made = this.list().find((b) => b.name === name);
    if (made === undefined) throw new Error(`the backup ${name} is not where it was put`);
    return made;
  }

  /** Let go of every one. */
  dropAll(): void {
    for (const { name } of this.list()) rmSync(join(this.folder, name), { force: true });
  }

  private rotate(now: Date): void {
    for (const name of backupsToDrop(this.list(), now)) rmSync(join(this.folder, name), { force: true });
  }

  /** The newest one that the clock has not still to come to. */
  last(now: Date): Backup | undefined {
    return this.list().find((b) => !isAhead(b, now));
  }

  /** Whether a day has gone by since the last one of any kind. */
  isDue(now: Date): boolean {
    const last = this.last(now);
    return last === undefined || now.getTime() - Date.parse(last.at) >= DUE_AFTER_MS;
  }
}
/** Somewhat less than a day, so that a house that is opened every evening has one of every evening. */
const DUE_AFTER_MS = 20 * 3_600_000;

import { z } from 'zod';

/** Why a backup was made. */
export const BACKUP_WHY = ['daily', 'asked', 'upgrade', 'restore', 'import'] as const;
export type BackupWhy = (typeof BACKUP_WHY)[number];

/** A backup that is there. */
export const backupSchema = z.object({
  name: z.string(),
  at: z.iso.datetime(),
  why: z.enum(BACKUP_WHY),
  bytes: z.int().min(0),
});
export type Backup = z.infer<typeof backupSchema>;

/** A week of days and a year of months are kept; of those made for another reason the last few. */
const DAYS = 7;
const MONTHS = 12;
const OTHERS = 5;

/** A clock may be so far out: what is dated later than that was made by one that ran ahead. */
const AHEAD_MS = 3_600_000;

/** Whether a backup is dated later than it can be. */
export function isAhead({ at }: Pick<Backup, 'at'>, now: Date): boolean {
  return Date.parse(at) > now.getTime() + AHEAD_MS;
}

/**
 * The backups that may go: what is neither the last of one of the latest days, nor the last of one of the latest months that
 * have any, nor one of the last that were asked for or made before an upgrade or a restore. What is dated ahead of the clock pushes
 * none of them out, and stays.
 *
 * @returns names.
 */
export function backupsToDrop(backups: readonly Pick<Backup, 'name' | 'at' | 'why'>[], now: Date): string[] {
  const newest = backups.filter((b) => !isAhead(b, now)).sort((a, b) => (a.at > b.at ? -1 : 1));
  const keep = new Set<string>();
  const lastOfEach = (of: typeof newest, length: number, most: number) => {
    const seen = new Set<string>();
    for (const { name, at } of of) {
      const key = at.slice(0, length);
      if (seen.has(key) || seen.size >= most) continue;
      seen.add(key);
      keep.add(name);
    }
  };
  lastOfEach(newest, 'YYYY-MM-DD'.length, DAYS);
  lastOfEach(newest, 'YYYY-MM'.length, MONTHS);
  for (const { name } of newest.filter((b) => b.why !== 'daily').slice(0, OTHERS)) keep.add(name);
  return newest.filter((b) => !keep.has(b.name)).map((b) => b.name);
}

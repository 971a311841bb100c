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

/**
 * The backups that may go: what is neither the last of one of the latest days, nor the last of one of the latest months that
 * have any, nor one of the last that were asked for or made before an upgrade or a restore.
 *
 * @returns names.
 */
export function backupsToDrop(backups: readonly Pick<Backup, 'name' | 'at' | 'why'>[]): string[] {
  const newest = [...backups].sort((a, b) => (a.at > b.at ? -1 : 1));
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

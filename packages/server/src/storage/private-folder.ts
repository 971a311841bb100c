import { chmodSync, existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const OWNER_READS_FILES = 0o600;
const OWNER_OPENS_FOLDERS = 0o700;

/** What is in a household is for whoever runs Uisce alone: also what an earlier release left open to others. */
export function makePrivate(folder: string): void {
  if (!existsSync(folder)) return;
  try {
    chmodSync(folder, OWNER_OPENS_FOLDERS);
    for (const name of readdirSync(folder))
      if (/\.sqlite(-wal|-shm)?$/.test(name)) chmodSync(join(folder, name), OWNER_READS_FILES);
  } catch {
    // Another's folder, or a system that knows no such rights: it stays as its owner has it.
  }
}

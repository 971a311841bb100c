import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { z } from 'zod';
import { HttpProblem } from '../http/problem.js';
import { problemOf, readBody, type BodyRefusal } from '../http/read-body.js';
import { BackupError, openedBackup, type OpenedBackup } from './opened.js';

/** What is sent to restore a file: its bytes in base64, and its passphrase where it is sealed. */
export const sentBackup = z.strictObject({ file: z.base64(), passphrase: z.string().max(200).optional() });

/** A backup that lies here, or the body of a request that brings one. */
export type BackupSource = { path: string } | { json: Uint8Array };

/** A backup that may be restored, as a copy that whoever asked removes; or why it may not. */
export type BackupRead =
  | { is: 'backup'; file: string; counts: Record<string, number> }
  | { is: 'refused'; why: string }
  | BodyRefusal;

/** Look at a backup whole before anything is touched. Never throws for what is in it. */
export async function lookedAt(source: BackupSource): Promise<BackupRead> {
  if ('path' in source) return lookedAtFile(source.path);
  const sent = readBody(source.json, sentBackup);
  if (sent.is !== 'body') return sent;
  const folder = mkdtempSync(join(tmpdir(), 'uisce-sent-'));
  try {
    const file = join(folder, 'sent');
    writeFileSync(file, Buffer.from(sent.body.file, 'base64'));
    return await lookedAtFile(file, sent.body.passphrase);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

async function lookedAtFile(path: string, passphrase?: string): Promise<BackupRead> {
  try {
    const { file, counts } = await openedBackup(path, passphrase);
    return { is: 'backup', file, counts };
  } catch (error) {
    if (error instanceof BackupError) return { is: 'refused', why: error.message };
    throw error;
  }
}

/** What was looked at, to be restored. @throws HttpProblem where it may not be. */
export function toRestore(read: BackupRead): OpenedBackup {
  if (read.is === 'refused') throw new HttpProblem('invalid', read.why);
  if (read.is !== 'backup') throw problemOf(read);
  const { file, counts } = read;
  return { file, counts, close: () => rmSync(dirname(file), { recursive: true, force: true }) };
}

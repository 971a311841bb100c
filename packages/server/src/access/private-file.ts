import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  writeFileSync,
} from 'node:fs';
import { dirname } from 'node:path';

/** For whoever runs the server alone. */
const PRIVATE_FILE = 0o600;
const PRIVATE_FOLDER = 0o700;

/** Write a file that nobody else reads: whole and on the disk, or as it was before. */
export function writePrivate(file: string, text: string): void {
  mkdirSync(dirname(file), { recursive: true, mode: PRIVATE_FOLDER });
  const part = `${file}.part`;
  const handle = openSync(part, 'w', PRIVATE_FILE);
  try {
    writeFileSync(handle, text);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  renameSync(part, file);
}

/** What it holds; undefined where there is none. */
export function readPrivate(file: string): string | undefined {
  return existsSync(file) ? readFileSync(file, 'utf8') : undefined;
}

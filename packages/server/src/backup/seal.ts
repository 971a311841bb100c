import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto';

/** How a sealed backup begins. After it: salt (16), nonce (12), tag (16), and what was sealed (AES-256-GCM). */
const MAGIC = Buffer.from('UISCE-SEALED-1\n');
const SALT = 16;
const NONCE = 12;
const TAG = 16;
const KEY = 32;
/** scrypt at 32 MB: slow to guess, a blink to open once (OWASP's password storage sheet, from memory). */
const SCRYPT = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };

/** It was sealed with another passphrase, or is damaged: the two cannot be told apart. */
export class SealError extends Error {}

/** Whether a file is sealed. */
export function isSealed(file: Buffer): boolean {
  return file.subarray(0, MAGIC.length).equals(MAGIC);
}

/** A file sealed with a passphrase: read by nobody without it, and changed by nobody unseen. */
export function sealed(file: Buffer, passphrase: string): Buffer {
  const [salt, nonce] = [randomBytes(SALT), randomBytes(NONCE)];
  const cipher = createCipheriv(
    'aes-256-gcm',
    scryptSync(passphrase.normalize('NFC'), salt, KEY, SCRYPT),
    nonce,
  );
  cipher.setAAD(MAGIC);
  const inside = Buffer.concat([cipher.update(file), cipher.final()]);
  return Buffer.concat([MAGIC, salt, nonce, cipher.getAuthTag(), inside]);
}

/**
 * What a sealed file holds.
 *
 * @throws SealError where the passphrase is another, or a byte of it was changed.
 */
export function unsealed(file: Buffer, passphrase: string): Buffer {
  const at = (from: number, length: number) => file.subarray(from, from + length);
  const salt = at(MAGIC.length, SALT);
  const nonce = at(MAGIC.length + SALT, NONCE);
  const tag = at(MAGIC.length + SALT + NONCE, TAG);
  try {
    const key = scryptSync(passphrase.normalize('NFC'), salt, KEY, SCRYPT);
    const decipher = createDecipheriv('aes-256-gcm', key, nonce);
    decipher.setAAD(MAGIC);
    decipher.setAuthTag(tag);
    const inside = file.subarray(MAGIC.length + SALT + NONCE + TAG);
    return Buffer.concat([decipher.update(inside), decipher.final()]);
  } catch {
    throw new SealError('The passphrase is another, or the file is damaged.');
  }
}

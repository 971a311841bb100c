import { randomBytes, randomInt, scrypt, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import type { Catalogue } from '@uisce/core/catalogue';

/** 64 MB and about a fifth of a second: slow to guess, short to wait for (OWASP's password storage sheet, from memory). */
const SCRYPT = { N: 2 ** 16, r: 8, p: 2, maxmem: 96 * 1024 * 1024 };
const KEY_BYTES = 32;
const SALT_BYTES = 16;

/** The shortest that is taken, and the longest that is read. */
export const MIN_LETTERS = 12;
export const MAX_LETTERS = 200;

/** A passphrase as it is kept: never itself. */
export const keptPassphraseSchema = z.strictObject({ salt: z.base64(), key: z.base64() });
export type KeptPassphrase = z.infer<typeof keptPassphraseSchema>;

function keyOf(passphrase: string, salt: Buffer): Promise<Buffer> {
  return new Promise((resolve, reject) =>
    // However it was typed, composed letters are the same letters.
    scrypt(passphrase.normalize('NFC'), salt, KEY_BYTES, SCRYPT, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  );
}

/** A passphrase made ready to be kept. */
export async function hashed(passphrase: string): Promise<KeptPassphrase> {
  const salt = randomBytes(SALT_BYTES);
  return { salt: salt.toString('base64'), key: (await keyOf(passphrase, salt)).toString('base64') };
}

/** Whether a passphrase is the kept one; takes as long for a wrong one. */
export async function matches(passphrase: string, kept: KeptPassphrase): Promise<boolean> {
  const key = await keyOf(passphrase, Buffer.from(kept.salt, 'base64'));
  return timingSafeEqual(key, Buffer.from(kept.key, 'base64'));
}

/** So much chance a generated one holds at the least, in bits: more than a try a second guesses in a million years. */
const MIN_BITS = 48;

/** Words of the trade to make passphrases of: plain letters, of a length that is easily typed, each once. */
export function wordsOfTrade({
  kinds,
  tools,
  recipes,
}: Pick<Catalogue, 'kinds' | 'tools' | 'recipes'>): string[] {
  const names = [...kinds, ...tools, ...recipes].map((thing) => thing.name);
  return [...new Set(names.flatMap((name) => name.toLowerCase().match(/\b[a-z]{4,8}\b/g) ?? []))].sort();
}

/** A passphrase of words drawn by chance, as many as it takes. */
export function passphraseOf(words: readonly string[]): string {
  const count = Math.ceil(MIN_BITS / Math.log2(words.length));
  return Array.from({ length: count }, () => words[randomInt(words.length)]).join(' ');
}

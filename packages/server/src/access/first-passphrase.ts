import { createInterface } from 'node:readline/promises';
import type { Access } from './access.js';
import { MIN_LETTERS, MAX_LETTERS, passphraseOf } from './passphrase.js';

const fits = (text: string) => text.length >= MIN_LETTERS && text.length <= MAX_LETTERS;

/** Whether a passphrase is set now. Asked for in the terminal where somebody sits at one. */
export async function firstPassphrase(
  access: Access,
  given: string,
  words: readonly string[],
): Promise<boolean> {
  if (access.hasPassphrase) return true;
  if (given !== '') {
    if (!fits(given)) return false;
    await access.setPassphrase(given);
    return true;
  }
  if (!process.stdin.isTTY) return false;
  const offered = passphraseOf(words);
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  try {
    process.stdout.write(
      `The home network is never served without a passphrase. This one is of words drawn by chance:\n\n    ${offered}\n\n`,
    );
    for (;;) {
      const typed = (
        await terminal.question(`Enter takes it; or type another of at least ${MIN_LETTERS} letters: `)
      ).trim();
      if (typed !== '' && !fits(typed)) continue;
      await access.setPassphrase(typed === '' ? offered : typed);
      return true;
    }
  } finally {
    terminal.close();
  }
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../testing/running-app.js';
import { hashed, matches, passphraseOf, wordsOfTrade } from './passphrase.js';
import { Tries } from './tries.js';

const MINUTE_MS = 60_000;

describe('a passphrase', () => {
  it('is known again however its letters are composed, and kept as a hash of its own salt', async () => {
    const [one, two] = [await hashed('café au lait chaud'), await hashed('café au lait chaud')];
    expect(one.key).not.toBe(two.key);
    expect(await matches('café au lait chaud'.normalize('NFD'), one)).toBe(true);
    expect(await matches('cafe au lait chaud', one)).toBe(false);
    expect(JSON.stringify(one)).not.toContain('lait');
  });

  it('drawn by chance holds at least 48 bits, of words that are easily typed', () => {
    const words = wordsOfTrade(catalogue);
    const drawn = passphraseOf(words).split(' ');
    expect(words.length ** drawn.length).toBeGreaterThan(2 ** 48);
    expect(drawn.every((word) => /^[a-z]{4,8}$/.test(word))).toBe(true);
    expect(drawn.join(' ').length).toBeGreaterThanOrEqual(12);
  });
});

describe('tries', () => {
  it('of one address are fewer than ten in any minute, however they are spaced, and others are not held up', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 20_000 }), { minLength: 100, maxLength: 600 }),
        (gaps) => {
          let now = 0;
          const tries = new Tries(() => now);
          const taken: number[] = [];
          for (const gap of gaps) {
            now += gap;
            if (tries.waitMs('a') > 0) continue;
            tries.begin('a');
            taken.push(now);
          }
          const inMinute = taken.map((at) => taken.filter((t) => t > at - MINUTE_MS && t <= at).length);
          expect(Math.max(...inMinute)).toBeLessThan(10);
          expect(tries.waitMs('b')).toBe(0);
        },
      ),
    );
  });

  it('begin anew once the right one was said', () => {
    const tries = new Tries(() => 0);
    for (let i = 0; i < 5; i++) tries.begin('a');
    expect(tries.waitMs('a')).toBeGreaterThan(0);
    tries.right('a');
    expect(tries.waitMs('a')).toBe(0);
  });
});

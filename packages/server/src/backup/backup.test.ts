import { randomUUID } from 'node:crypto';
import {
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { Backup } from '@uisce/core/household';
import { plan } from '../testing/kept-samples.js';
import { RunningApp } from '../testing/running-app.js';
import { isOlder } from '../storage/data-source.js';
import { withFile } from '../storage/driver.js';
import { Backups } from './backups.js';
import { openedBackup } from './opened.js';
import { isSealed, sealed, SealError, unsealed } from './seal.js';

const app = new RunningApp();
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'uisce-backup-test-'));
  await app.start();
});
afterAll(async () => {
  await app.stop();
  app.remove();
  rmSync(folder, { recursive: true });
});
const keep = async (name: string) => {
  const value = plan({ name });
  await app.put(`/plans/${value.id}`, value, name);
  return value;
};
const names = async () => (await app.get<{ value: { name: string } }[]>('/plans')).map((p) => p.value.name);
const make = async () => (await app.call<Backup>('POST', '/backups', {})).body;
interface Restored {
  before: Backup;
  counts: Record<string, number>;
}

describe('a sealed file', () => {
  it('opens with its passphrase alone, and says so of any byte that was changed', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 400 }),
        fc.string({ minLength: 8, maxLength: 20 }),
        fc.nat(),
        (bytes, phrase, at) => {
          const file = Buffer.from(bytes);
          const shut = sealed(file, phrase);
          expect(isSealed(shut)).toBe(true);
          expect(unsealed(shut, phrase).equals(file)).toBe(true);
          expect(() => unsealed(shut, `${phrase}x`)).toThrow(SealError);
          const spoilt = Buffer.from(shut);
          // Past the line that says what it is.
          const place = 15 + (at % (shut.length - 15));
          spoilt[place] = (spoilt[place] ?? 0) ^ 1;
          expect(() => unsealed(spoilt, phrase)).toThrow(SealError);
          // The same twice is never the same file.
          expect(sealed(file, phrase).equals(shut)).toBe(false);
        },
      ),
      { numRuns: 8 },
    );
  });
});

describe('a backup', () => {
  it('is whole and of one moment while it is written into, and comes back to the letter', async () => {
    await keep('First');
    let going = true;
    const writing = (async () => {
      for (let i = 0; going; i++) await keep(`Plan ${i}`);
    })();
    const made: Backup[] = [];
    for (let i = 0; i < 4; i++) made.push(await make());
    going = false;
    await writing;
    for (const { name } of made) {
      const opened = await openedBackup(join(app.folder, 'backups', name));
      expect(opened.counts.plan).toBeGreaterThan(0);
      opened.close();
    }
    const whole = await app.get<{
      entries: { thing: string; id: string; value: unknown }[];
      history: unknown;
    }>('/kept');
    const last = await make();
    await keep('Too many');
    expect((await names()).at(-1)).toBe('Too many');
    const back = await app.call<Restored>('POST', `/backups/${last.name}/restore`, {});
    expect(back.status).toBe(200);
    const now = await app.get<typeof whole>('/kept');
    expect(now.entries.map(({ thing, id, value }) => ({ thing, id, value }))).toEqual(
      whole.entries.map(({ thing, id, value }) => ({ thing, id, value })),
    );
    expect(now.history).toEqual(whole.history);
    // What was there before is a backup itself: the restore is taken back.
    await app.call('POST', `/backups/${back.body.before.name}/restore`, {});
    expect((await names()).at(-1)).toBe('Too many');
    // Versions never run back, so that no page takes an old one for a new one.
    const fresh = await keep('After');
    const version = (id: string) =>
      app.call('GET', `/plans/${id}`).then((a) => Number(a.headers.get('etag')?.replaceAll('"', '')));
    const others = now.entries.filter((e) => e.thing === 'plan').map((e) => e.id);
    for (const id of others.slice(0, 3)) expect(await version(fresh.id)).toBeGreaterThan(await version(id));
  });

  it.each([
    ['a column is missing', 'ALTER TABLE change_part DROP COLUMN "before"', 400],
    ['a table is missing', 'DROP TABLE pour', 400],
    ['the clock has no row', 'DELETE FROM clock', 200],
    ['the clock is beyond counting', 'UPDATE clock SET version = 9223372036854775807', 200],
    ['versions are beyond counting', 'UPDATE plan SET version = 9223372036854775806', 200],
  ])('of which %s is refused, or put right: never half of it', async (_, harm, status) => {
    const kept = await keep('Before the harm');
    const { name } = await make();
    const file = join(folder, 'harmed.sqlite');
    copyFileSync(join(app.folder, 'backups', name), file);
    withFile(file, (db) => db.exec(harm), false);
    const sent = { file: readFileSync(file).toString('base64') };
    expect((await app.call('POST', '/restore', sent)).status).toBe(status);
    expect(await app.get(`/plans/${kept.id}`)).toEqual(kept);
    // And it goes on from there: each version is another, and can be counted.
    const next = await app.call<{ version: number }>(
      'PUT',
      `/plans/${kept.id}`,
      { value: { ...kept, name: 'After it' }, change: 'After it' },
      { 'if-match': (await app.call('GET', `/plans/${kept.id}`)).headers.get('etag') ?? '' },
    );
    expect(next.status).toBe(200);
    expect(Number.isSafeInteger(next.body.version)).toBe(true);
  });

  it('is made each day although a file is dated ahead, and a damaged one pushes no good one out', async () => {
    const days = new Backups(join(folder, 'days'));
    const from = join(app.folder, 'backups', (await make()).name);
    const good = { backUpInto: (file: string) => Promise.resolve(copyFileSync(from, file)) };
    const noon = (day: number) => new Date(Date.UTC(2026, 5, day, 12));
    for (let day = 1; day <= 7; day += 1) await days.make(good, 'daily', noon(day));
    copyFileSync(from, join(folder, 'days', 'uisce-20310101T030000000Z-daily.sqlite'));
    expect([days.isDue(noon(7)), days.isDue(noon(8))]).toEqual([false, true]);
    expect(days.last(noon(8))?.at).toBe(noon(7).toISOString());

    const damaged = {
      backUpInto: (file: string) => {
        const bytes = readFileSync(from);
        writeFileSync(file, bytes.fill(7, 4096, 3 * 4096));
        return Promise.resolve();
      },
    };
    const before = days.list();
    for (let day = 8; day <= 20; day += 1)
      await expect(days.make(damaged, 'daily', noon(day))).rejects.toThrow(/check of the copy/);
    expect(days.list()).toEqual(before);
    expect(days.trouble).toMatch(/damaged/);
    await days.make(good, 'daily', noon(21));
    expect([days.trouble, days.list()]).toEqual([null, expect.arrayContaining(before.slice(0, -1))]);
  });

  it('tells open pages that all of it changed', async () => {
    const { name } = await make();
    const stream = await fetch(app.address('/live'));
    const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
    await reader?.read();
    await app.call('POST', `/backups/${name}/restore`, {});
    expect((await reader?.read())?.value).toContain('event: restored');
    await reader?.cancel();
  });

  it('that is foreign, cut, damaged, newer, sealed or of no name is refused in one sentence, and nothing is touched', async () => {
    const { name } = await make();
    const good = join(app.folder, 'backups', name);
    const before = await names();
    const backups = readdirSync(join(app.folder, 'backups')).length;
    const of = (change: (file: string) => void) => {
      const file = join(folder, randomUUID());
      copyFileSync(good, file);
      change(file);
      return file;
    };
    const sent = async (file: string, passphrase?: string) => {
      const body = { file: readFileSync(file).toString('base64'), ...(passphrase ? { passphrase } : {}) };
      const answer = await app.call<ProblemDetails>('POST', '/restore', body);
      return [answer.status, answer.body.detail];
    };
    expect(await sent(of((f) => writeFileSync(f, 'Dear friend')))).toEqual([
      400,
      'It is no backup of Uisce.',
    ]);
    expect((await sent(of((f) => truncateSync(f, 20_000))))[1]).toMatch(/^It is damaged/);
    expect(
      (
        await sent(
          of((f) => {
            const b = readFileSync(f);
            b.fill(7, 8192, 16_384);
            writeFileSync(f, b);
          }),
        )
      )[1],
    ).toMatch(/^It is damaged/);
    const newer = of((f) => {
      withFile(f, (db) => db.exec("INSERT INTO migrations (timestamp, name) VALUES (9, 'Later')"), false);
    });
    expect(await sent(newer)).toEqual([400, 'A newer Uisce has written it: start that version.']);
    const other = of((f) => {
      rmSync(f);
      withFile(f, (db) => db.exec('CREATE TABLE birds (name TEXT)'), false);
    });
    expect((await sent(other))[1]).toMatch(/no household of Uisce/);
    const odd = of((f) => {
      withFile(f, (db) => db.exec("UPDATE plan SET value = '{}'"), false);
    });
    expect((await sent(odd))[1]).toMatch(/^\d+ things in it cannot be read, a plan first of all/);
    const shut = of((f) => writeFileSync(f, sealed(readFileSync(f), 'salt and light')));
    expect((await sent(shut))[1]).toMatch(/its passphrase is needed/);
    expect((await sent(shut, 'salt and dark'))[1]).toMatch(/another, or the file is damaged/);
    for (const path of ['../test.sqlite', 'uisce-1-daily.sqlite', encodeURIComponent('../../etc/passwd')])
      expect((await app.call('GET', `/backups/${path}`)).status).toBe(404);
    expect(await names()).toEqual(before);
    expect(readdirSync(join(app.folder, 'backups'))).toHaveLength(backups);
    expect((await sent(shut, 'salt and light'))[0]).toBe(200);
  });

  it('of any earlier release comes in brought up to date', async () => {
    const fixtures = join(import.meta.dirname, '../../fixtures');
    const releases = readdirSync(fixtures).filter((file) => file.endsWith('.sqlite'));
    expect(releases.length).toBeGreaterThanOrEqual(10);
    for (const release of releases) {
      const old = join(fixtures, release);
      expect(isOlder(old)).toBe(true);
      const answer = await app.call<Restored>('POST', '/restore', {
        file: readFileSync(old).toString('base64'),
      });
      expect(answer.status, release).toBe(200);
      expect((await names()).slice(0, 2), release).toEqual(['First winter', 'A smaller start']);
      expect((await names()).length, release).toBe(answer.body.counts.plan);
      if (release === 'migration-8.sqlite')
        expect(answer.body.counts).toMatchObject({ drink: 6, tasting: 0 });
    }
    expect(isOlder(join(folder, 'nothing'))).toBe(false);
  });
});

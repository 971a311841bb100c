import { execFileSync, spawnSync } from 'node:child_process';
import { randomUUID, X509Certificate } from 'node:crypto';
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { ProblemDetails } from '@uisce/core/base';
import type { AccessState } from '@uisce/core/household';
import { createApi } from '../app.js';
import type { BackupParts } from '../backup/routes.js';
import { LivePages } from '../kept/live.js';
import type { KeptStore } from '../kept/store.js';
import type { SolverPool } from '../planning/pool.js';
import { HomeClient } from '../testing/home-client.js';
import { catalogue, glossary, RunningApp, shops } from '../testing/running-app.js';
import { openDatabase } from '../storage/data-source.js';
import { Access } from './access.js';
import { homeCertificate } from './authority.js';
import { hostOf } from './names.js';
import type { AccessParts } from './routes.js';

const PASSPHRASE = 'a lamp in the window';
const NOW = new Date().toISOString();
const app = new RunningApp();
const type = (text: string) => (JSON.parse(text) as ProblemDetails).type;

beforeAll(async () => {
  await app.start();
});
afterAll(async () => {
  await app.stop();
  app.remove();
});

describe('the household’s own authority', () => {
  it('signs for all names, is kept, and signs anew under itself when a name comes', async () => {
    const folder = join(app.folder, 'authority');
    const first = await homeCertificate(folder, ['bar.localhost', '192.168.1.20']);
    const again = await homeCertificate(folder, ['192.168.1.20']);
    const more = await homeCertificate(folder, ['bar.localhost', '192.168.1.21', 'counter.local']);
    expect(again.cert).toBe(first.cert);
    expect(more.cert).not.toBe(first.cert);
    expect(more.fingerprint).toBe(first.fingerprint);
    const leaf = new X509Certificate(more.cert);
    expect(leaf.checkIP('192.168.1.21')).toBe('192.168.1.21');
    expect(leaf.checkHost('counter.local')).toBe('counter.local');
    // No longer than browsers take it: 398 days (from memory).
    expect(Date.parse(leaf.validTo) - Date.parse(leaf.validFrom)).toBeLessThan(398 * 86_400_000);
    for (const file of readdirSync(folder).filter((f) => f.endsWith('.key')))
      expect(statSync(join(folder, file)).mode & 0o077, file).toBe(0);
  });

  it('is sound by another’s check', async (context) => {
    // OpenSSL, which is no part of Node's package here; its verify command checks the chain, its purpose and its name.
    if (spawnSync('openssl', ['version']).status !== 0) context.skip();
    const folder = join(app.folder, 'checked');
    const { cert, authority } = await homeCertificate(folder, ['bar.localhost']);
    const [ca, leaf] = [join(folder, 'ca.pem'), join(folder, 'leaf.pem')];
    writeFileSync(ca, authority);
    writeFileSync(leaf, cert.slice(0, cert.indexOf('-----END CERTIFICATE-----') + 26));
    const verify = (name: string) =>
      spawnSync('openssl', [
        'verify',
        '-x509_strict',
        '-purpose',
        'sslserver',
        '-verify_hostname',
        name,
        '-CAfile',
        ca,
        leaf,
      ]);
    expect(verify('bar.localhost').stdout.toString()).toContain('OK');
    expect(verify('elsewhere.example').status).not.toBe(0);
    expect(execFileSync('openssl', ['x509', '-in', ca, '-noout', '-text']).toString()).toMatch(
      /CA:TRUE, pathlen:0/,
    );
  });
});

it('names are read out of a Host header however it is written', () => {
  expect(['127.0.0.1:4870', 'BAR.local', '[::1]:4870', '[FD00::7]', 'localhost'].map(hostOf)).toEqual([
    ...['127.0.0.1', 'bar.local', '::1', 'fd00::7', 'localhost'],
  ]);
});

describe('the home network’s door', () => {
  it('is not opened without a passphrase, and then only from the machine itself', async () => {
    const open = () => app.call<AccessState>('POST', '/access/home', { open: true });
    expect(type(JSON.stringify((await open()).body))).toBe('/problems/no-passphrase');
    expect((await app.call('POST', '/access/passphrase', { passphrase: 'too short' })).status).toBe(400);
    expect((await app.call('POST', '/access/passphrase', { passphrase: PASSPHRASE })).status).toBe(204);
    const { body } = await open();
    expect(body.isOpen).toBe(true);
    expect(body.addresses[0]).toMatch(/^https:\/\/bar\.localhost:\d+$/);
    expect(readFileSync(join(app.folder, 'access/access.json'), 'utf8')).not.toContain('lamp');
  });

  it('speaks TLS 1.2 with ciphers that guard what they encrypt, and none that chains blocks', async () => {
    const { port } = new URL((await app.get<AccessState>('/access')).addresses[0] ?? '');
    const speaks = (ciphers: string) =>
      new Promise<string>((resolve) => {
        const line = connect(
          {
            port: Number(port),
            host: '127.0.0.1',
            servername: 'bar.localhost',
            rejectUnauthorized: false,
            maxVersion: 'TLSv1.2',
            ciphers,
          },
          () => {
            resolve(line.getCipher().name);
            line.destroy();
          },
        );
        line.on('error', () => resolve('refused'));
      });
    expect(await speaks('ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-RSA-AES128-GCM-SHA256')).toContain('GCM');
    const chained = [
      'ECDHE-ECDSA-AES128-SHA256',
      'ECDHE-RSA-AES128-SHA256',
      'ECDHE-RSA-AES256-SHA',
      'AES128-SHA',
    ];
    expect(await speaks(chained.join(':'))).toBe('refused');
  });

  it('refuses every route to whoever is not signed in, but the few that say that they are open', async () => {
    const client = new HomeClient(app);
    const api = createApi({
      store: undefined as unknown as KeptStore,
      live: new LivePages(),
      pool: undefined as unknown as SolverPool,
      readFile: () => Promise.reject(new Error('nobody reads files here')),
      catalogue,
      shops,
      glossary,
      backup: {} as BackupParts,
      access: {} as AccessParts,
    });
    const open: string[] = [];
    for (const { method, path, body } of api.endpoints) {
      const address = `/api${path.replace(/\{\w+\}/g, 'x')}`;
      const { status, text } = await client.call(method.toUpperCase(), address, body ? {} : undefined);
      if (status !== 401 || type(text) !== '/problems/sign-in-needed') open.push(`${method} ${path}`);
    }
    expect(api.endpoints.length).toBeGreaterThan(100);
    expect(open.sort()).toEqual([
      'get /authority.crt',
      'get /guest-page/{key}',
      'get /session',
      'post /guest-page/{key}/asks',
      'post /session',
    ]);
  });

  it('lets in whoever knows the passphrase, by a cookie that no script reads, until the session is ended', async () => {
    const phone = new HomeClient(app);
    expect(type((await phone.signIn('a lamp in the door!!')).text)).toBe('/problems/wrong-passphrase');
    expect((await phone.call('GET', '/api/plans')).status).toBe(401);
    const signedIn = await phone.signIn(PASSPHRASE);
    expect(signedIn.status).toBe(204);
    const [cookie = ''] = [signedIn.headers['set-cookie']].flat();
    for (const part of ['__Host-uisce=', 'HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/'])
      expect(cookie).toContain(part);
    expect((await phone.call('GET', '/api/plans')).status).toBe(200);
    // Under a name that was not told, and from a page elsewhere, not even then.
    const foreign = new HomeClient(app, 'elsewhere.example');
    foreign.cookie = phone.cookie;
    expect(type((await foreign.call('GET', '/api/plans')).text)).toBe('/problems/foreign-host');
    const cross = await phone.call('POST', '/api/history/undo', {}, { origin: 'https://elsewhere.example' });
    expect(type(cross.text)).toBe('/problems/foreign-page');
    expect(type((await phone.call('POST', '/api/access/home', { open: false })).text)).toBe(
      '/problems/this-machine-only',
    );

    const listening = phone.call('GET', '/api/live');
    const { sessions } = await app.get<AccessState>('/access');
    expect(sessions.map((s) => s.device)).toEqual(['A telephone']);
    expect((await app.call('DELETE', `/access/sessions/${sessions[0]?.id}`)).status).toBe(204);
    // What it was told of changes ends with it.
    expect((await listening).status).toBe(200);
    expect((await phone.call('GET', '/api/plans')).status).toBe(401);
  });

  it('keeps sessions over a restart, and a new passphrase ends all but one’s own', async () => {
    const [laptop, phone] = [new HomeClient(app), new HomeClient(app)];
    await laptop.signIn(PASSPHRASE);
    await phone.signIn(PASSPHRASE);
    await app.stop();
    await app.start();
    await app.home.open();
    expect((await laptop.call('GET', '/api/plans')).status).toBe(200);
    const change = (old: string) =>
      laptop.call('POST', '/api/access/passphrase', { passphrase: 'a lamp on the stair', old });
    expect(type((await change('no idea at all')).text)).toBe('/problems/wrong-passphrase');
    expect((await change(PASSPHRASE)).status).toBe(204);
    expect((await laptop.call('GET', '/api/plans')).status).toBe(200);
    expect((await phone.call('GET', '/api/plans')).status).toBe(401);
    expect((await phone.signIn(PASSPHRASE)).status).toBe(401);
    expect((await phone.signIn('a lamp on the stair')).status).toBe(204);
  });

  it('knows the devices that an earlier release kept in a file, and no longer keeps them there', async () => {
    const folder = join(app.folder, 'before');
    const db = await openDatabase(join(folder, 'before.sqlite'));
    const kept = { id: randomUUID(), tokenHash: 'AAAA', device: 'A tablet', since: NOW, seen: NOW };
    const file = join(folder, 'access.json');
    writeFileSync(file, JSON.stringify({ home: true, passphrase: null, sessions: [kept] }));
    for (const time of ['first', 'second']) {
      const access = await Access.open(folder, db);
      expect(access.sessions.list(), time).toEqual([kept]);
      expect(access.wantsHome).toBe(true);
    }
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual({ home: true, passphrase: null });
    await db.close();
  });

  it('has no new passphrase on the disk before the sessions of the old one have ended', async () => {
    const folder = join(app.folder, 'between');
    const db = await openDatabase(join(folder, 'between.sqlite'));
    const access = await Access.open(folder, db);
    await access.setPassphrase(PASSPHRASE);
    await access.signIn(PASSPHRASE, 'one', 'A tablet');
    vi.spyOn(db, 'write').mockRejectedValueOnce(new Error('the disk is full'));
    await expect(access.setPassphrase('a lamp on the stair')).rejects.toThrow('the disk is full');
    const again = await Access.open(folder, db);
    expect(await again.check(PASSPHRASE, 'one')).toBe('right');
    await db.close();
  });

  it('makes whoever guesses wait', async () => {
    const guesser = new HomeClient(app);
    const answers = [];
    for (let i = 0; i < 6; i++) answers.push(await guesser.signIn(`guess number ${i}`));
    const last = answers.at(-1);
    expect(answers.map((a) => a.status)).toContain(429);
    expect(Number(last?.headers['retry-after'])).toBeGreaterThan(0);
    // The right one does not help either, before the wait is over.
    expect((await guesser.signIn('a lamp on the stair')).status).toBe(429);
  });

  it('lets in a device that was in before while twelve networks guess without end, and limits its guesses too', async () => {
    const db = await openDatabase(':memory:');
    const access = await Access.open(join(app.folder, 'guessed'), db);
    await access.setPassphrase('a lamp on the stair');
    const known = access.knownToken();
    let going = true;
    const guessing = Array.from({ length: 12 }, async (_, network) => {
      for (let host = 0; going; host += 1) {
        await access.check(`guess ${network} ${host}`, `10.${network}.${host}.0`);
        await new Promise((resolve) => setTimeout(resolve, 5));
      }
    });
    await vi.waitFor(async () =>
      expect(await access.check('a lamp on the stair', '10.99.0.0')).toMatchObject({ waitMs: 1000 }),
    );
    expect(await access.check('a lamp on the stair', '10.99.0.0', known)).toBe('right');
    expect(await access.check('a lamp on the stair', '10.99.0.0', `${known}x`)).not.toBe('right');
    going = false;
    await Promise.all(guessing);
    const guesses = [];
    for (let i = 0; i < 6; i += 1) guesses.push(await access.check(`guess ${i}`, '10.99.0.0', known));
    expect(guesses.filter((g) => g === 'wrong')).toHaveLength(3);
    await db.close();
  });

  it('ends what a device had before when it signs in again', async () => {
    const before = (await app.get<AccessState>('/access')).sessions.length;
    const client = new HomeClient(app);
    await client.signIn('a lamp on the stair');
    expect((await client.signIn('a lamp on the stair')).status).toBe(204);
    expect((await app.get<AccessState>('/access')).sessions).toHaveLength(before + 1);
  });
});

import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { loadShipped } from '@uisce/catalogue';
import { Access } from '../access/access.js';
import { HomeServer } from '../access/home.js';
import { wordsOfTrade } from '../access/passphrase.js';
import { createApp, type AppParts } from '../app.js';
import { Backups } from '../backup/backups.js';
import { lookedAt, toRestore } from '../backup/looked-at.js';
import { closeServer } from '../http/close-server.js';
import { readFile } from '../household/read-file.js';
import { LivePages } from '../kept/live.js';
import { KeptStore } from '../kept/store.js';
import type { SolverPool } from '../planning/pool.js';
import { openDatabase } from '../storage/data-source.js';

export const { catalogue, shops, glossary } = loadShipped();

/** What came back: its status, headers and body. */
export interface Reply<T> {
  status: number;
  headers: Headers;
  body: T;
}

/** The app on a real database file, on a free port. Solving itself is tested in the core and end to end. */
export class RunningApp {
  readonly folder = mkdtempSync(join(tmpdir(), 'uisce-'));
  readonly file = join(this.folder, 'test.sqlite');
  private server: Server | undefined;
  store!: KeptStore;
  access!: Access;
  home!: HomeServer;
  private close: () => Promise<void> = () => Promise.resolve();

  async start(): Promise<void> {
    const db = await openDatabase(this.file);
    const access = await Access.open(join(this.folder, 'access'), db);
    const live = new LivePages((session) => access.sessions.holds(session));
    const store = await KeptStore.open(db, ({ label, entries }, by) =>
      live.announce({ label, entries, history: store.history(), page: by.page }),
    );
    const home = new HomeServer({
      folder: join(this.folder, 'access'),
      port: 0,
      listen: '127.0.0.1',
      names: ['bar.localhost'],
      refused: '',
      app: (names) => createApp(parts, { place: 'home', access, names }),
    });
    this.store = store;
    this.access = access;
    this.home = home;
    const parts: AppParts = {
      logger: pino({ level: 'silent' }),
      store,
      live,
      pool: undefined as unknown as SolverPool,
      readFile: (task) => Promise.resolve(readFile(task, { catalogue, shops })),
      catalogue,
      shops,
      glossary,
      backup: {
        backups: new Backups(join(this.folder, 'backups')),
        db,
        open: async (source) => toRestore(await lookedAt(source)),
      },
      access: { access, home, words: wordsOfTrade(catalogue) },
      webFolder: this.folder,
    };
    const app = createApp(parts, { place: 'machine' });
    const server = await new Promise<Server>((resolve) => {
      const s = app.listen(0, '127.0.0.1', () => resolve(s));
    });
    this.server = server;
    this.close = async () => {
      live.close();
      await home.close();
      await closeServer(server);
      await db.close();
    };
  }

  async stop(): Promise<void> {
    await this.close();
    this.close = () => Promise.resolve();
  }

  remove(): void {
    rmSync(this.folder, { recursive: true, force: true });
  }

  get port(): number {
    return (this.server?.address() as AddressInfo).port;
  }

  address(path: string): string {
    return `http://127.0.0.1:${this.port}/api${path}`;
  }

  /** Ask the API; a body is sent as JSON, a string as it is. */
  async call<T>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Reply<T>> {
    const response = await fetch(this.address(path), {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    return {
      status: response.status,
      headers: response.headers,
      body: (text ? JSON.parse(text) : undefined) as T,
    };
  }

  async get<T>(path: string): Promise<T> {
    return (await this.call<T>('GET', path)).body;
  }

  /** Keep a thing as whoever has just read it. */
  async put<T>(path: string, value: unknown, change = 'Change'): Promise<Reply<T>> {
    const now = await this.call('GET', path);
    const seen: Record<string, string> =
      now.status === 200 ? { 'if-match': now.headers.get('etag') ?? '' } : { 'if-none-match': '*' };
    return this.call<T>('PUT', path, { value, change }, seen);
  }

  /** Remove a thing as whoever has just read it. */
  async discard(path: string): Promise<number> {
    const now = await this.call('GET', path);
    return (await this.call('DELETE', path, undefined, { 'if-match': now.headers.get('etag') ?? '"0"' }))
      .status;
  }

  undo(): Promise<Reply<unknown>> {
    return this.call('POST', '/history/undo', {});
  }

  redo(): Promise<Reply<unknown>> {
    return this.call('POST', '/history/redo', {});
  }
}

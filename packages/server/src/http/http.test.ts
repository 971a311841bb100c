import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  FAULT_CODES,
  MAX_FAULTS,
  PROBLEMS,
  problemType,
  type ProblemDetails,
  type ProblemName,
} from '@uisce/core/base';
import { createApi } from '../app.js';
import { LivePages } from '../kept/live.js';
import type { KeptStore } from '../kept/store.js';
import type { SolverPool } from '../planning/pool.js';
import type { AccessParts } from '../access/routes.js';
import type { BackupParts } from '../backup/routes.js';
import { catalogue, glossary, RunningApp, shops } from '../testing/running-app.js';

const app = new RunningApp();
beforeAll(() => app.start());
afterAll(async () => {
  await app.stop();
  app.remove();
});

describe('over the wire', () => {
  it('the catalogue is sent once and then known by its tag', async () => {
    const first = await fetch(app.address('/catalogue'), { headers: { 'accept-encoding': 'br' } });
    const tag = first.headers.get('etag') ?? '';
    const again = await fetch(app.address('/catalogue'), {
      // As a browser asks; this client would say no-cache of itself.
      headers: { 'if-none-match': tag, 'cache-control': 'max-age=0', 'accept-encoding': 'br' },
    });
    expect(tag).not.toBe('');
    expect(again.status).toBe(304);
    expect(first.headers.get('content-encoding')).toBe('br');
    const plain = await fetch(app.address('/catalogue'), { headers: { 'accept-encoding': 'identity' } });
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(await plain.json()).toEqual(await first.json());
  });

  it('pages may run nothing but our own scripts, with a new nonce each time', async () => {
    const policy = async () =>
      (await fetch(app.address('/health'))).headers.get('content-security-policy') ?? '';
    const [one, two] = [await policy(), await policy()];
    expect(one).toContain("default-src 'none'");
    expect(one).toMatch(/script-src 'self' 'wasm-unsafe-eval'(;|$)/);
    expect(one).not.toContain('unsafe-inline');
    expect(one).not.toBe(two);
  });

  it('answers only to this machine’s own names', async () => {
    const status = await new Promise<number | undefined>((resolve) => {
      request(
        { port: app.port, host: '127.0.0.1', path: '/api/plans', headers: { host: 'elsewhere.example' } },
        (res) => {
          res.resume();
          resolve(res.statusCode);
        },
      ).end();
    });
    expect(status).toBe(403);
  });

  it('a page from elsewhere may change nothing, whatever it sends', async () => {
    const undo = (headers: Record<string, string>) =>
      app.call<ProblemDetails>('POST', '/history/undo', {}, headers);
    for (const headers of [
      { 'sec-fetch-site': 'cross-site' },
      { 'sec-fetch-site': 'same-site' },
      { origin: 'http://elsewhere.example' },
    ])
      expect((await undo(headers)).body.type).toBe('/problems/foreign-page');
    expect((await undo({ origin: `http://127.0.0.1:${app.port}` })).status).toBe(409);
    expect((await app.call('GET', '/health', undefined, { 'sec-fetch-site': 'cross-site' })).status).toBe(
      200,
    );
  });

  it('every refusal is problem details of a listed type', async () => {
    const asked: [
      name: keyof typeof PROBLEMS,
      answer: Promise<{ status: number; headers: Headers; body: ProblemDetails }>,
    ][] = [
      ['no-such-path', app.call('GET', '/nowhere')],
      ['no-such-method', app.call('DELETE', '/catalogue')],
      ['not-found', app.call('GET', '/price-lists/no-such-list')],
      ['not-json', app.call('POST', '/changes', '{"id":')],
      ['invalid', app.call('POST', '/changes', {})],
      ['too-large', app.call('POST', '/history/undo', JSON.stringify('x'.repeat(300_000)))],
      ['wrong-media', app.call('POST', '/changes', 'name=x', { 'content-type': 'text/plain' })],
      ['bad-address', app.call('GET', '/plans/%E0%A4%A')],
    ];
    for (const [name, answer] of asked) {
      const { status, headers, body } = await answer;
      expect([name, status, body.type]).toEqual([name, PROBLEMS[name].status, problemType(name)]);
      expect(headers.get('content-type')).toContain('application/problem+json');
    }
    expect((await app.call('DELETE', '/catalogue')).headers.get('allow')).toBe('GET');
  });
});

describe('what is malformed', () => {
  const post = (path: string, body: string) =>
    fetch(app.address(path), { method: 'POST', headers: { 'content-type': 'application/json' }, body });

  it('nested without end is refused before anything walks it', async () => {
    const deep = `{"a":${'['.repeat(30_000)}${']'.repeat(30_000)}}`;
    for (const path of ['/changes', '/notebook/read', '/stock/read', '/household/compare']) {
      const answer = await post(path, deep);
      expect(answer.status, path).toBe(413);
      expect(await answer.json()).toMatchObject({ type: problemType('too-large') });
    }
  });

  it('a hundred thousand empty things are refused with no more faults than anybody reads', async () => {
    const things = `[${Array(100_000).fill('{}').join()}]`;
    const file = {
      '/household/compare': `{"file":{"format":"uisce-household/1","things":{"bottle":${things}}}}`,
    };
    for (const [path, body] of Object.entries({ ...file, '/changes': `{"writes":${things}}` })) {
      const answer = await post(path, body);
      const text = await answer.text();
      expect(answer.status, path).toBe(400);
      expect((JSON.parse(text) as ProblemDetails).errors?.length, path).toBeLessThanOrEqual(MAX_FAULTS);
      expect(text.length).toBeLessThan(20_000);
    }
  });
});

describe('the description of the API', () => {
  interface Described {
    openapi: string;
    paths: Record<string, Record<string, { responses: Record<string, unknown>; requestBody?: unknown }>>;
  }
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

  it('names every route that is served, and nothing else', async () => {
    const { openapi, paths } = await app.get<Described>('/openapi.json');
    const described = Object.entries(paths).flatMap(([path, methods]) =>
      Object.keys(methods).map(
        (method) => `${method} ${path.replace(/^\/api/, '').replace(/\{(\w+)\}/g, ':$1')}`,
      ),
    );
    const served = api.router.stack.flatMap(({ route }) =>
      route ? route.stack.map(({ method }) => `${method} ${route.path}`) : [],
    );
    expect(openapi).toBe('3.1.0');
    expect(new Set(described)).toEqual(new Set(served));
    expect(described.length).toBeGreaterThan(25);
  });

  it('says what a body is wherever one is sent', async () => {
    const { paths } = await app.get<Described>('/openapi.json');
    for (const methods of Object.values(paths))
      for (const [method, operation] of Object.entries(methods)) {
        expect(operation.requestBody !== undefined).toBe(method === 'put' || method === 'post');
        expect(Object.keys(operation.responses).some((status) => status.startsWith('2'))).toBe(true);
      }
  });

  it('docs/api.md lists every problem with its status, and every fault code', () => {
    const docs = readFileSync(join(import.meta.dirname, '../../../../docs/api.md'), 'utf8');
    const listed = [...docs.matchAll(/^\| `(\/problems\/[\w-]+)` +\| (\d+)/gm)].map(([, type, status]) => [
      type,
      Number(status),
    ]);
    const names = Object.keys(PROBLEMS) as ProblemName[];
    expect(listed).toEqual(names.map((name) => [problemType(name), PROBLEMS[name].status]));
    const codes = docs.slice(docs.indexOf('## Fault codes')).matchAll(/^\| `([\w-]+)` +\| (.+?) +\|$/gm);
    expect(Object.fromEntries([...codes].map(([, code, what]) => [code, what]))).toEqual(FAULT_CODES);
  });
});

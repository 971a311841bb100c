import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { pino } from 'pino';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { loggedPath, requestLog } from './logging.js';

const lines: string[] = [];
let server: Server;
beforeAll(async () => {
  const app = express();
  app.use(requestLog(pino({ level: 'info' }, { write: (line: string) => lines.push(line) })));
  app.use((_req, res) => res.status(404).json({ detail: 'nothing for Niamh' }));
  server = await new Promise((resolve) => {
    const s = app.listen(0, '127.0.0.1', () => resolve(s));
  });
});
afterAll(() => server.close());

it('a line says what was asked and how it went, and nothing of who asked or what was sent', async () => {
  const { port } = server.address() as AddressInfo;
  await fetch(`http://127.0.0.1:${port}/api/guest-page/${'k'.repeat(32)}/asks?for=Niamh`, {
    method: 'POST',
    headers: {
      cookie: '__Host-uisce=secret',
      'user-agent': 'A telephone of hers',
      'x-uisce-name': 'Firefox',
    },
    body: 'Niamh cannot have nuts',
  });
  await expect.poll(() => lines.length).toBeGreaterThan(0);
  const { req, res, level, responseTime } = JSON.parse(lines.at(-1) ?? '{}') as Record<string, unknown>;
  expect(req).toMatchObject({ method: 'POST', path: '/api/guest-page/…/asks' });
  expect(res).toEqual({ status: 404 });
  expect([typeof level, typeof responseTime]).toEqual(['number', 'number']);
  for (const personal of ['Niamh', 'secret', 'telephone', 'Firefox', '127.0.0.1', 'kkkk'])
    expect(lines.join('')).not.toContain(personal);
});

it('keys and queries are left out of an address, everything else stands', () => {
  expect(
    ['/card/abc', '/api/guest-page/abc/asks', '/api/plans/1?x=2', '/plan/dry-gin'].map(loggedPath),
  ).toEqual([...['/card/…', '/api/guest-page/…/asks', '/api/plans/1', '/plan/dry-gin']]);
});

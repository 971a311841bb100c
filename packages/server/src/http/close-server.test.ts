import { Agent, createServer, get, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { text } from 'node:stream/consumers';
import type { Request, Response } from 'express';
import { expect, it } from 'vitest';
import { LivePages } from '../kept/live.js';
import { closeServer } from './close-server.js';

it('ends although a page whose news was cut comes back over a line that was still busy, and lets that finish', async () => {
  const live = new LivePages();
  // What is asked of a response here, node's own can do but for one word of express.
  const joined = (req: IncomingMessage, res: Response) => live.join(req as Request, res);
  let finish: () => void = () => undefined;
  const server = createServer((req, res) => {
    const express = Object.assign(res, {
      set: (all: Record<string, string>) => res.setHeaders(new Map(Object.entries(all))),
    });
    if (req.url === '/live') joined(req, express as unknown as Response);
    else finish = () => res.end('kept');
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const agent = new Agent({ keepAlive: true });
  const ask = (path: string) =>
    new Promise<string>((resolve, reject) => {
      get({ port, path, agent, host: '127.0.0.1' }, (res) => resolve(text(res))).on('error', reject);
    });
  const news = ask('/live');
  const slow = ask('/slow');
  await expect
    .poll(() => new Promise<number>((resolve) => server.getConnections((_, n) => resolve(n))))
    .toBe(2);

  live.close();
  const closed = closeServer(server);
  expect(await news).toContain('event: hello');
  finish();
  expect(await slow).toBe('kept');
  // Over the line on which that was said, as browsers do; cut or refused, the page is rid of.
  const again = await ask('/live').catch((error: NodeJS.ErrnoException) => error.code);
  expect(['ECONNREFUSED', 'ECONNRESET', 'event: hello\ndata: {}\n\n']).toContain(again);
  await closed;
  expect(server.listening).toBe(false);
  agent.destroy();
});

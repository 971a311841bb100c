import type { Server, ServerResponse } from 'node:http';

/** Lines that have nothing more to say are cut so often. */
const LOOK_MS = 50;

/**
 * Take no new callers and let what is in flight finish. A line that was kept open for more is cut as soon as it is
 * quiet: over it an open page would come back, and nobody would ever be done.
 */
export async function closeServer(server: Server): Promise<void> {
  server.prependListener('request', (_req: unknown, res: ServerResponse) =>
    res.setHeader('connection', 'close'),
  );
  const look = setInterval(() => server.closeIdleConnections(), LOOK_MS);
  await new Promise((resolve) => {
    server.close(resolve);
    server.closeIdleConnections();
  });
  clearInterval(look);
}

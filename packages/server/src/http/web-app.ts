import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { Router, type RequestHandler } from 'express';

/** Where the built page carries the nonce of its response. */
const NONCE_MARK = '__CSP_NONCE__';

/**
 * The built web application: hashed assets cached for good, and the one page for every other path,
 * so that a reload of any screen finds it again.
 */
export function webApp(folder: string): RequestHandler {
  const router = Router();
  const indexFile = join(folder, 'index.html');
  const page = existsSync(indexFile) ? readFileSync(indexFile, 'utf8') : undefined;
  router.use(
    '/assets',
    express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', (_req, res) => {
    if (page === undefined) {
      res.status(503).type('text/plain').send('The web application is not built yet: run npm run build.');
      return;
    }
    res
      .set('cache-control', 'no-store')
      .type('html')
      .send(page.replaceAll(NONCE_MARK, res.locals.nonce as string));
  });
  return router;
}

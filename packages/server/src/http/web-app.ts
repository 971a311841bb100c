import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { stepFiles } from './step-files.js';
import express, { Router, type RequestHandler } from 'express';
import compressedStatic from 'express-static-gzip';

/** Where the built page carries the nonce of its response. */
const NONCE_MARK = '__CSP_NONCE__';
/** Before this the files of the step that is asked for are named. */
const HEAD_END = '</head>';

/**
 * The built web application: hashed assets, compressed when they were built and cached for good, and the one page for every other path,
 * so that a reload of any screen finds it again.
 */
export function webApp(folder: string): RequestHandler {
  const router = Router();
  const indexFile = join(folder, 'index.html');
  const page = existsSync(indexFile) ? readFileSync(indexFile, 'utf8') : undefined;
  const filesOf = stepFiles(folder);
  router.use(
    '/assets',
    compressedStatic(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  );
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', (req, res) => {
    if (page === undefined) {
      res.status(503).type('text/plain').send('The web application is not built yet: run npm run build.');
      return;
    }
    res
      .set('cache-control', 'no-store')
      .type('html')
      .send(
        page
          .replaceAll(NONCE_MARK, res.locals.nonce as string)
          .replace(HEAD_END, filesOf(req.path) + HEAD_END),
      );
  });
  return router;
}

import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { stepFiles } from './step-files.js';
import express, { Router, type RequestHandler, type Response } from 'express';
import compressedStatic from 'express-static-gzip';

/** Where the built page carries the nonce of its response. */
const NONCE_MARK = '__CSP_NONCE__';
/** Before this the files of the step that is asked for are named. */
const HEAD_END = '</head>';

/**
 * The built web application: hashed assets, compressed when they were built and cached for good; the page for guests; and the one
 * page for every other path, so that a reload of any screen finds it again.
 */
export function webApp(folder: string): RequestHandler {
  const router = Router();
  const pageOf = (name: string) => {
    const file = join(folder, name);
    return existsSync(file) ? readFileSync(file, 'utf8') : undefined;
  };
  const [page, card] = [pageOf('index.html'), pageOf('guest-page.html')];
  const filesOf = stepFiles(folder);
  const send = (res: Response, html: string | undefined, files: string) => {
    if (html === undefined) {
      res.status(503).type('text/plain').send('The web application is not built yet: run npm run build.');
      return;
    }
    const text = html.replaceAll(NONCE_MARK, res.locals.nonce as string).replace(HEAD_END, files + HEAD_END);
    res.set('cache-control', 'no-store').type('html').send(text);
  };
  router.use(
    '/assets',
    compressedStatic(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  );
  router.get('/card/{*key}', (_req, res) => {
    // A key is told to nobody else, and kept in no list of pages.
    res.set({ 'referrer-policy': 'no-referrer', 'x-robots-tag': 'noindex' });
    send(res, card, '');
  });
  // As a page with its nonce, also where the worker that opens it without a server asks for the file.
  router.get('/index.html', (_req, res) => send(res, page, ''));
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', (req, res) => send(res, page, filesOf(req.path)));
  return router;
}

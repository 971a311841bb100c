import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { HttpProblem } from './problem.js';

/** Methods that change nothing and compute nothing. */
const HARMLESS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuse what a page from elsewhere sends: whatever changes or computes is asked by our own pages, or by no page. */
export const ownPagesOnly: RequestHandler = (req, _res, next) => {
  const { host, origin, 'sec-fetch-site': site } = req.headers;
  const foreignSite = site !== undefined && site !== 'same-origin' && site !== 'none';
  const foreignOrigin = origin !== undefined && URL.parse(origin)?.host !== host;
  if (!HARMLESS.has(req.method) && (foreignSite || foreignOrigin))
    throw new HttpProblem('foreign-page', 'a page from elsewhere may not do this');
  next();
};

/** A fresh nonce for the one style element that the interface's theme writes. */
export const styleNonce: RequestHandler = (_req, res, next) => {
  res.locals.nonce = randomBytes(16).toString('base64');
  next();
};

const nonceOf = (_req: IncomingMessage, res: ServerResponse) =>
  `'nonce-${(res as ServerResponse & { locals: { nonce: string } }).locals.nonce}'`;

/** Security headers. WebAssembly may be compiled (the solver); no inline script, nothing from elsewhere. */
export const securityHeaders: RequestHandler = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      styleSrc: ["'self'", nonceOf],
      imgSrc: ["'self'", 'data:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'"],
      manifestSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  // Lets the page share memory with its workers, so that a solve can be stopped at once.
  crossOriginEmbedderPolicy: { policy: 'require-corp' },
  // On the loopback address it is plain HTTP; in the home network, names of their own authority, which none may be pinned to.
  strictTransportSecurity: false,
});

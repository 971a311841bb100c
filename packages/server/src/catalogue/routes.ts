import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { Router } from 'express';
import type { CatalogueText } from '@uisce/core/catalogue';

/** The catalogue as one document, sent again only when it has changed. */
export function catalogueRoutes(text: CatalogueText): Router {
  const router = Router();
  const body = JSON.stringify(text);
  // Packed once: the catalogue does not change while the server runs.
  const packed = gzipSync(body);
  const etag = `"${createHash('sha256').update(body).digest('base64url')}"`;
  router.get('/', (req, res) => {
    res.set({ etag, 'cache-control': 'no-cache', vary: 'accept-encoding' });
    if (req.headers['if-none-match'] === etag) res.status(304).end();
    else if (req.acceptsEncodings('gzip')) res.type('json').set('content-encoding', 'gzip').send(packed);
    else res.type('json').send(body);
  });
  return router;
}

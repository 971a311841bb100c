import { brotliCompressSync, constants } from 'node:zlib';
import { catalogueSchema, type Catalogue } from '@uisce/core/catalogue';
import type { Api } from '../http/api.js';

/** Small enough, and packed in a blink when the server starts. */
const QUALITY = 9;

/** The catalogue as one document, packed once and sent again only when it has changed. */
export function catalogueRoutes(api: Api, catalogue: Catalogue): void {
  const body = JSON.stringify(catalogue);
  const packed = brotliCompressSync(body, { params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY } });
  api.on(
    {
      method: 'get',
      path: '/catalogue',
      summary: 'The catalogue: kinds, recipes, glasses, tools and the rest, amounts read',
      answer: catalogueSchema,
    },
    (req, res) => {
      res.set({ 'cache-control': 'no-cache', vary: 'Accept-Encoding' }).type('json');
      if (req.acceptsEncodings('br') === 'br') res.set('content-encoding', 'br').send(packed);
      else res.send(body);
    },
  );
}

import { pinoHttp } from 'pino-http';
import type { Logger } from 'pino';
import type { RequestHandler } from 'express';

/** Parts of an address that are secrets: whoever has one may see an evening's card. */
const KEYS = /\/(card|guest-page)\/[^/?]+/;

/** An address as it may be written down: without keys, and without what was asked for behind the question mark. */
export function loggedPath(url: string): string {
  return url.replace(/\?.*$/s, '').replace(KEYS, '/$1/…');
}

/** One line a request: its number, method, path, status and time. No address, no header, no name, nothing that was sent. */
export function requestLog(logger: Logger): RequestHandler {
  return pinoHttp({
    logger,
    quietReqLogger: true,
    wrapSerializers: false,
    serializers: {
      req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
        id,
        method,
        path: loggedPath(url),
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ status: statusCode }),
    },
  });
}

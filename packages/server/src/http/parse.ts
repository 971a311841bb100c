import express, { type Request, type RequestHandler } from 'express';
import type { z } from 'zod';
import { tooMuch } from './json-size.js';
import { overlong } from './overlong.js';
import { HttpProblem } from './problem.js';

/** Bodies of ordinary requests: a brief is a few kilobytes. */
const SMALL_BODY = '256kb';
/** Price files and planning problems. */
export const LARGE_BODY = '8mb';

/**
 * Parse a JSON body up to `limit`. Anything else is refused, which also keeps other sites' forms
 * from posting here.
 */
export function jsonBody(limit = SMALL_BODY): RequestHandler {
  const verify = (_req: unknown, _res: unknown, json: Buffer) => {
    const why = tooMuch(json);
    if (why) throw new HttpProblem('too-large', `the body asks too much: ${why}`);
  };
  const parse = express.json({ limit, strict: false, verify });
  return (req, res, next) => {
    refuseOtherMedia(req);
    parse(req, res, next);
  };
}

function refuseOtherMedia(req: Request): void {
  if (!req.is('application/json'))
    throw new HttpProblem('wrong-media', 'send JSON, with content-type application/json');
}

/** The bytes of a JSON body up to `limit`, unpacked. */
export function jsonBytes(limit = SMALL_BODY): RequestHandler {
  const parse = express.raw({ limit, type: 'application/json' });
  return (req, res, next) => {
    refuseOtherMedia(req);
    parse(req, res, next);
  };
}

/** Validate input against a schema shared with the core; a fault becomes a 400 with its path. */
export function validated<T extends z.ZodType>(schema: T, input: unknown, what = 'the body'): z.output<T> {
  const long = overlong(schema, input);
  if (long) throw HttpProblem.shape([long], what);
  const result = schema.safeParse(input);
  if (!result.success) throw HttpProblem.fromZod(result.error, what);
  return result.data;
}

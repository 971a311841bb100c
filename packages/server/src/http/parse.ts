import express, { type RequestHandler } from 'express';
import type { z } from 'zod';
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
  const parse = express.json({ limit, strict: false });
  return (req, res, next) => {
    if (!req.is('application/json'))
      throw new HttpProblem('wrong-media', 'send JSON, with content-type application/json');
    parse(req, res, next);
  };
}

/** Validate input against a schema shared with the core; a fault becomes a 400 with its path. */
export function validated<T extends z.ZodType>(schema: T, input: unknown, what = 'the body'): z.output<T> {
  const result = schema.safeParse(input);
  if (!result.success) throw HttpProblem.fromZod(result.error, what);
  return result.data;
}

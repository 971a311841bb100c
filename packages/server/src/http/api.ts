import { Router, type Request, type RequestHandler, type Response } from 'express';
import type { ProblemName } from '@uisce/core/base';
import type { z } from 'zod';
import { signedInOnly } from './asker.js';
import { jsonBody, jsonBytes, validated } from './parse.js';
import { HttpProblem } from './problem.js';

/** What can be asked at an address: enough to serve it, to check it, and to describe it. */
export interface Endpoint<Body extends z.ZodType = z.ZodType> {
  method: 'get' | 'put' | 'post' | 'delete';
  /** Whether it is served to whoever is not signed in, too: nothing is unless it says so. */
  open?: true;
  /** Under `/api`, with parameters in braces: `/plans/{id}`. */
  path: string;
  summary: string;
  /** What is asked behind the question mark, each with what it is for. */
  query?: Record<string, string>;
  /** What is sent, and how large it may be. */
  body?: Body;
  /** What is sent where it is read elsewhere, in a thread of its own: the handler is given its bytes. */
  bytes?: z.ZodType;
  /** The shape to describe, where a body is first looked at in another way. */
  described?: z.ZodType;
  limit?: string;
  /** What is asked before the body is read. */
  before?: RequestHandler;
  /** What is called in messages. */
  called?: string;
  /** Headers that matter, and what for. */
  headers?: Record<string, string>;
  /** Status and shape of the answer; no shape where nothing, or no JSON, comes back. */
  status?: number;
  answer?: z.ZodType;
  problems?: readonly ProblemName[];
}

type Handler<Body> = (req: Request, res: Response, body: Body) => unknown;

/** The API: every route is registered here with its description, so that the two cannot part. */
export class Api {
  readonly router = Router();
  readonly endpoints: Endpoint[] = [];

  /** Serve an endpoint. A declared body is parsed and validated before the handler sees it. */
  on<Body extends z.ZodType>(endpoint: Endpoint<Body>, handler: Handler<z.output<Body>>): this {
    this.endpoints.push(endpoint);
    const { method, path, open, body, bytes, limit, called, before } = endpoint;
    const address = path.replace(/\{(\w+)\}/g, ':$1');
    const guard = open ? [] : [signedInOnly];
    const first = [
      ...guard,
      ...(before ? [before] : []),
      ...(body ? [jsonBody(limit)] : bytes ? [jsonBytes(limit)] : []),
    ];
    this.router[method](address, ...first, (req, res) =>
      handler(
        req,
        res,
        body === undefined ? (undefined as z.output<Body>) : validated(body, req.body, called),
      ),
    );
    return this;
  }

  /** Refuse every other method at the addresses there are, saying which are served. */
  close(): Router {
    for (const path of new Set(this.endpoints.map((e) => e.path))) {
      const here = this.endpoints.filter((e) => e.path === path);
      const allow = here.map((e) => e.method.toUpperCase()).join(', ');
      this.router.all(path.replace(/\{(\w+)\}/g, ':$1'), (req) => {
        throw new HttpProblem('no-such-method', `${req.method} is not done here; ${allow} is`, {
          headers: { allow },
        });
      });
    }
    return this.router;
  }
}

import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { ProblemDetails } from '@uisce/core/base';
import type { ZodError } from 'zod';
import { STATUS_CODES } from 'node:http';

export interface PointedFault {
  pointer: string;
  detail: string;
}

/** An error the client can do something about; becomes `application/problem+json`. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly errors?: PointedFault[],
  ) {
    super(detail);
    this.name = 'HttpProblem';
  }

  /** A body or file that breaks its schema, each fault with its JSON pointer. */
  static fromZod(error: ZodError, what: string): HttpProblem {
    const faults = error.issues.map((issue) => ({
      pointer: `/${issue.path.map((p) => String(p).replace(/~/g, '~0').replace(/\//g, '~1')).join('/')}`,
      detail: issue.message,
    }));
    const first = faults[0];
    return new HttpProblem(
      400,
      `${what} has a fault at ${first?.pointer ?? '/'}: ${first?.detail ?? 'unknown'}`,
      faults,
    );
  }
}

/** Send problem details (RFC 9457). */
export function sendProblem(res: Response, status: number, detail: string, errors?: PointedFault[]): void {
  const body: ProblemDetails = {
    type: 'about:blank',
    title: STATUS_CODES[status] ?? 'Error',
    status,
    detail,
    ...(errors ? { errors } : {}),
  };
  res.status(status).type('application/problem+json').send(JSON.stringify(body));
}

/** Unknown API path. */
export const notFound: RequestHandler = (req, res) => {
  sendProblem(res, 404, `there is nothing at ${req.method} ${req.path}`);
};

interface BodyError {
  type?: string;
  limit?: number;
}

/** Turn whatever was thrown into problem details; what we did not foresee is logged and kept vague. */
export const problemHandler: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  if (error instanceof HttpProblem) {
    sendProblem(res, error.status, error.detail, error.errors);
    return;
  }
  const { type, limit } = (error ?? {}) as BodyError;
  if (type === 'entity.too.large') {
    sendProblem(res, 413, `the body is larger than the ${limit ?? 0} bytes allowed here`);
  } else if (type === 'entity.parse.failed') {
    sendProblem(res, 400, `the body is not JSON: ${(error as Error).message}`);
  } else if (type === 'encoding.unsupported' || type === 'charset.unsupported') {
    sendProblem(res, 415, (error as Error).message);
  } else if (error instanceof URIError) {
    sendProblem(res, 400, 'the address is not well formed');
  } else {
    req.log.error({ err: error }, 'request failed');
    sendProblem(res, 500, 'something went wrong on our side; nothing was changed');
  }
};

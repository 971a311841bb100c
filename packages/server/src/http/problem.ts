import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import {
  faultsOfZod,
  MAX_FAULTS,
  PROBLEMS,
  problemType,
  type Fault,
  type ProblemDetails,
  type ProblemName,
} from '@uisce/core/base';
import type { ZodError } from 'zod';

/** What a problem carries beside its words. */
interface Particulars {
  errors?: readonly Fault[];
  entries?: readonly unknown[];
  headers?: Record<string, string>;
}

/** An error the client can do something about; becomes `application/problem+json`. */
export class HttpProblem extends Error {
  constructor(
    readonly problem: ProblemName,
    readonly detail: string,
    readonly particulars: Particulars = {},
  ) {
    super(detail);
    this.name = 'HttpProblem';
  }

  /** Faults of what was sent, each with its pointer. */
  static faults(detail: string, errors: readonly Fault[]): HttpProblem {
    return new HttpProblem('invalid', detail, { errors });
  }

  /** What breaks its schema, the first fault in the words of the whole. */
  static shape(faults: readonly Fault[], what: string): HttpProblem {
    const first = faults[0];
    return HttpProblem.faults(
      `${what} has a fault at ${first?.pointer || '/'}: ${first?.detail ?? 'unknown'}`,
      faults,
    );
  }

  /** A body or file that breaks its schema. */
  static fromZod(error: ZodError, what: string): HttpProblem {
    return HttpProblem.shape(faultsOfZod(error), what);
  }
}

/** Send problem details (RFC 9457). */
function sendProblem(
  res: Response,
  name: ProblemName,
  detail: string,
  { errors, entries, headers = {} }: Particulars = {},
): void {
  const { status, title } = PROBLEMS[name];
  const body: ProblemDetails = {
    type: problemType(name),
    title,
    status,
    detail,
    ...(errors ? { errors: errors.slice(0, MAX_FAULTS) } : {}),
    ...(entries ? { entries: [...entries] } : {}),
  };
  res.status(status).set(headers).type('application/problem+json').send(JSON.stringify(body));
}

/** Unknown API path. */
export const notFound: RequestHandler = (req, res) => {
  sendProblem(res, 'no-such-path', `there is nothing at ${req.method} ${req.path}`);
};

/** What the parsers of bodies and the senders of files throw. */
interface ForeignError {
  /** SQLite's and the system's own words. */
  code?: string;
  type?: string;
  limit?: number;
  status?: number;
  headers?: Record<string, string>;
}

/** How a full disk is told, by SQLite and by the system. */
const FULL_DISK = ['SQLITE_FULL', 'SQLITE_IOERR_WRITE', 'ENOSPC'];

/** Which of our problems an error of Express's own is; undefined for what nobody foresaw. */
function foreignProblem(error: unknown): [ProblemName, string] | undefined {
  const { type, code, limit, status } = (error ?? {}) as ForeignError;
  const message = error instanceof Error ? error.message : '';
  if (FULL_DISK.includes(code ?? ''))
    return ['disk-full', 'the disk is full: nothing of this was written; make room, and it goes on'];
  if (type === 'entity.too.large')
    return ['too-large', `the body is larger than the ${limit ?? 0} bytes allowed here`];
  if (type === 'entity.parse.failed') return ['not-json', `the body is not JSON: ${message}`];
  if (type === 'encoding.unsupported' || type === 'charset.unsupported') return ['wrong-media', message];
  if (error instanceof URIError) return ['bad-address', 'the address is not well formed'];
  if (status === 416) return ['not-satisfiable', 'the file has no such part'];
  if (status === 404) return ['not-found', 'there is no such file'];
  if (status !== undefined && status >= 400 && status < 500) return ['bad-address', message];
  return undefined;
}

/** Turn whatever was thrown into problem details; what we did not foresee is logged and kept vague. */
export const problemHandler: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  if (error instanceof HttpProblem) {
    sendProblem(res, error.problem, error.detail, error.particulars);
    return;
  }
  const known = foreignProblem(error);
  if (known) {
    sendProblem(res, ...known, { headers: (error as ForeignError).headers ?? {} });
    return;
  }
  req.log.error({ err: error }, 'request failed');
  sendProblem(res, 'internal', 'something went wrong on our side; nothing was changed');
};

import { z } from 'zod';
import { FAULT_CODES, type FaultCode } from './fault.js';

/** Every problem the API answers with: its status and title. Its `type` is `/problems/<name>`, for good. */
export const PROBLEMS = {
  invalid: { status: 400, title: 'What was sent has faults' },
  'not-json': { status: 400, title: 'The body is not JSON' },
  'bad-address': { status: 400, title: 'The address is not well formed' },
  'sign-in-needed': { status: 401, title: 'Sign in first' },
  'wrong-passphrase': { status: 401, title: 'It is another passphrase' },
  'foreign-host': { status: 403, title: 'This server answers only to its own names' },
  'foreign-page': { status: 403, title: 'A page from elsewhere may not change anything' },
  'this-machine-only': { status: 403, title: 'That is done on the machine itself' },
  'not-here': { status: 403, title: 'That is not done in this household' },
  'not-found': { status: 404, title: 'There is no such thing' },
  'no-such-path': { status: 404, title: 'There is nothing at this address' },
  'no-such-method': { status: 405, title: 'That is not done at this address' },
  'nothing-to-undo': { status: 409, title: 'There is nothing to undo or redo' },
  'cannot-undo': { status: 409, title: 'This change cannot be taken back' },
  'no-passphrase': { status: 409, title: 'A passphrase is needed first' },
  'version-mismatch': { status: 412, title: 'Somebody else was first' },
  'too-large': { status: 413, title: 'That is too large' },
  'wrong-media': { status: 415, title: 'Send JSON' },
  'not-satisfiable': { status: 416, title: 'There is no such part of it' },
  'version-missing': { status: 428, title: 'Say which version you saw' },
  'too-many-tries': { status: 429, title: 'Too many tries' },
  internal: { status: 500, title: 'Something went wrong on our side' },
  'disk-full': { status: 507, title: 'No room on the disk' },
  busy: { status: 503, title: 'Too many problems are waiting' },
  ill: { status: 503, title: 'The database does not answer' },
  'out-of-time': { status: 503, title: 'The time allowed was not enough' },
} as const;
export type ProblemName = keyof typeof PROBLEMS;

const code = z.enum(Object.keys(FAULT_CODES) as [FaultCode, ...FaultCode[]]);

/** A fault as the API tells it. */
export const faultSchema = z.object({ code, pointer: z.string(), detail: z.string() });

/** An error as the API tells it: RFC 9457, with one entry for each fault in the input. */
export const problemDetailsSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  errors: z.array(faultSchema).optional(),
  /** With `version-mismatch`: the things as they are now, and who made them so. */
  entries: z.array(z.unknown()).optional(),
});
export type ProblemDetails = z.infer<typeof problemDetailsSchema>;

/** The stable `type` of a problem. */
export function problemType(name: ProblemName): string {
  return `/problems/${name}`;
}

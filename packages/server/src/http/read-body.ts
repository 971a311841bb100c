import type { z } from 'zod';
import { faultsOfZod, type Fault } from '@uisce/core/base';
import { tooMuch } from './json-size.js';
import { HttpProblem } from './problem.js';

/** Why the body of a request cannot be taken, as one thread tells it to another: an error would lose its class on the way. */
export type BodyRefusal =
  | { is: 'not-json'; detail: string }
  | { is: 'too-large'; detail: string }
  | { is: 'faults'; detail: string; faults: Fault[] };

/** What breaks its schema, the first fault in the words of the whole. */
export const shapeRefusal = (faults: Fault[], what: string): BodyRefusal => ({
  is: 'faults',
  detail: `${what} has a fault at ${faults[0]?.pointer || '/'}: ${faults[0]?.detail ?? 'unknown'}`,
  faults,
});

/** Read the bytes of a JSON body of at most so many values. Never throws for what is in them. */
export function readBody<T extends z.ZodType>(
  json: Uint8Array,
  schema: T,
  maxValues?: number,
): { is: 'body'; body: z.output<T> } | BodyRefusal {
  const why = tooMuch(json, maxValues);
  if (why) return { is: 'too-large', detail: `the file asks too much: ${why}` };
  let sent: unknown;
  try {
    sent = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(json));
  } catch (error) {
    return { is: 'not-json', detail: `the body is not JSON: ${(error as Error).message}` };
  }
  const read = schema.safeParse(sent);
  return read.success ? { is: 'body', body: read.data } : shapeRefusal(faultsOfZod(read.error), 'the body');
}

/** A refusal as the problem that is answered. */
export function problemOf(refusal: BodyRefusal): HttpProblem {
  if (refusal.is === 'faults') return HttpProblem.faults(refusal.detail, refusal.faults);
  return new HttpProblem(refusal.is, refusal.detail);
}

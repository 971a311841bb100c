import type { z } from 'zod';

/** What is wrong with a thing, as a stable word: what a program may act on. */
export const FAULT_CODES = {
  shape: 'a value that its schema refuses: another type, too large, a field nobody knows',
  unknown: 'names something that is not there',
  twice: 'an id or a name that is taken already',
  mismatch: 'two parts that must agree and do not',
  'in-use': 'something else still needs it',
  balance: 'a recipe outside the bands of its family',
  method: 'a recipe against the rule of shaking and stirring',
  glass: 'a drink that does not suit its glass, or a glass drawn wrongly',
  syrup: 'a syrup whose sugar and strength disagree',
  'same-spec': 'two recipes that are one drink',
  name: 'a word that may be a brand or a person',
  published: 'an amount that differs from the published list',
  caution: 'something that could harm, without its caution or in an amount that is none',
  keeping: 'a life that is not what is in it',
  price: 'a shop that does not behave like one',
} as const;
export type FaultCode = keyof typeof FAULT_CODES;

/**
 * Something wrong, from the core to the screen: a stable code, where it stands (a JSON pointer,
 * RFC 6901; empty for the whole), and what is wrong and what to do, in words.
 */
export interface Fault {
  code: FaultCode;
  pointer: string;
  detail: string;
}

/** A path of keys as a JSON pointer (RFC 6901): `['a/b', 0]` is `/a~1b/0`. */
export function pointerOf(path: readonly PropertyKey[]): string {
  return path.map((key) => `/${String(key).replace(/~/g, '~0').replace(/\//g, '~1')}`).join('');
}

/**
 * What a schema found, as faults.
 *
 * @example faultsOfZod(schema.safeParse(input).error) // [{ code: 'shape', pointer: '/name', detail: … }]
 */
export function faultsOfZod(error: z.ZodError): Fault[] {
  return error.issues.map((issue) => ({
    code: 'shape',
    pointer: pointerOf(issue.path),
    detail: issue.message,
  }));
}

/** More faults than this help nobody, and would make a large answer. */
export const MAX_FAULTS = 50;

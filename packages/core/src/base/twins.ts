import type { Fault } from './fault.js';

/**
 * Entries of a list that came before, where each may stand once.
 *
 * @param what one of them in a word: "tool".
 * @example twins(['a', 'b', 'a'], '/tools', 'tool') // one fault, at /tools/2
 */
export function twins(ids: readonly string[], pointer: string, what: string): Fault[] {
  return ids.flatMap((id, i): Fault[] =>
    ids.indexOf(id) === i
      ? []
      : [{ code: 'twice', pointer: `${pointer}/${i}`, detail: `${what} "${id}" is listed twice` }],
  );
}

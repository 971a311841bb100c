import { pointerOf, type Fault } from './fault.js';

/** Fields that name a thing: something of them must be seen. */
const NAMING = new Set(['name', 'label']);
/** Half of a character: it can be neither stored nor shown as it is (a lone surrogate). */
const HALF = /\p{Surrogate}/u;
/** Anything but marks, spaces, and what has no shape. */
const SEEN = /[^\p{C}\p{Z}\p{M}]/u;

/**
 * Text in a value that nobody could read: half characters anywhere, names of nothing visible.
 *
 * @example textFaults({ name: '\u200b' }) // [{ code: 'shape', pointer: '/name', … }]
 */
export function textFaults(value: unknown, path: readonly PropertyKey[] = []): Fault[] {
  const at = (detail: string): Fault[] => [{ code: 'shape', pointer: pointerOf(path), detail }];
  if (typeof value === 'string') {
    if (HALF.test(value)) return at('holds half a character; type it again');
    return NAMING.has(String(path.at(-1))) && !SEEN.test(value) ? at('nothing of this name can be seen') : [];
  }
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => textFaults(inner, [...path, key]));
}

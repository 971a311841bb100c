import type { Kind } from '../catalogue/kind.js';

/** How a fresh kind is counted in this house. */
export interface CountedAs {
  /** The kind under which it is counted: limes under their juice, whites and yolks under whole eggs. */
  kind: string;
  /** How many of it one of those gives: eight wedges of a lime. */
  each: number;
}

/**
 * What a fresh kind is taken from: what of it is counted by itself first, else the whole fruit or egg that is counted.
 *
 * @param counted pieces by kind.
 * @example countedAs('lime-whole', kinds, new Map([['lime-juice', 6]])) // { kind: 'lime-juice', each: 8 }
 */
export function countedAs(
  id: string,
  kinds: ReadonlyMap<string, Kind>,
  counted: ReadonlyMap<string, number>,
): CountedAs {
  const whole = kinds.get(id)?.whole;
  const isByItself = (counted.get(id) ?? 0) > 0;
  if (whole === undefined || isByItself || !counted.has(whole.kind)) return { kind: id, each: 1 };
  return { kind: whole.kind, each: whole.pieces };
}

import { drawFrom, givenBack, type DrawnFrom } from './draw.js';
import type { Stock } from './log-round.js';
import type { Pour } from './pour.js';

/** An entry of the log put right, and the stock after it. */
export interface Recounted extends Omit<DrawnFrom, 'parts'> {
  pour: Pour;
}

/**
 * An entry of the log with another number of glasses: what it drew stands in its bottles again, and as much as the right
 * number takes comes out of them.
 *
 * @param glasses at least one.
 * @example recounted(pour, 3, stock).pour.glasses // 3
 */
export function recounted(
  pour: Pour,
  glasses: number,
  stock: Pick<Stock, 'bottles' | 'batches' | 'kinds'>,
): Recounted {
  const factor = pour.glasses === 0 ? 1 : glasses / pour.glasses;
  const back = givenBack(pour, stock.bottles, stock.batches);
  const filled = new Map(back.bottles.map((b) => [b.id, b]));
  const bottles = stock.bottles.map((b) => filled.get(b.id) ?? b);
  const batches = stock.batches.map((b) => ({ ...b, leftMl: back.batches.get(b.id) ?? b.leftMl }));
  const asked = pour.parts.map(({ kind, ml, pieces }) => ({
    kind,
    ml: ml * factor,
    pieces: ml > 0 ? 0 : pieces * factor,
  }));
  const drawn = drawFrom(asked, bottles, batches, stock.kinds, pour.on);
  const changed = new Map([...filled, ...drawn.bottles.map((b) => [b.id, b] as const)]);
  return {
    pour: {
      ...pour,
      glasses,
      parts: drawn.parts,
      costMinor: pour.costMinor === null ? null : Math.round(pour.costMinor * factor),
    },
    bottles: [...changed.values()],
    batches: new Map([...back.batches, ...drawn.batches]),
  };
}

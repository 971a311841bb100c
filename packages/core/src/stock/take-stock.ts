import type { Bottle } from './bottle.js';
import type { StockLine } from './read-stock.js';

/**
 * A bottle as stock-taking found it: what is left, its size, the day it was opened. One that is not full was opened, today
 * where nobody says when; it was bought before that.
 *
 * @param usualMl its size where only a share of it was said.
 * @param today ISO day.
 */
export function asTold(
  bottle: Bottle,
  line: Pick<StockLine, 'left' | 'sizeMl' | 'opened' | 'openedOn'>,
  usualMl: number,
  today: string,
): Bottle {
  const left = line.left && 'pieces' in line.left ? undefined : line.left;
  const sizeMl = line.sizeMl ?? bottle.sizeMl ?? (left ? usualMl : null);
  const leftMl =
    sizeMl === null || left === undefined
      ? bottle.leftMl
      : Math.round(Math.min(sizeMl, 'ml' in left ? left.ml : left.share * sizeMl));
  const isOpen = line.opened || (leftMl !== null && sizeMl !== null && leftMl < sizeMl);
  const openedOn = line.openedOn ?? bottle.openedOn ?? (isOpen ? today : null);
  const { boughtOn } = bottle;
  const isBoughtLater = boughtOn !== null && openedOn !== null && openedOn < boughtOn;
  return { ...bottle, sizeMl, leftMl, openedOn, boughtOn: isBoughtLater ? openedOn : boughtOn };
}

import { isThere, type Bottle } from '../stock/bottle.js';
import { servingOf } from './serving.js';
import { logDrawn, type Logged, type Stock, type Written } from './log-round.js';

/**
 * So many glasses of one bottle poured by itself and written down, standard drinks and all, by the bottle's own
 * strength; a bottle kept for sipping too.
 *
 * @returns undefined for a bottle that is not there, or holds less.
 */
export function pourNeat(
  bottle: Bottle,
  { ml, glasses, for: names }: { ml: number; glasses: number; for: string[] },
  stock: Stock,
  written: Written,
): Logged | undefined {
  const kind = stock.kinds.get(bottle.kind);
  const all = ml * glasses;
  if (kind === undefined || !isThere(bottle) || (bottle.leftMl ?? Infinity) < all) return undefined;
  const drink = servingOf(kind, ml);
  const order = { drink, of: drink.id, count: glasses, for: names, cannot: [], without: [], from: [] };
  // This bottle and no other, whatever it is kept for.
  const only = { ...stock, bottles: [{ ...bottle, sipping: false }], batches: [] };
  const logged = logDrawn(order, [{ kind: kind.id, ml: all, pieces: 0 }], only, written);
  return { ...logged, bottles: logged.bottles.map((b) => ({ ...b, sipping: bottle.sipping })) };
}

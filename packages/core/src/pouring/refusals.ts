import type { Kind } from '../catalogue/kind.js';
import { inGlass } from '../drink/in-glass.js';
import { refusalOf, type Limits, type Refusal } from '../drink/limits.js';
import type { Order } from './poured-drink.js';

/** Somebody of a round who cannot have the drink that is for them. */
export interface OrderRefusal {
  /** The place of the order in the round. */
  order: number;
  name: string;
  refusal: Refusal;
}

/**
 * Those of a round who cannot have what is poured for them, by what is really poured.
 *
 * @param kinds as they are in this house.
 * @example refusalsOf(orders, kinds, limitsOf)[0] // { order: 0, name: 'Colm', refusal: { allergens: ['nuts'], … } }
 */
export function refusalsOf(
  orders: readonly Order[],
  kinds: ReadonlyMap<string, Kind>,
  limitsOf: (name: string) => Limits,
): OrderRefusal[] {
  return orders.flatMap(({ drink, for: names }, order) => {
    if (names.length === 0) return [];
    const glass = inGlass(drink, kinds);
    return names.flatMap((name): OrderRefusal[] => {
      const refusal = refusalOf(limitsOf(name), glass);
      return refusal ? [{ order, name, refusal }] : [];
    });
  });
}

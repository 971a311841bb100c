import type { Kind } from '../catalogue/kind.js';
import { inGlass, type MayBe } from '../drink/in-glass.js';
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
 * @param kinds as they are in this house; @param mayBe kinds that may come in their place: `inItsPlace`.
 * @example refusalsOf(orders, kinds, limitsOf)[0] // { order: 0, name: 'Colm', refusal: { allergens: ['nuts'], … } }
 */
export function refusalsOf(
  orders: readonly Order[],
  kinds: ReadonlyMap<string, Kind>,
  limitsOf: (name: string) => Limits,
  mayBe: (order: Order) => MayBe = () => ({ kinds: [] }),
): OrderRefusal[] {
  return orders.flatMap((of, order) => {
    const { drink, for: names } = of;
    if (names.length === 0) return [];
    const glass = inGlass(drink, kinds, mayBe(of));
    return names.flatMap((name): OrderRefusal[] => {
      const refusal = refusalOf(limitsOf(name), glass);
      return refusal ? [{ order, name, refusal }] : [];
    });
  });
}

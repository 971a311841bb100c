import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { isThere, type Bottle } from '../stock/bottle.js';
import type { Order } from './poured-drink.js';

/**
 * Bottles that a part of a drink could be poured from: of the kind that is poured now, and of every kind of what the
 * recipe asks for in its place. One that is kept for sipping is among them: nobody pours it but who names it.
 *
 * @param recipe as it is written; @param kind what is poured now.
 * @example bottlesFor(daiquiri, 'white-rum', bottles, kinds).map((b) => b.label) // ['Molasses Row', 'Agricole']
 */
export function bottlesFor(
  recipe: Recipe,
  kind: string,
  bottles: readonly Bottle[],
  kinds: ReadonlyMap<string, Kind>,
): Bottle[] {
  const line = (id: string) => (kinds.has(id) ? kindAndAncestors(id, kinds) : [id]);
  const asked = recipe.slots
    .map((s) => [s.kind, ...s.or])
    .filter((slot) => line(kind).some((k) => slot.includes(k)))
    .flat();
  return bottles.filter(
    (b) =>
      isThere(b) &&
      b.pieces === null &&
      b.leftMl !== 0 &&
      (b.kind === kind || line(b.kind).some((k) => asked.includes(k))),
  );
}

/**
 * An order with parts of it poured from bottles named for this once: their kinds stand in the drink, and they are drawn
 * from before all others.
 *
 * @param chosen bottles by the kind that would be poured else.
 */
export function withChosen(order: Order, chosen: ReadonlyMap<string, Pick<Bottle, 'id' | 'kind'>>): Order {
  if (chosen.size === 0) return order;
  const slots = order.drink.slots.map((s) => ({ ...s, kind: chosen.get(s.kind)?.kind ?? s.kind }));
  const from = [...order.from, ...[...chosen.values()].map((b) => b.id)];
  return { ...order, drink: { ...order.drink, slots }, from };
}

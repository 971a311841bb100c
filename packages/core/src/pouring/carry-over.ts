import { ALLERGENS, type Allergen, type Kind } from '../catalogue/kind.js';
import { inGlass } from '../drink/in-glass.js';
import type { Order } from './poured-drink.js';

/**
 * What a drink leaves on whatever it was made with: all that it holds; everything, where nobody knows what that is.
 */
function leavesBehind(order: Pick<Order, 'drink'>, kinds: ReadonlyMap<string, Kind>): readonly Allergen[] {
  const { allergens, unknown } = inGlass(order.drink, kinds);
  return unknown.length > 0 ? ALLERGENS : allergens;
}

/** What of what one drink leaves behind those who have another cannot have. */
function clashOf(left: Iterable<Allergen>, { cannot }: Pick<Order, 'cannot'>): Allergen[] {
  return [...left].filter((a) => cannot.includes(a));
}

/**
 * Tools as a round uses them: clean at first, then with what was made in them, until they are washed. A tin, spoon,
 * jigger, strainer or blender carries a trace to the next glass, which is enough to harm (common practice).
 */
export class Tools {
  private readonly left: (readonly Allergen[])[];
  private dirty = new Set<Allergen>();

  constructor(
    private readonly orders: readonly Order[],
    kinds: ReadonlyMap<string, Kind>,
  ) {
    // Nobody in the round must go without anything: then nothing is looked at.
    this.left = this.cannot.length === 0 ? [] : orders.map((o) => leavesBehind(o, kinds));
  }

  /** What anybody in the round cannot have. */
  get cannot(): Allergen[] {
    return ALLERGENS.filter((a) => this.orders.some((o) => o.cannot.includes(a)));
  }

  /** Whether one order leaves behind what those of another cannot have. */
  clash(order: number, other: number): boolean {
    const [a, b] = [this.orders[order], this.orders[other]];
    if (a === undefined || b === undefined || order === other) return false;
    return clashOf(this.left[other] ?? [], a).length > 0 || clashOf(this.left[order] ?? [], b).length > 0;
  }

  /** Whether an order is made before all that might touch it. */
  comesFirst(order: number): boolean {
    const { cannot = [] } = this.orders[order] ?? {};
    return cannot.length > 0 && this.orders.some((_, other) => this.clash(order, other));
  }

  /** What has to be washed off before an order is made or finished; from then on the tools are clean of it. */
  washedFor(order: number): Allergen[] {
    const mine = this.orders[order];
    const off = mine ? clashOf(this.dirty, mine) : [];
    if (off.length > 0) this.dirty = new Set();
    return off;
  }

  /** An order is made with them. */
  used(order: number): void {
    for (const allergen of this.left[order] ?? []) this.dirty.add(allergen);
  }
}

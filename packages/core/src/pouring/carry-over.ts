import { ALLERGENS, type Allergen, type Kind } from '../catalogue/kind.js';
import { inGlass } from '../drink/in-glass.js';
import type { Order } from './poured-drink.js';

/** What carries over from one glass to the next: allergens, and ingredients by kind. */
export interface Traces {
  cannot: Allergen[];
  without: string[];
}

const isNothing = ({ cannot, without }: Traces) => cannot.length + without.length === 0;

/** What somebody in the round cannot have. */
function mindedIn(orders: readonly Order[]): Traces {
  return {
    cannot: ALLERGENS.filter((a) => orders.some((o) => o.cannot.includes(a))),
    without: [...new Set(orders.flatMap((o) => o.without))],
  };
}

/**
 * What a drink leaves on whatever it was made with: all that it holds or may hold; everything anybody minds, where
 * nobody knows what that is.
 */
function leavesBehind(
  { drink }: Pick<Order, 'drink'>,
  kinds: ReadonlyMap<string, Kind>,
  minded: Traces,
): Traces {
  const { allergens, mayHold, unknown, kinds: holds } = inGlass(drink, kinds);
  if (unknown.length > 0) return minded;
  const all = [...allergens, ...mayHold];
  return {
    cannot: minded.cannot.filter((a) => all.includes(a)),
    without: minded.without.filter((kind) => holds.has(kind)),
  };
}

/** What of what one drink leaves behind those who have another cannot have. */
function clashOf(left: Traces, { cannot, without }: Pick<Order, 'cannot' | 'without'>): Traces {
  return {
    cannot: left.cannot.filter((a) => cannot.includes(a)),
    without: left.without.filter((kind) => without.includes(kind)),
  };
}

const NOTHING: Traces = { cannot: [], without: [] };

/**
 * Tools as a round uses them: clean at first, then with what was made in them, until they are washed. A tin, spoon,
 * jigger, strainer or blender carries a trace to the next glass, which is enough to harm (common practice).
 */
export class Tools {
  /** What anybody in the round cannot have. */
  readonly minded: Traces;
  private readonly left: Traces[];
  private dirty = NOTHING;

  constructor(
    private readonly orders: readonly Order[],
    kinds: ReadonlyMap<string, Kind>,
  ) {
    this.minded = mindedIn(orders);
    // Nobody in the round must go without anything: then nothing is looked at.
    this.left = this.mindsTraces ? orders.map((o) => leavesBehind(o, kinds, this.minded)) : [];
  }

  /** Whether anybody in the round must go without something. */
  get mindsTraces(): boolean {
    return !isNothing(this.minded);
  }

  /** Whether one order leaves behind what those of another cannot have. */
  clash(order: number, other: number): boolean {
    const [a, b] = [this.orders[order], this.orders[other]];
    if (a === undefined || b === undefined || order === other) return false;
    return [clashOf(this.left[other] ?? NOTHING, a), clashOf(this.left[order] ?? NOTHING, b)].some(
      (both) => !isNothing(both),
    );
  }

  /** Whether an order is made before all that might touch it. */
  comesFirst(order: number): boolean {
    const mine = this.orders[order];
    return mine !== undefined && !isNothing(mine) && this.orders.some((_, other) => this.clash(order, other));
  }

  /**
   * What has to be washed off before an order is made or finished, if anything: from then on the tools are clean of
   * it.
   */
  washedFor(order: number): Traces | undefined {
    const mine = this.orders[order];
    const off = mine ? clashOf(this.dirty, mine) : NOTHING;
    if (isNothing(off)) return undefined;
    this.dirty = NOTHING;
    return off;
  }

  /** An order is made with them. */
  used(order: number): void {
    const { cannot, without } = this.left[order] ?? NOTHING;
    this.dirty = {
      cannot: [...new Set([...this.dirty.cannot, ...cannot])],
      without: [...new Set([...this.dirty.without, ...without])],
    };
  }
}

import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import { garnishTakes } from '../drink/garnish-takes.js';
import type { Order } from './poured-drink.js';
import { SECONDS } from './seconds.js';
import { pourStep, type PourStep } from './step.js';

/** A drop short is no reason to cut another. */
const SPARE = 0.15;

/**
 * Fruit for so much of a juice, to the half; undefined for what is not pressed from fruit.
 *
 * @example fruitOf({ juiceMl: 27 }, 15) // 0.5
 */
export function fruitOf(kind: Pick<Kind, 'juiceMl'> | undefined, ml: number): number | undefined {
  const each = kind?.juiceMl;
  return each === undefined ? undefined : Math.max(1, Math.ceil(2 * (ml / each - SPARE))) / 2;
}

/** Strips of peel that the garnishes of a round take of a fruit: cut before it is pressed. */
function peelsOf(juice: string, orders: readonly Order[], kinds: ReadonlyMap<string, Kind>): number {
  const takes = orders.flatMap(({ drink, count }) =>
    garnishTakes(drink).map((g) =>
      g.isLeftOver && kinds.get(g.kind)?.whole?.kind === juice ? g.count * count : 0,
    ),
  );
  return takes.reduce((sum, n) => sum + n, 0);
}

/** What has to be squeezed for a round, before anything else. */
export function fruitFor(orders: readonly Order[], kinds: ReadonlyMap<string, Kind>): PourStep[] {
  const all = new Map<string, number>();
  for (const { drink, count } of orders)
    for (const slot of drink.slots) {
      const ml = amountMl(slot.amount);
      if (ml !== undefined && kinds.get(slot.kind)?.juiceMl !== undefined)
        all.set(slot.kind, (all.get(slot.kind) ?? 0) + ml * count);
    }
  return [...all].map(([kind, ml]) => {
    const pieces = fruitOf(kinds.get(kind), ml) ?? 1;
    const peels = peelsOf(kind, orders, kinds);
    return pourStep(`squeeze.${kind}`, 'squeeze', SECONDS.squeezeFruit * pieces, {
      kinds: [kind],
      pieces,
      peels,
      technique: 'juice',
      part: { slot: -1, kind, ml, g: null, amount: { value: ml, measure: 'ml' } },
    });
  });
}

import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Order } from './poured-drink.js';
import { SECONDS } from './seconds.js';
import { pourStep, type PourStep } from './step.js';

/** Whole fruit for so much of a juice; undefined for what is not pressed from fruit. */
export function fruitOf(kind: Pick<Kind, 'juiceMl'> | undefined, ml: number): number | undefined {
  const each = kind?.juiceMl;
  // A drop short is no reason to cut another.
  return each === undefined ? undefined : Math.max(1, Math.ceil(ml / each - 0.15));
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
    return pourStep(`squeeze.${kind}`, 'squeeze', SECONDS.squeezeFruit * pieces, {
      kinds: [kind],
      pieces,
      technique: 'juice',
      part: { slot: -1, kind, ml, g: null, amount: { value: ml, measure: 'ml' } },
    });
  });
}

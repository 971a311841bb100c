import type { Kind } from '../catalogue/kind.js';
import type { MayBe } from '../drink/in-glass.js';
import { inHandInOrder, strongestFilling, wayInHand } from './pourable.js';
import { withFillings } from './poured-drink.js';
import type { InHouse, PourNow } from './pour-now.js';

/**
 * What may come into a drink in place of what is in hand for it, where more glasses are asked for than that gives: the
 * bottle runs out in the middle of a round, and the next one that will do is taken. Nothing where it lasts.
 */
export function inItsPlace(
  { pourable, glasses }: Pick<PourNow, 'pourable' | 'glasses'>,
  count: number,
  { there }: Pick<InHouse, 'there'>,
  kinds: ReadonlyMap<string, Kind>,
): MayBe {
  if (count <= glasses) return { kinds: [] };
  const inHand = inHandInOrder(there, kinds);
  const bySlot = pourable.slots.map((slot) => slot.ways.flatMap((w) => wayInHand(w, inHand, kinds) ?? []));
  return {
    kinds: [...new Set(bySlot.flatMap((ways) => ways.flatMap((w) => w.kinds.flat())))],
    strongest: withFillings(
      pourable.recipe,
      bySlot.map((ways) => strongestFilling(ways, kinds)),
    ),
  };
}

import type { Kind } from '../catalogue/kind.js';
import type { MayBe } from '../drink/in-glass.js';
import { mixedKind } from '../mixed/batched.js';
import { inHandInOrder, strongestFilling, wayInHand, type Pourable } from './pourable.js';
import { withFillings } from './poured-drink.js';
import type { InHouse, PourNow } from './pouring-now.js';

/**
 * What may come into a drink in place of what is in hand for it: where more glasses are asked for than that gives, the
 * bottle runs out in the middle of a round, and the next one that will do is taken; where it cannot be poured here as it
 * is, whatever of it is here may be. Nothing where what is in hand lasts.
 *
 * @param of the drink as it can be made here, and as it stands mixed; neither where it cannot be poured.
 */
export function inItsPlace(
  pourable: Pourable,
  of: { now?: PourNow | undefined; mixed?: PourNow | undefined },
  count: number,
  { there }: Pick<InHouse, 'there'>,
  kinds: ReadonlyMap<string, Kind>,
): MayBe {
  if (count <= (of.mixed?.glasses ?? 0) || (of.mixed === undefined && count <= (of.now?.glasses ?? 0)))
    return { kinds: [] };
  const inHand = inHandInOrder(there, kinds);
  const bySlot = pourable.slots.map((slot) => slot.ways.flatMap((w) => wayInHand(w, inHand, kinds) ?? []));
  const mixed = of.mixed ? [mixedKind(pourable.recipe.id)] : [];
  return {
    kinds: [...new Set([...bySlot.flatMap((ways) => ways.flatMap((w) => w.kinds.flat())), ...mixed])],
    strongest: withFillings(
      pourable.recipe,
      bySlot.map((ways) => strongestFilling(ways, kinds)),
    ),
  };
}

import type { Kind } from '../catalogue/kind.js';
import { inGlass } from '../drink/in-glass.js';
import { batchedGlassMl, mixedKind } from '../mixed/batched.js';
import { fromMixed } from '../mixed/mixed-batch.js';
import type { InHouse, PourNow } from './pouring-now.js';
import type { Pourable } from './pourable.js';

/** Poured as it stands, nothing in place of anything. */
const ASIS = { match: 1, standIns: [], ifThere: [], fillings: [] };

/**
 * Drinks that stand mixed in a bottle, by id: they are poured from it before they are made.
 *
 * @param kinds as they are in this house, mixed drinks among them.
 */
export function mixedNow(
  ready: readonly Pourable[],
  { there }: Pick<InHouse, 'there'>,
  kinds: ReadonlyMap<string, Kind>,
): Map<string, PourNow> {
  const found = new Map<string, PourNow>();
  for (const pourable of ready) {
    const { recipe } = pourable;
    const kind = mixedKind(recipe.id);
    const ml = there.get(kind)?.ml ?? 0;
    const glasses = ml > 0 ? Math.floor(ml / Math.round(batchedGlassMl(recipe, kinds))) : 0;
    if (glasses < 1) continue;
    const drink = fromMixed(recipe, kinds);
    found.set(recipe.id, { ...ASIS, pourable, glasses, runsOut: kind, drink, glass: inGlass(drink, kinds) });
  }
  return found;
}

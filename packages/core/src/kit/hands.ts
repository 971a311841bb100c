import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Kit } from './kit.js';
import { coveredBy, needIndex } from './needs.js';

type Techniques = Pick<Catalogue, 'techniques'>;

/** Juice that bare hands get out of a fruit, of what a press does: about three quarters (common practice). */
const BY_HAND = 0.75;

/** Whether the household has a thing for a need: a tool, or something of the kitchen, more than hands. */
export function hasThingFor(needId: string, kit: Kit, catalogue: Techniques): boolean {
  const need = needIndex(catalogue).get(needId);
  const cover = need && coveredBy(need, kit);
  return cover !== undefined && cover.by !== 'hands';
}

/**
 * Kinds as a household presses them: with bare hands a fruit gives less. Where nobody has said what tools there are, as
 * with a press.
 *
 * @example kindsByHand(kinds, kit, catalogue).get('lime-juice')?.juiceMl // 20.25 where it was 27
 */
export function kindsByHand(
  kinds: ReadonlyMap<string, Kind>,
  kit: Kit,
  catalogue: Techniques,
): ReadonlyMap<string, Kind> {
  if (!kit.said || !needIndex(catalogue).has('press') || hasThingFor('press', kit, catalogue)) return kinds;
  return new Map(
    [...kinds].map(([id, kind]) => [
      id,
      kind.juiceMl === undefined ? kind : { ...kind, juiceMl: kind.juiceMl * BY_HAND },
    ]),
  );
}

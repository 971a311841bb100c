import { cansOf } from '../errand/list.js';
import type { ErrandLine, Ware } from '../errand/errand.js';
import type { MissingItem } from './ware.js';

/**
 * What is missing for an evening as a line of an errand; undefined for what is made at home.
 *
 * @param by ISO day it is wanted by, where that is known.
 */
export function lineOfMissing(
  { kind, label, count, priceMinor, holds, ware }: MissingItem,
  shop: string,
  by?: string,
): ErrandLine | undefined {
  if (ware.is === 'made') return undefined;
  const bought: Ware =
    ware.is === 'bottle'
      ? { is: 'bottle', kind, ml: ware.ml, ...cansOf(ware) }
      : { is: 'fresh', kind, sold: label, ...(ware.counted ? { pieces: holds } : {}) };
  return {
    id: `${FOR_EVENING}${ware.is === 'bottle' ? ware.id : kind}`,
    shop,
    ware: bought,
    label,
    count: Math.min(99, count),
    listedMinor: Math.round(priceMinor / Math.max(1, count)),
    foundMinor: null,
    onOffer: false,
    state: 'wanted',
    why: ware.is === 'fresh' ? 'fresh' : 'plan',
    ...(by === undefined ? {} : { by }),
  };
}

/** Begins the ids of what was put on an errand for an evening. */
const FOR_EVENING = 'evening-';

/** Whether a line of an errand was put there for an evening. */
export function isForEvening({ id }: Pick<ErrandLine, 'id'>): boolean {
  return id.startsWith(FOR_EVENING);
}

import type { ErrandLine, Ware } from '../errand/errand.js';
import type { MissingItem } from './candidates.js';

/** What is missing for an evening as a line of an errand; undefined for what is made at home. */
export function lineOfMissing(
  { kind, label, count, priceMinor, ware }: MissingItem,
  shop: string,
): ErrandLine | undefined {
  if (ware.is === 'made') return undefined;
  const bought: Ware =
    ware.is === 'bottle' ? { is: 'bottle', kind, ml: ware.ml } : { is: 'fresh', kind, sold: label };
  return {
    ...{
      id: `evening-${ware.is === 'bottle' ? ware.id : kind}`,
      shop,
      ware: bought,
      label,
      count: Math.min(99, count),
    },
    ...{
      listedMinor: Math.round(priceMinor / Math.max(1, count)),
      foundMinor: null,
      onOffer: false,
      state: 'wanted',
    },
    why: ware.is === 'fresh' ? 'fresh' : 'plan',
  };
}

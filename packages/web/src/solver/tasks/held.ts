import type { Catalogue } from '@uisce/core/catalogue';
import { holdPlan, type HeldPlan } from '@uisce/core/plan';
import type { About } from '../about';

let latest: { key: string; catalogue: Catalogue; held: HeldPlan } | undefined;

/** The search for a brief at these prices with this kit, held open while only the money changes. */
export function searchFor({ brief, prices, kit }: About, catalogue: Catalogue): HeldPlan {
  const key = JSON.stringify([{ ...brief, moneyNowMinor: 0, freshMinor: 0 }, prices, kit]);
  if (latest?.key !== key || latest.catalogue !== catalogue)
    latest = { key, catalogue, held: holdPlan({ brief, prices, kit, catalogue }) };
  return latest.held;
}

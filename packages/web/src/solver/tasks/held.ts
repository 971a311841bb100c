import type { Catalogue } from '@uisce/core/catalogue';
import { heldAt, type Held } from '@uisce/core/plan';
import type { About } from '../about';

let latest: { key: string; catalogue: Catalogue; bySizes: Map<string, Held> } | undefined;

/** The searches for a brief at these prices with this kit, by the sizes on offer; those of the last are kept. */
export function heldFor({ brief, prices, kit }: About, catalogue: Catalogue): Map<string, Held> {
  const key = JSON.stringify([{ ...brief, moneyNowMinor: 0 }, prices, kit]);
  if (latest?.key !== key || latest.catalogue !== catalogue) latest = { key, catalogue, bySizes: new Map() };
  return latest.bySizes;
}

/** The search for a brief with the sizes that it is about, held open while only the money changes. */
export function searchFor(about: About, catalogue: Catalogue): Held {
  return heldAt({ ...about, catalogue }, heldFor(about, catalogue), about.uses ?? {});
}

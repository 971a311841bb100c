import type { Kind } from '../catalogue/kind.js';
import type { Ware } from './errand.js';

/** Parts of a shop, in the order in which one walks: what is cold and what bruises comes last. */
export const AISLES = ['tools', 'spirits', 'wine', 'pantry', 'mixers', 'fruit'] as const;
export type Aisle = (typeof AISLES)[number];

/** Where a thing is found: a bottle that turns once open stands with the wines (common practice). */
export function aisleOf(ware: Ware, kinds: ReadonlyMap<string, Kind>): Aisle {
  if (ware.is === 'tool' || ware.is === 'glasses') return 'tools';
  if (ware.is === 'pantry') return 'pantry';
  if (ware.is === 'fresh') return 'fruit';
  const kind = kinds.get(ware.kind);
  if (kind === undefined || kind.abv === 0 || kind.supply !== 'bottle') return 'mixers';
  return kind.openDays === undefined || kind.abv >= 0.24 ? 'spirits' : 'wine';
}

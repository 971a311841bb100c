import type { Kind } from '../catalogue/kind.js';
import type { Ware } from './errand.js';

/** Parts of a shop, in the order in which one walks: what is cold and what bruises comes last. */
export const AISLES = ['tools', 'spirits', 'wine', 'pantry', 'mixers', 'fruit'] as const;
export type Aisle = (typeof AISLES)[number];

/** What turns once open, is weaker than this and less sweet than a liqueur stands with the wines (common practice). */
const WINE_ABV = 0.24;
const LIQUEUR_SUGAR = 200;

/** Where a thing is found. */
export function aisleOf(ware: Ware, kinds: ReadonlyMap<string, Kind>): Aisle {
  if (ware.is === 'tool' || ware.is === 'glasses') return 'tools';
  if (ware.is === 'pantry') return 'pantry';
  if (ware.is === 'fresh') return 'fruit';
  const kind = kinds.get(ware.kind);
  if (kind === undefined || kind.abv === 0 || kind.supply !== 'bottle') return 'mixers';
  const isWine = kind.openDays !== undefined && kind.abv < WINE_ABV && kind.sugarGPerL < LIQUEUR_SUGAR;
  return isWine ? 'wine' : 'spirits';
}

import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMadePart } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';

/** What too much of a trace does to a batch. */
export type TraceDoes = 'sour' | 'salty' | 'perfumed' | 'bitter' | 'stronger';

const SOUR_SHARE = 0.5;
/** What is aromatic and as strong as a spirit is bitters; without alcohol it is a flower's water. */
const BITTERS_ABV = 0.2;

/**
 * What too much of a part does that belongs in a batch as a trace.
 *
 * @example traceDoes({ pantry: 'citric-acid', … }, catalogue, kinds) // 'sour'
 */
export function traceDoes(
  part: HomeMadePart,
  { pantry }: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): TraceDoes {
  const thing = pantry.find((p) => p.id === part.pantry);
  const kind = kinds.get(part.kind ?? '');
  if ((thing?.acid ?? 0) >= SOUR_SHARE) return 'sour';
  if ((thing ?? kind)?.solute === 'salt') return 'salty';
  if (thing?.drops) return 'bitter';
  if (kind?.job === 'aromatic') return kind.abv >= BITTERS_ABV ? 'bitter' : 'perfumed';
  return 'stronger';
}

import { kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import { ALLERGENS, type Allergen } from '../catalogue/kind.js';

/** What a batch holds, as its label must say it. */
export interface BatchHolds {
  allergens: Allergen[];
  /** What its parts may hold beside them. */
  mayHold: Allergen[];
  /** Parts of which nobody has said what allergens they hold. */
  unknown: string[];
  /** Kinds that go into it, what is of the pantry as the kind that it is. */
  kinds: string[];
}

/**
 * What is in a batch: of its parts, strained out or not, and of the kind it makes.
 *
 * @example batchHolds(orgeat, catalogue).allergens // ['nuts']
 */
export function batchHolds(
  { makes, from }: Pick<HomeMade, 'makes' | 'from'>,
  { pantry, kinds }: Pick<Catalogue, 'pantry' | 'kinds'>,
): BatchHolds {
  const things = new Map(pantry.map((thing) => [thing.id, thing]));
  const byId = kindIndex(kinds);
  const parts = from.flatMap((p) => p.kind ?? []);
  const has = new Set([
    ...from.flatMap((p) => things.get(p.pantry ?? '')?.allergens ?? []),
    ...[makes, ...parts].flatMap((id) => byId.get(id)?.allergens ?? []),
  ]);
  const unknown = [
    ...parts.filter((id) => byId.get(id)?.allergensStated !== true),
    ...from.flatMap((p) => (p.pantry === undefined || things.has(p.pantry) ? [] : [p.pantry])),
  ];
  const may = new Set([makes, ...parts].flatMap((id) => byId.get(id)?.mayHold ?? []));
  return {
    allergens: ALLERGENS.filter((a) => has.has(a)),
    mayHold: ALLERGENS.filter((a) => may.has(a) && !has.has(a)),
    unknown: [...new Set(unknown)],
    kinds: [...new Set(from.flatMap((p) => p.kind ?? things.get(p.pantry ?? '')?.kind ?? []))],
  };
}

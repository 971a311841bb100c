import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import type { PackDraw } from './pack.js';
import { compositionOfKind, compositionOfPart, massG, volumeMl } from './composition.js';

/** What a batch takes of a kind that stands in the house. */
export interface BatchDraw {
  kind: string;
  ml: number;
  pieces: number;
}

/**
 * What a batch took of the packs in the cupboard: whatever of its parts is bought by weight, water aside.
 *
 * @param inG grams of each part that went in.
 * @example packsOfBatch(simpleSyrup, [300, 300], catalogue, kinds) // [{ pantry: 'white-sugar', g: 300 }]
 */
export function packsOfBatch(recipe: HomeMade, inG: readonly number[]): PackDraw[] {
  return recipe.from.flatMap(({ pantry }, i): PackDraw[] => {
    const g = inG[i] ?? 0;
    return pantry === undefined || g <= 0 ? [] : [{ pantry, g }];
  });
}

/**
 * What a batch took of the household's bottles and fruit: spirits, juice, syrups, whatever of its parts can be stock and
 * is a liquid.
 *
 * @param inG grams of each part that went in.
 * @param packed things of the pantry that stand in the cupboard by weight: those come out of their packs.
 * @example drawsOfBatch(extendedLime, record.inG, catalogue, kinds) // [{ kind: 'lime-juice', ml: 107, pieces: 0 }]
 */
export function drawsOfBatch(
  recipe: HomeMade,
  inG: readonly number[],
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
  packed: ReadonlySet<string> = new Set(),
): BatchDraw[] {
  return recipe.from.flatMap((part, i): BatchDraw[] => {
    const g = inG[i] ?? 0;
    const thing = catalogue.pantry.find((p) => p.id === part.pantry);
    const kind = kinds.get(part.kind ?? thing?.kind ?? '');
    if (kind === undefined || g <= 0 || packed.has(part.pantry ?? '')) return [];
    const gram = thing
      ? compositionOfPart({ ...part, strained: false }, catalogue, kinds)
      : compositionOfKind(kind);
    const isLiquid = gram.waterG + gram.ethanolG > 0 && massG(gram) > 0.9;
    return isLiquid ? [{ kind: kind.id, ml: (g * volumeMl(gram)) / massG(gram), pieces: 0 }] : [];
  });
}

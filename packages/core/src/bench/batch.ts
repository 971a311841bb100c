import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMade } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import {
  abvOf,
  brixOf,
  compositionOfPart,
  massG,
  NOTHING,
  times,
  together,
  volumeMl,
  type Composition,
} from './composition.js';
import { saturation } from './solubility.js';
import { activityOf, type Dissolved } from './water-activity.js';

/** Kitchen and fridge, °C. */
export const KITCHEN_C = 20;
export const FRIDGE_C = 4;
/** A bottle is not filled to the cork (common practice). */
export const BOTTLE_FULL = 0.98;

/** A batch of some size: what goes in, and what comes out. */
export interface Batch {
  recipe: HomeMade;
  /** Grams of each part, in the order they go in. */
  partsG: number[];
  composition: Composition;
  massG: number;
  volumeMl: number;
  brix: number;
  abv: number;
  /** Water activity, by what is dissolved in it: sugars, salt, acid, each by its own. Alcohol is left out. */
  activity: number;
  /** Above 1 the sugar comes out in time: in the kitchen, and in the fridge. */
  saturation: { kitchen: number; fridge: number };
}

type Things = Pick<Catalogue, 'pantry'>;

/**
 * A batch from grams of each part.
 *
 * @example batchOf(rich, [700, 400], catalogue, kinds).volumeMl // 840
 */
export function batchOf(
  recipe: HomeMade,
  partsG: readonly number[],
  catalogue: Things,
  kinds: ReadonlyMap<string, Kind>,
): Batch {
  const composition = recipe.from.reduce(
    (sum, part, i) => together(sum, times(compositionOfPart(part, catalogue, kinds), partsG[i] ?? 0)),
    NOTHING,
  );
  const brix = brixOf(composition);
  return {
    recipe,
    partsG: [...partsG],
    composition,
    massG: massG(composition),
    volumeMl: volumeMl(composition),
    brix,
    abv: abvOf(composition),
    activity: activityOf(dissolvedIn(recipe, partsG, catalogue, kinds), Math.max(0, composition.waterG)),
    saturation: { kitchen: saturation(brix, KITCHEN_C), fridge: saturation(brix, FRIDGE_C) },
  };
}

/** What is dissolved in a batch, by what it is; what fruit and nuts bring beside sugar and acid counts for nothing. */
function dissolvedIn(
  recipe: HomeMade,
  partsG: readonly number[],
  catalogue: Things,
  kinds: ReadonlyMap<string, Kind>,
): Dissolved {
  const sum: Required<Dissolved> = { sucrose: 0, invert: 0, gum: 0, salt: 0, acid: 0 };
  recipe.from.forEach((part, i) => {
    const { sugarG, acidG, saltG } = times(compositionOfPart(part, catalogue, kinds), partsG[i] ?? 0);
    const thing = catalogue.pantry.find((p) => p.id === part.pantry) ?? kinds.get(part.kind ?? '');
    const solute = thing?.solute ?? 'sucrose';
    sum.acid += acidG;
    sum[solute === 'invert' ? 'invert' : 'sucrose'] += sugarG;
    sum.salt += saltG;
  });
  return sum;
}

/** The batch as written, so many times. */
export function scaledBatch(
  recipe: HomeMade,
  factor: number,
  catalogue: Things,
  kinds: ReadonlyMap<string, Kind>,
): Batch {
  return batchOf(
    recipe,
    recipe.from.map((p) => p.g * factor),
    catalogue,
    kinds,
  );
}

/**
 * The batch that makes so many ml: volume grows with mass, so one factor does it.
 *
 * @example batchOfVolume(rich, 490, catalogue, kinds).partsG
 */
export function batchOfVolume(
  recipe: HomeMade,
  ml: number,
  catalogue: Things,
  kinds: ReadonlyMap<string, Kind>,
): Batch {
  return scaledBatch(recipe, ml / scaledBatch(recipe, 1, catalogue, kinds).volumeMl, catalogue, kinds);
}

/** The batch that uses up so many grams of one of its parts. */
export function batchUsingUp(
  recipe: HomeMade,
  part: number,
  grams: number,
  catalogue: Things,
  kinds: ReadonlyMap<string, Kind>,
): Batch {
  return scaledBatch(recipe, grams / (recipe.from[part]?.g ?? 1), catalogue, kinds);
}

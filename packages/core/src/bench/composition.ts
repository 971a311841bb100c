import type { Catalogue } from '../catalogue/catalogue.js';
import type { HomeMadePart, PantryThing } from '../catalogue/home-made.js';
import type { Kind } from '../catalogue/kind.js';
import { ETHANOL_G_PER_ML, ethanolWaterGPerMl, massFractionOfAbv } from './ethanol.js';
import { saltGPerMl } from './salt.js';
import { sucroseDensityGPerMl } from './solution.js';

/** What is in a liquid, in grams. */
export interface Composition {
  sugarG: number;
  waterG: number;
  acidG: number;
  ethanolG: number;
  saltG: number;
  /** Anything else that dissolves: gum, what a juice holds. */
  otherG: number;
}

/** Room that a gram of dissolved solids takes in a drink with alcohol, ml (common practice for sucrose). */
const SOLIDS_ML_PER_G = 0.62;
/** The sucrose curve ends here; no syrup of ours goes beyond. */
const MAX_BRIX = 75;

export const NOTHING: Composition = { sugarG: 0, waterG: 0, acidG: 0, ethanolG: 0, saltG: 0, otherG: 0 };

/** Everything that is dissolved, g. */
const solidsG = (c: Composition) => c.sugarG + c.acidG + c.saltG + c.otherG;

/** The sum of two liquids. */
export function together(a: Composition, b: Composition): Composition {
  return {
    sugarG: a.sugarG + b.sugarG,
    waterG: a.waterG + b.waterG,
    acidG: a.acidG + b.acidG,
    ethanolG: a.ethanolG + b.ethanolG,
    saltG: a.saltG + b.saltG,
    otherG: a.otherG + b.otherG,
  };
}

/** So many times a liquid. */
export function times(c: Composition, factor: number): Composition {
  return {
    sugarG: c.sugarG * factor,
    waterG: c.waterG * factor,
    acidG: c.acidG * factor,
    ethanolG: c.ethanolG * factor,
    saltG: c.saltG * factor,
    otherG: c.otherG * factor,
  };
}

/** Grams of all of it. */
export function massG(c: Composition): number {
  return c.waterG + c.ethanolG + solidsG(c);
}

/** °Brix as a refractometer reads it: all that is dissolved counts as sugar. Alcohol is left out. */
export function brixOf(c: Composition): number {
  const solids = solidsG(c);
  const all = solids + c.waterG;
  return all === 0 ? 0 : (100 * solids) / all;
}

/** How much denser salt makes the water it is in. */
function saltFactor({ saltG, waterG }: Composition): number {
  return saltG === 0 ? 1 : saltGPerMl((100 * saltG) / (saltG + Math.max(0, waterG))) / saltGPerMl(0);
}

/**
 * Volume at 20 °C in ml. Without alcohol by the sucrose curve, and salt by its own; with it, ethanol and water by OIML R 22
 * and the room that solids take beside them.
 */
export function volumeMl(c: Composition): number {
  const solids = solidsG(c);
  if (c.ethanolG === 0) {
    const brix = brixOf({ ...c, saltG: 0 });
    return massG(c) / (sucroseDensityGPerMl(Math.min(brix, MAX_BRIX)) * saltFactor(c));
  }
  const liquid = c.ethanolG + c.waterG;
  return liquid / ethanolWaterGPerMl(c.ethanolG / liquid) + solids * SOLIDS_ML_PER_G;
}

/** Alcohol by volume, a fraction. */
export function abvOf(c: Composition): number {
  return c.ethanolG === 0 ? 0 : c.ethanolG / ETHANOL_G_PER_ML / volumeMl(c);
}

/** A gram of a spirit of known strength. */
export function compositionOfSpirit(abv: number): Composition {
  const ethanolG = massFractionOfAbv(abv);
  return { ...NOTHING, ethanolG, waterG: 1 - ethanolG };
}

/** A gram of something from the pantry. */
function compositionOfPantry(thing: PantryThing): Composition {
  if (thing.spiritAbv !== undefined) return compositionOfSpirit(thing.spiritAbv);
  const { sugar: sugarG, water: waterG, acid: acidG, other, solute } = thing;
  return { ...NOTHING, sugarG, waterG, acidG, ...(solute === 'salt' ? { saltG: other } : { otherG: other }) };
}

/** A gram of a kind, from what a litre of it holds. */
export function compositionOfKind(kind: Kind): Composition {
  if (kind.supply === 'fresh' && kind.sugarGPerL + kind.acidGPerL + kind.abv === 0) {
    return kind.solute === 'salt' ? { ...NOTHING, saltG: 1 } : { ...NOTHING, waterG: 1 };
  }
  const ethanolG = kind.abv * 1000 * ETHANOL_G_PER_ML;
  const solids = kind.sugarGPerL + kind.acidGPerL;
  // What of a litre is neither solids nor ethanol is water; a gram is a share of their sum.
  const waterG = Math.max(0, 998.2 - solids * SOLIDS_ML_PER_G - kind.abv * 1000 * 0.93);
  const all = ethanolG + solids + waterG;
  return times({ ...NOTHING, sugarG: kind.sugarGPerL, acidG: kind.acidGPerL, ethanolG, waterG }, 1 / all);
}

/** A gram of a part of a batch, as it goes in; what is strained out again leaves nothing but what it drinks up. */
export function compositionOfPart(
  part: HomeMadePart,
  catalogue: Pick<Catalogue, 'pantry'>,
  kinds: ReadonlyMap<string, Kind>,
): Composition {
  const thing = catalogue.pantry.find((p) => p.id === part.pantry);
  if (part.strained) return thing ? { ...NOTHING, waterG: -thing.drinks } : NOTHING;
  if (thing?.spiritAbv !== undefined && part.spiritAbv !== undefined)
    return compositionOfSpirit(part.spiritAbv);
  if (thing) return compositionOfPantry(thing);
  const kind = kinds.get(part.kind ?? '');
  return kind ? compositionOfKind(kind) : NOTHING;
}

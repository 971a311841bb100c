import type { Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures } from '../drink/figures.js';
import { madeIn, type MadeIn } from '../drink/method-steps.js';
import type { Kit, OwnedGlass } from '../kit/kit.js';
import { coveredBy, needIndex, type CoveredBy } from '../kit/needs.js';
import { glassServes, servedDrink, standsIn } from '../glass/serves.js';

/** Ice beside one drink in a shaker, g or ml of room; a drink melts a fifth of it (common practice). */
export const ICE_IN_TIN_G = 150;
/** A tin takes two (common practice). */
const MAX_IN_TIN = 2;

/** What is mixed in, and what stands in for it. */
export interface HeldTool {
  capacityMl: number;
  /** What of the household's it is; undefined where nothing was said of the kit. */
  cover: CoveredBy | undefined;
}

type Mixing = Exclude<MadeIn, 'glass'>;
/** Need that each covers, and what one usually holds where nobody said. */
const MIXING: Record<Mixing, { need: string; usualMl: number }> = {
  shaker: { need: 'shaker', usualMl: 830 },
  'mixing-glass': { need: 'stirring-vessel', usualMl: 550 },
  blender: { need: 'blender', usualMl: 1000 },
  pan: { need: 'kettle', usualMl: 1000 },
};

/** What the household mixes in. */
export function vesselsOf(
  kit: Kit,
  catalogue: Pick<Catalogue, 'techniques' | 'tools' | 'kitchen'>,
): Record<Mixing, HeldTool> {
  const needs = needIndex(catalogue);
  const held = (mixing: Mixing): HeldTool => {
    const { need: id, usualMl } = MIXING[mixing];
    const need = needs.get(id);
    const cover = kit.said && need ? coveredBy(need, kit) : undefined;
    const tool = catalogue.tools.find((t) => cover?.by === 'tool' && t.id === cover.id);
    const thing = catalogue.kitchen.find((t) => cover?.by === 'kitchen' && t.id === cover.id);
    const capacityMl = thing?.capacityMl ?? Math.max(0, ...(tool?.capacitiesMl ?? []));
    return { capacityMl: capacityMl > 0 ? capacityMl : usualMl, cover };
  };
  return {
    shaker: held('shaker'),
    'mixing-glass': held('mixing-glass'),
    blender: held('blender'),
    pan: held('pan'),
  };
}

/** Whether two are one and the same thing: a jar that is shaken and stirred in. */
export function isSameVessel(a: HeldTool, b: HeldTool): boolean {
  const thing = (held: HeldTool) =>
    held.cover === undefined || held.cover.by === 'hands' ? undefined : held.cover.id;
  return thing(a) !== undefined && thing(a) === thing(b);
}

/**
 * How many of a drink go into one tin: two, or one where that does not hold two with their ice. What is built in its
 * glass has no such limit.
 *
 * @example glassesAtOnce(daiquiri, kinds, vessels) // 2, or 1 in a jar of half a litre
 */
export function glassesAtOnce(
  drink: Recipe,
  kinds: ReadonlyMap<string, Kind>,
  vessels: Record<Mixing, HeldTool>,
): number {
  const vessel = madeIn(drink, kinds);
  if (vessel === 'glass') return Infinity;
  const { mixMl } = drinkFigures(drink, kinds);
  const iceG = vessel === 'pan' ? 0 : ICE_IN_TIN_G;
  const fit = Math.floor(vessels[vessel].capacityMl / (mixMl + iceG));
  return Math.max(1, Math.min(MAX_IN_TIN, fit));
}

/**
 * The household's glass that a drink is poured into: one of the types it names before others, of those the one it
 * stands in best. Undefined where none will do, or none is known.
 */
export function glassFor(drink: Recipe, kit: Kit, kinds: ReadonlyMap<string, Kind>): OwnedGlass | undefined {
  const served = servedDrink(drink, kinds);
  const isNamed = (g: OwnedGlass) =>
    g.type === drink.glass ? 2 : drink.otherGlasses.includes(g.type) ? 1 : 0;
  const isOff = (g: OwnedGlass) => Math.abs(standsIn(served, g).share - 0.85);
  return kit.glasses
    .filter((glass) => glassServes(served, glass, kit.attitude))
    .sort((a, b) => isNamed(b) - isNamed(a) || isOff(a) - isOff(b))[0];
}

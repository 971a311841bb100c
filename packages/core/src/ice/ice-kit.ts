import type { Mould } from '../catalogue/tool.js';
import { iceInMaking, type Recipe } from '../catalogue/recipe.js';
import type { Kind } from '../catalogue/kind.js';
import { servedDrink } from '../glass/serves.js';
import { fitInGlass, SERVED_ICE_G } from '../glass/fit.js';

/** Ice is lighter than water (0.917 g/ml at 0 °C). */
const ICE_G_PER_ML = 0.917;
/** Ice that shaking or stirring one drink takes, g (common practice). */
const MAKING_ICE_G = 150;
/** A tray is emptied and refilled at most so often a day: nobody gets up at night for it. */
const MAX_FILLS_A_DAY = 3;
const WAKING_HOURS = 16;
/** Some is dropped, and melts in the bucket (common practice). */
const SPARE = 1.15;

/** Grams of one piece: its edge cubed, at the density of ice. */
export function pieceG(mould: Pick<Mould, 'edgeMm'>): number {
  return (mould.edgeMm / 10) ** 3 * ICE_G_PER_ML;
}

/** Times a day a tray is filled, emptied and filled again. */
export function fillsADay(mould: Pick<Mould, 'hours'>): number {
  return Math.max(1, Math.min(MAX_FILLS_A_DAY, Math.floor(WAKING_HOURS / mould.hours)));
}

/** Ice that one drink takes, g: in the shaker or mixing glass, and in the glass. */
export interface DrinkIce {
  makingG: number;
  servedG: number;
  /** How many of the served grams must be one large piece. */
  blockG: number;
}

/** Ice that one drink takes. A blended drink's ice is its making's; a built one's is what lies in the glass. */
export function iceOf(recipe: Recipe, brimMl: number, kinds: ReadonlyMap<string, Kind>): DrinkIce {
  const made = recipe.method !== 'build' && recipe.method !== 'swizzle' && iceInMaking(recipe) !== 'none';
  const served =
    recipe.method === 'blend' ? 0 : fitInGlass(servedDrink(recipe, kinds).servedMl, recipe.ice, brimMl).iceG;
  const [, blockG] = SERVED_ICE_G.block;
  return { makingG: made ? MAKING_ICE_G : 0, servedG: served, blockG: recipe.ice === 'block' ? blockG : 0 };
}

/** Ice for an evening against what the trays make. */
export interface IceKit {
  /** Grams for the evening, spare included. */
  neededG: number;
  blocks: number;
  cubesADay: number;
  gramsADay: number;
  blocksADay: number;
  /** Days of freezing ahead, each tray filled as often as it can be; undefined without trays. */
  daysAhead: number | undefined;
}

/**
 * Ice for so many guests, each having every drink of a menu once, and how many days ahead the trays must
 * start.
 *
 * @param menu ice of each drink on it.
 */
export function iceKit(
  menu: readonly DrinkIce[],
  guests: number,
  trays: readonly { mould: Mould; count: number }[],
): IceKit {
  const drinks = guests * menu.length;
  const mean = (of: (ice: DrinkIce) => number) =>
    menu.length === 0 ? 0 : menu.reduce((sum, ice) => sum + of(ice), 0) / menu.length;
  const blockShare = mean((ice) => (ice.blockG > 0 ? 1 : 0));
  const neededG = drinks * mean((ice) => ice.makingG + ice.servedG) * SPARE;
  const blocks = Math.ceil(drinks * blockShare);
  const daily = (which: Mould['makes']) =>
    trays
      .filter((t) => t.mould.makes === which)
      .reduce((sum, t) => sum + t.mould.pieces * t.count * fillsADay(t.mould), 0);
  const gramsADay = trays.reduce(
    (sum, t) => sum + t.mould.pieces * t.count * fillsADay(t.mould) * pieceG(t.mould),
    0,
  );
  const blocksADay = daily('block');
  const needsBlocks = blocks > 0 && blocksADay > 0 ? Math.ceil(blocks / blocksADay) : 0;
  return {
    neededG,
    blocks,
    cubesADay: daily('cubes'),
    gramsADay,
    blocksADay,
    daysAhead: gramsADay === 0 ? undefined : Math.max(Math.ceil(neededG / gramsADay), needsBlocks),
  };
}

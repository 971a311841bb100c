import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { drinkFigures, isDrunk, isTopped } from '../drink/figures.js';
import { freezingPointC, fromFreezer, type FromFreezer } from './freezing.js';

/** Bitters in a batch: at half to two thirds of their sum, and taste (common practice). */
const BITTERS_SHARE = 0.6;
/** Room in a bottle for what is in it to move and to swell. */
export const HEADSPACE_SHARE = 0.1;

/** Why a drink is made by the glass. */
export type NotBatched =
  'alone' | 'egg' | 'cream' | 'fizz' | 'juice' | 'pressed' | 'hot' | 'shaken' | 'layered';

/** Whether a drink may be mixed ahead, or why not (common practice: what is stirred, without anything that turns or falls). */
export function mayBatch(drink: Recipe, kinds: ReadonlyMap<string, Kind>): NotBatched | undefined {
  const slots = drink.slots.filter((s) => !s.optional && isDrunk(s));
  const tastes = slots.flatMap((s) => kinds.get(s.kind)?.tastes ?? []);
  if (drink.method === 'hot') return 'hot';
  // One part stands in its own bottle already.
  if (slots.length < 2) return 'alone';
  if (tastes.includes('egg')) return 'egg';
  if (tastes.includes('creamy')) return 'cream';
  if (slots.some((s) => s.muddle)) return 'pressed';
  if (drink.method === 'layer' || slots.some((s) => s.float || s.sink)) return 'layered';
  if (tastes.includes('fizzy')) return 'fizz';
  if (slots.some((s) => kinds.get(s.kind)?.supply === 'fresh')) return 'juice';
  return drink.method === 'stir' || drink.method === 'build' ? undefined : 'shaken';
}

/** Fewer glasses of a drink are not worth a bottle. */
const MIN_BATCHED = 3;

/** Whether so many glasses of a drink are mixed ahead. */
export function isMixedAhead(drink: Recipe, glasses: number, kinds: ReadonlyMap<string, Kind>): boolean {
  return glasses >= MIN_BATCHED && mayBatch(drink, kinds) === undefined;
}

/** The kind that a drink mixed ahead is kept as. */
export function mixedKind(drink: string): string {
  return `mixed-${drink}`;
}

/** One part of a batch of drinks. */
interface BatchedPart {
  kind: string;
  ml: number;
}

/** Drinks mixed ahead, with the water that the ice would have given. */
export interface BatchedDrink {
  parts: BatchedPart[];
  waterMl: number;
  volumeMl: number;
  /** To be poured for one glass, cold, without ice in the making. */
  glassMl: number;
  abv: number;
  sugarGPerL: number;
  freezesAtC: number;
  freezer: FromFreezer;
  /** Bottles of the sizes at hand that hold it, with headspace; the least that do. */
  bottles: number[];
}

/**
 * A batch of so many glasses: parts times glasses, bitters at three fifths, water as stirring would have given it
 * (Arnold's curve), into bottles with a tenth of headspace.
 *
 * @param bottleMl sizes of empty bottles at hand, ml.
 */
export function batchedDrink(
  drink: Recipe,
  glasses: number,
  kinds: ReadonlyMap<string, Kind>,
  bottleMl: readonly number[],
): BatchedDrink {
  const parts = drink.slots.flatMap((slot): BatchedPart[] => {
    const kind = kinds.get(slot.kind);
    const ml = amountMl(slot.amount);
    if (
      slot.optional ||
      kind === undefined ||
      ml === undefined ||
      !isDrunk(slot) ||
      isTopped(slot, kind, 'stir')
    )
      return [];
    const share = slot.role === 'seasoning' ? BITTERS_SHARE : 1;
    return [{ kind: slot.kind, ml: ml * glasses * share }];
  });
  const { waterMl, sugarG, servedMl, abv } = drinkFigures({ ...drink, method: 'stir' }, kinds);
  const volumeMl = parts.reduce((sum, p) => sum + p.ml, 0) + waterMl * glasses;
  const sugarGPerL = servedMl === 0 ? 0 : (sugarG / servedMl) * 1000;
  return {
    parts,
    waterMl: waterMl * glasses,
    volumeMl,
    glassMl: volumeMl / glasses,
    abv,
    sugarGPerL,
    freezesAtC: freezingPointC(abv, sugarGPerL),
    freezer: fromFreezer(abv, sugarGPerL),
    bottles: bottlesFor(volumeMl, bottleMl),
  };
}

/** What is poured for one glass of a drink that was mixed ahead, ml: as it was mixed, where it stands there. */
export function batchedGlassMl(drink: Recipe, kinds: ReadonlyMap<string, Kind>): number {
  return kinds.get(mixedKind(drink.id))?.each?.ml ?? batchedDrink(drink, 1, kinds, []).glassMl;
}

/** The fewest bottles that hold a volume with headspace, the largest first, the last no larger than it must be. */
export function bottlesFor(ml: number, sizes: readonly number[]): number[] {
  const falling = [...new Set(sizes)].filter((s) => s > 0).sort((a, b) => b - a);
  const [largest] = falling;
  if (largest === undefined || ml <= 0) return [];
  const holds = (size: number) => size * (1 - HEADSPACE_SHARE);
  const out: number[] = [];
  let rest = ml;
  while (rest > 1e-9) {
    const fit = [...falling].reverse().find((s) => holds(s) >= rest - 1e-9) ?? largest;
    out.push(fit);
    rest -= holds(fit);
  }
  return out;
}

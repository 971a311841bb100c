import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe, Slot } from '../catalogue/recipe.js';
import { brixOfRatio, sugarGPerLOfBrix } from './solution.js';

/** An amount of one syrup as an amount of another that sweetens as much. */
export interface Rescaled {
  ml: number;
  /** ml of water that the other brings more than the first; below 0, fewer. */
  waterMl: number;
}

/** Water in a ml of syrup of so much °Brix, ml. */
function waterPerMl(brix: number): number {
  const sugar = sugarGPerLOfBrix(brix) / 1000;
  return brix === 0 ? 1 : (sugar * (100 - brix)) / brix / 0.9982;
}

/**
 * The same grams of sugar from a syrup of another strength.
 *
 * @param ml of the syrup the spec was written for.
 * @param fromRatio its sugar to water by weight, 1 for 1:1; @param toRatio the other's.
 * @example rescaleSyrup(15, 1, 2).ml // 10.4 of a 2:1 for 15 ml of a 1:1
 */
export function rescaleSyrup(ml: number, fromRatio: number, toRatio: number): Rescaled {
  const from = brixOfRatio(fromRatio);
  const to = brixOfRatio(toRatio);
  const out = (ml * sugarGPerLOfBrix(from)) / sugarGPerLOfBrix(to);
  return { ml: out, waterMl: out * waterPerMl(to) - ml * waterPerMl(from) };
}

/** Plain sugar syrups: what one strength of them does, another does as well. */
const PLAIN_SYRUPS: readonly string[] = ['simple-syrup', 'rich-syrup'];
/** Whether a kind is a plain sugar syrup, which is poured by its sugar wherever one is kept for all. */
export function isPlainSyrup(kind: string): boolean {
  return PLAIN_SYRUPS.includes(kind);
}
/** Nearer than this no one can tell two syrups apart. */
const SAME_RATIO = 0.01;

/** What a slot asks for, poured from a plain syrup of another ratio; undefined when it is poured as written. */
export function fromHouseSyrup(
  slot: Pick<Slot, 'kind' | 'amount'>,
  ratio: number | null,
  kinds: ReadonlyMap<string, Kind>,
): Rescaled | undefined {
  const ml = amountMl(slot.amount);
  const written = Number.parseFloat(kinds.get(slot.kind)?.strength ?? '');
  if (ratio === null || ml === undefined || !PLAIN_SYRUPS.includes(slot.kind) || Number.isNaN(written))
    return undefined;
  return Math.abs(written - ratio) < SAME_RATIO ? undefined : rescaleSyrup(ml, written, ratio);
}

/**
 * A recipe as it is poured where one plain syrup is kept for all: its amounts, and the kinds with that
 * syrup's sugar, so that volume, strength and glass are those of the drink in hand.
 *
 * @param ratio sugar to water by weight of the syrup that is kept; null where none is.
 */
export function withHouseSyrup(
  recipe: Recipe,
  ratio: number | null,
  kinds: ReadonlyMap<string, Kind>,
): { recipe: Recipe; kinds: ReadonlyMap<string, Kind> } {
  const swapped = new Map(
    recipe.slots.flatMap((slot) => {
      const poured = fromHouseSyrup(slot, ratio, kinds);
      return poured ? [[slot, poured.ml] as const] : [];
    }),
  );
  if (ratio === null || swapped.size === 0) return { recipe, kinds };
  const sugarGPerL = sugarGPerLOfBrix(brixOfRatio(ratio));
  const kept = new Map(kinds);
  for (const { kind } of swapped.keys()) kept.set(kind, { ...(kinds.get(kind) as Kind), sugarGPerL });
  const slots = recipe.slots.map((slot) => {
    const ml = swapped.get(slot);
    return ml === undefined ? slot : { ...slot, amount: { value: ml, measure: 'ml' as const } };
  });
  return { recipe: { ...recipe, slots }, kinds: kept };
}

/** Kinds as they are poured here: plain syrups with the sugar of the one that is kept. */
export function kindsWithHouseSyrup(
  ratio: number | null,
  kinds: ReadonlyMap<string, Kind>,
): ReadonlyMap<string, Kind> {
  if (ratio === null) return kinds;
  const sugarGPerL = sugarGPerLOfBrix(brixOfRatio(ratio));
  return new Map([...kinds].map(([id, k]) => [id, PLAIN_SYRUPS.includes(id) ? { ...k, sugarGPerL } : k]));
}

import { amountMl } from '../base/amount.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import { iceOf } from '../ice/index.js';
import { fruitOf } from '../pouring/fruit.js';
import type { AtHand } from '../stock/at-hand.js';

/** What an evening takes of one kind, against what is there. */
export interface Wanted {
  kind: string;
  ml: number;
  /** Whole fruit, eggs, leaves; 0 for what is poured. */
  pieces: number;
  /** What is there of it: ml, or pieces; undefined where nobody counted. */
  there: number | undefined;
  short: number;
}

/** Some is dropped and melts in the bucket (common practice: a fifth more). */
const ICE_SPARE = 1.2;

/** What an evening takes. */
export interface Quantities {
  wanted: Wanted[];
  iceG: number;
  blocks: number;
}

/**
 * What so many glasses of each drink take: kinds in ml, fruit and eggs in pieces, ice with a fifth to spare; and what
 * of it is short.
 *
 * @param drinks as they are poured here, each with its glasses and the glass it is poured into.
 */
export function quantitiesOf(
  drinks: readonly { drink: Recipe; glasses: number; brimMl: number }[],
  there: ReadonlyMap<string, AtHand>,
  freshPieces: ReadonlyMap<string, number>,
  kinds: ReadonlyMap<string, Kind>,
): Quantities {
  const all = new Map<string, { ml: number; pieces: number }>();
  let iceG = 0;
  let blocks = 0;
  for (const { drink, glasses, brimMl } of drinks) {
    for (const { kind, amount, optional } of drink.slots) {
      if (optional || kind === 'still-water' || kind === 'hot-water') continue;
      const ml = amountMl(amount);
      const was = all.get(kind) ?? { ml: 0, pieces: 0 };
      all.set(kind, {
        ml: was.ml + (ml ?? 0) * glasses,
        pieces: was.pieces + (ml === undefined ? amount.value * glasses : 0),
      });
    }
    const ice = iceOf(drink, brimMl, kinds);
    iceG += (ice.makingG + ice.servedG) * glasses * ICE_SPARE;
    blocks += ice.blockG > 0 ? glasses : 0;
  }
  const wanted = [...all].map(([kind, { ml, pieces }]): Wanted => {
    const fruit = fruitOf(kind, ml);
    const count = Math.ceil(fruit ?? pieces);
    if (count > 0) {
      const has = freshPieces.get(kind);
      return { kind, ml, pieces: count, there: has, short: Math.max(0, count - (has ?? 0)) };
    }
    const at = there.get(kind);
    if (at?.unmeasured) return { kind, ml, pieces: 0, there: undefined, short: 0 };
    return { kind, ml, pieces: 0, there: at?.ml ?? 0, short: Math.max(0, ml - (at?.ml ?? 0)) };
  });
  return { wanted: wanted.sort((a, b) => b.short - a.short || (a.kind < b.kind ? -1 : 1)), iceG, blocks };
}

import type { Kind } from '../catalogue/kind.js';
import { isThere, type Bottle } from './bottle.js';
import { goodUntil } from './life.js';

/** A kind is worth pouring from while it makes about so many drinks (common practice). */
const ENOUGH_DRINKS = 4;

/** A batch of the household's own, as far as stock goes. */
export interface OwnBatch {
  kind: string;
  leftMl: number;
  until: string | null;
}

/** What there is of a kind. */
export interface AtHand {
  kind: string;
  /** ml in all that was measured. */
  ml: number;
  /** Whether some of it was never measured. */
  unmeasured: boolean;
  /** Whether a bottle of it was not opened yet. */
  sealed: boolean;
  /** The first day on which some of it turns. */
  until: string | undefined;
  /** Bottles in the order in which they are poured: open before new, the older first. */
  bottleIds: string[];
}

const order = (b: Bottle) => [b.openedOn ?? '9999', b.boughtOn ?? '9999', b.id].join(' ');

/**
 * What can be poured from, by kind: bottles that stand there, mixing, not past their day, and batches.
 *
 * @param today ISO day.
 */
export function atHand(
  bottles: readonly Bottle[],
  batches: readonly OwnBatch[],
  kinds: ReadonlyMap<string, Kind>,
  today: string,
): Map<string, AtHand> {
  const found = new Map<string, AtHand>();
  const of = (kind: string): AtHand => {
    const known = found.get(kind) ?? {
      kind,
      ml: 0,
      unmeasured: false,
      sealed: false,
      until: undefined,
      bottleIds: [],
    };
    found.set(kind, known);
    return known;
  };
  const turns = (there: AtHand, until: string | null | undefined) => {
    if (until && (there.until === undefined || until < there.until)) there.until = until;
  };
  for (const bottle of [...bottles].sort((a, b) => (order(a) < order(b) ? -1 : 1))) {
    const kind = kinds.get(bottle.kind);
    if (!kind || !isThere(bottle) || bottle.sipping || bottle.pieces !== null) continue;
    const until = goodUntil(bottle, kind);
    if (until !== undefined && until < today) continue;
    const there = of(bottle.kind);
    if (bottle.leftMl === null) there.unmeasured = true;
    else there.ml += bottle.leftMl;
    if (bottle.openedOn === null && bottle.leftMl !== null && bottle.leftMl === bottle.sizeMl)
      there.sealed = true;
    turns(there, until);
    there.bottleIds.push(bottle.id);
  }
  for (const { kind, leftMl, until } of batches) {
    if (leftMl <= 0 || (until !== null && until < today)) continue;
    const there = of(kind);
    there.ml += leftMl;
    turns(there, until);
  }
  return found;
}

/** What counts as owned, and what is nearly empty: owned a moment ago, to be replaced. */
export interface Owned {
  owned: string[];
  toReplace: string[];
}

/**
 * The kinds that the plan may count on: what is left pours the drinks it is there for, or a bottle is new. (A can of
 * soda pours two drinks, and is what was bought.)
 *
 * @param pourMl ml that a drink usually takes of a kind.
 */
export function ownedKinds(there: ReadonlyMap<string, AtHand>, pourMl: (kind: string) => number): Owned {
  const owned: string[] = [];
  const toReplace: string[] = [];
  for (const { kind, ml, unmeasured, sealed } of there.values())
    (unmeasured || sealed || ml >= ENOUGH_DRINKS * pourMl(kind) ? owned : toReplace).push(kind);
  return { owned: owned.sort(), toReplace: toReplace.sort() };
}

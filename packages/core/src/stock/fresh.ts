import { addDays, daysBetween } from '../base/days.js';
import type { Kind } from '../catalogue/kind.js';
import { isThere, type Bottle } from './bottle.js';

/** Days that whole fruit, eggs and herbs keep in the cold where their kind says nothing longer (common practice). */
const FRUIT_DAYS = 14;
const SOFT_DAYS = 5;

/** Something fresh that was counted. */
export interface FreshThing {
  id: string;
  kind: string;
  pieces: number;
  boughtOn: string | null;
  /** The last day it is good; undefined where nobody knows when it was bought. */
  until: string | undefined;
}

/** Days a fresh thing keeps whole: juice is pressed on the day, the fruit waits for two weeks. */
function freshDays({
  closedDays,
  openDays,
  juiceMl,
  hardFruit = false,
}: Pick<Kind, 'closedDays' | 'openDays' | 'juiceMl' | 'hardFruit'>): number {
  if (closedDays !== undefined) return closedDays;
  // What turns within a day once pressed is hard fruit; what is soft by itself turns by itself.
  return hardFruit || juiceMl !== undefined ? FRUIT_DAYS : Math.max(SOFT_DAYS, openDays ?? SOFT_DAYS);
}

/** What was cut is good until the day after (common practice). */
const CUT_DAYS = 1;

/**
 * Pieces of a bottle that are good on a day: a half that was cut is there until the day after.
 *
 * @param day ISO day.
 */
export function piecesGood({ pieces, cutOn }: Pick<Bottle, 'pieces' | 'cutOn'>, day: string): number {
  if (pieces === null) return 0;
  const isCutGood = cutOn === null || daysBetween(cutOn, day) <= CUT_DAYS;
  return isCutGood ? pieces : Math.floor(pieces);
}

/** What is fresh in the house, what turns first ahead. */
export function freshThere(
  bottles: readonly Bottle[],
  kinds: ReadonlyMap<string, Kind>,
  today: string,
): FreshThing[] {
  return bottles
    .flatMap((b): FreshThing[] => {
      const kind = kinds.get(b.kind);
      const pieces = piecesGood(b, today);
      if (kind === undefined || pieces <= 0 || !isThere(b)) return [];
      const until = b.boughtOn === null ? undefined : addDays(b.boughtOn, freshDays(kind));
      return [{ id: b.id, kind: b.kind, pieces, boughtOn: b.boughtOn, until }];
    })
    .sort((a, b) => ((a.until ?? '9') < (b.until ?? '9') ? -1 : 1));
}

/** So long after the last of it is gone a fresh thing still counts as counted: there is none. */
const COUNTED_DAYS = 30;

/**
 * Pieces of each fresh thing that the household counts, those past their day left out: 0 where the last was used not
 * long ago. What nobody counts is not among them.
 */
export function freshPieces(
  bottles: readonly Bottle[],
  kinds: ReadonlyMap<string, Kind>,
  today: string,
): Map<string, number> {
  const found = new Map<string, number>();
  for (const { kind, pieces, finishedOn } of bottles)
    if (pieces !== null && (finishedOn === null || daysBetween(finishedOn, today) <= COUNTED_DAYS))
      found.set(kind, found.get(kind) ?? 0);
  for (const { kind, pieces, until } of freshThere(bottles, kinds, today))
    if (until === undefined || until >= today) found.set(kind, (found.get(kind) ?? 0) + pieces);
  return found;
}

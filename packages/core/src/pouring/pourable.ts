import { amountMl } from '../base/amount.js';
import { oncePer } from '../base/once-per.js';
import { kindAndAncestors, kindIndex, type Catalogue } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import type { Recipe } from '../catalogue/recipe.js';
import type { StandIn } from '../catalogue/stand-in.js';
import { servedDrink, type ServedDrink } from '../glass/serves.js';
import { needsOf } from '../kit/needs.js';
import { standInsOf } from '../plan/stand-ins.js';
import { loadSteps } from './drink-steps.js';
import type { Filling } from './poured-drink.js';

/** One way to fill a slot: all of these kinds. */
export interface SlotWay {
  kinds: readonly string[];
  parts: readonly number[];
  match: number;
  changes?: string;
}

/** A slot as it is looked up: how much of it, and what fills it, the best first. */
export interface PourableSlot {
  place: number;
  /** ml of one glass; undefined for what is counted, then `pieces`. */
  ml: number | undefined;
  pieces: number;
  optional: boolean;
  ways: SlotWay[];
  /** What it asks for, to tell two slots that ask for different things. */
  wish: string;
}

/** A drink, with all that does not change with the stock worked out once. */
export interface Pourable {
  recipe: Recipe;
  slots: PourableSlot[];
  needs: string[];
  served: ServedDrink;
  /** From the first bottle to the glass, one of it. */
  seconds: number;
}

type Indexed = Pick<Catalogue, 'techniques' | 'kinds'> & { standInsFor: Map<string, StandIn[]> };

function byAsked(standIns: readonly StandIn[]): Map<string, StandIn[]> {
  const found = new Map<string, StandIn[]>();
  for (const s of standIns) found.set(s.for, [...(found.get(s.for) ?? []), s]);
  return found;
}

/** A drink made ready to be looked up against any stock, with stand-ins that match at least so well. */
function readied(
  recipe: Recipe,
  catalogue: Indexed,
  kinds: ReadonlyMap<string, Kind>,
  minMatch: number,
): Pourable {
  const slots = recipe.slots.map((slot, place): PourableSlot => {
    const ml = amountMl(slot.amount);
    const exact = [slot.kind, ...slot.or].map((id): SlotWay => ({ kinds: [id], parts: [1], match: 1 }));
    const mine = [slot.kind, ...slot.or].flatMap((id) => catalogue.standInsFor.get(id) ?? []);
    const standIns = standInsOf(recipe, slot, { standIns: mine, kinds: catalogue.kinds })
      .filter((s) => s.match >= minMatch)
      .sort((a, b) => b.match - a.match)
      .map((s): SlotWay => ({
        kinds: s.with,
        parts: s.parts ?? s.with.map(() => 1),
        match: s.match,
        changes: s.changes,
      }));
    const pieces = ml === undefined ? slot.amount.value : 0;
    return {
      place,
      ml,
      pieces,
      optional: slot.optional,
      ways: [...exact, ...standIns],
      wish: [slot.kind, ...slot.or].sort().join(' '),
    };
  });
  const steps = loadSteps(recipe, { load: 0, order: 0, glasses: 1 }, kinds);
  const all = [...steps.press, ...steps.pours, ...steps.work, ...steps.finish];
  return {
    recipe,
    slots,
    needs: needsOf(recipe, catalogue, kinds),
    served: servedDrink(recipe, kinds),
    seconds: all.reduce((sum, s) => sum + s.seconds, 0),
  };
}

/**
 * Every drink of a library made ready, a few at a time, so that a page can breathe between them.
 *
 * @param each so many drinks at a time.
 */
export function* pourablesInSlices(
  catalogue: Catalogue,
  minMatch: number,
  each: number,
): Generator<Pourable[]> {
  const kinds = kindIndex(catalogue.kinds);
  const indexed = { ...catalogue, standInsFor: byAsked(catalogue.standIns) };
  for (let i = 0; i < catalogue.recipes.length; i += each)
    yield catalogue.recipes.slice(i, i + each).map((recipe) => readied(recipe, indexed, kinds, minMatch));
}

/**
 * Every drink of a library made ready.
 *
 * @example const ready = pourables(catalogue, 0.75)
 */
export function pourables(catalogue: Catalogue, minMatch: number): Pourable[] {
  return [...pourablesInSlices(catalogue, minMatch, catalogue.recipes.length || 1)].flat();
}

const byMinMatch = oncePer((_library: Catalogue) => new Map<number, readonly Pourable[]>());
/** Every drink made ready, once for each library (as long as it is kept) and attitude to stand-ins. */
export function pourablesOnce(catalogue: Catalogue, minMatch: number): readonly Pourable[] {
  const known = byMinMatch(catalogue);
  const ready = known.get(minMatch) ?? pourables(catalogue, minMatch);
  known.set(minMatch, ready);
  return ready;
}

/** Kinds that something at hand is: itself and all it is a kind of, each with what is in hand of it. */
export function kindsInHand(ids: Iterable<string>, kinds: ReadonlyMap<string, Kind>): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (const id of ids)
    for (const asked of kindAndAncestors(id, kinds)) found.set(asked, [...(found.get(asked) ?? []), id]);
  return found;
}

/**
 * What is in hand of each kind that may be asked for, in the order in which it is poured: the kind itself, then
 * whichever holds most.
 */
export function inHandInOrder(
  there: ReadonlyMap<string, { kind: string; ml: number }>,
  kinds: ReadonlyMap<string, Kind>,
): Map<string, string[]> {
  const fullest = [...there.values()].sort((a, b) => b.ml - a.ml).map((at) => at.kind);
  const found = kindsInHand(fullest, kinds);
  for (const [asked, ids] of found)
    if (ids.includes(asked)) found.set(asked, [asked, ...ids.filter((id) => id !== asked)]);
  return found;
}

/** What of a way to fill a slot is in hand: for each kind that it asks for, all that may be poured. */
export interface WayInHand {
  kinds: string[][];
  parts: readonly number[];
}

/**
 * A way to fill a slot by what is in hand, however little of it there is; what is fresh and nobody counts is taken as
 * there. Undefined where something of it is not.
 *
 * @param inHand by what is asked for: `inHandInOrder`.
 */
export function wayInHand(
  { kinds: asked, parts }: SlotWay,
  inHand: ReadonlyMap<string, readonly string[]>,
  kinds: ReadonlyMap<string, Kind>,
): WayInHand | undefined {
  const hands = asked.map((id) => {
    const mine = [...(inHand.get(id) ?? [])];
    const isFresh = isAlwaysThere(kinds.get(id));
    return mine.length === 0 && isFresh ? [id] : mine;
  });
  return hands.some((ids) => ids.length === 0) ? undefined : { kinds: hands, parts };
}

/** The strongest of what may be poured for a slot: of each kind that a way asks for, its strongest in hand. */
export function strongestFilling(
  ways: readonly WayInHand[],
  kinds: ReadonlyMap<string, Kind>,
): Filling | undefined {
  const abv = (id: string) => kinds.get(id)?.abv ?? 0;
  const strength = ({ kinds: ids, parts }: Filling) =>
    ids.reduce((sum, id, k) => sum + abv(id) * (parts[k] ?? 1), 0);
  return ways
    .map(({ kinds: hands, parts }): Filling => {
      const strongest = hands.map((ids) => [...ids].sort((a, b) => abv(b) - abv(a))[0] ?? '');
      return { kinds: strongest, parts };
    })
    .sort((a, b) => strength(b) - strength(a))[0];
}

/** Whether a kind is taken as there without being counted: from the tap, or fresh. */
export function isAlwaysThere(kind: Pick<Kind, 'fromTap' | 'supply'> | undefined): boolean {
  return kind !== undefined && (kind.fromTap === true || kind.supply === 'fresh');
}

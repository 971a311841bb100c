import { kindAndAncestors } from '../catalogue/catalogue.js';
import type { Kind } from '../catalogue/kind.js';
import { eachWithEach, isOfPack } from './packs.js';
import type { PlanDrink } from '../planner/problem.js';

type PlanSlot = PlanDrink['slots'][number];
type Way = PlanSlot['any'][number];

/** Whether two capabilities may be one bottle: the same kind, or one a kind of the other. */
function mayBeOne(a: string, b: string, kinds: ReadonlyMap<string, Kind>): boolean {
  return a === b ? !isOfPack(a) : isUnder(a, b, kinds) || isUnder(b, a, kinds);
}

function isUnder(id: string, above: string, kinds: ReadonlyMap<string, Kind>): boolean {
  return kinds.has(id) && kindAndAncestors(id, kinds).includes(above);
}

/** A way that asks for any of a family, said once for each bottle that would do. */
function bottleByBottle(way: Way, kinds: ReadonlyMap<string, Kind>): Way[] {
  const each = way.all.map((id) => {
    const under = [...kinds.values()].filter((k) => !k.abstract && k.id !== id && isUnder(k.id, id, kinds));
    return [...(kinds.get(id)?.abstract ? [] : [[id]]), ...under.map((k) => [k.id])];
  });
  return eachWithEach(each.map((ids, i) => (ids.length > 0 ? ids : [[way.all[i] as string]]))).map((all) => ({
    all,
    fit: way.fit,
  }));
}

const oneFills = (a: Way, b: Way, kinds: ReadonlyMap<string, Kind>) =>
  a.all.some((x) => b.all.some((y) => mayBeOne(x, y, kinds)));

const wishOf = (slot: PlanSlot) =>
  JSON.stringify(slot.any.filter((w) => w.fit === 1).map((w) => [...w.all].sort()));

/** Ways that another beats: it takes no more, and fits as well. */
function withoutBeaten(ways: readonly Way[]): Way[] {
  const kept: Way[] = [];
  for (const way of [...ways].sort((a, b) => b.fit - a.fit || a.all.length - b.all.length))
    if (!kept.some((k) => k.all.every((id) => way.all.includes(id)))) kept.push(way);
  return kept;
}

/** What is known of a slot: the ways that count, what it asks for, and all that those ways are or are kinds of. */
interface Known {
  ways: Way[];
  wish: string;
  reach: Set<string>;
}

/**
 * Takes slots together that ask for different things and could be filled by one bottle: two rums poured from
 * one bottle are a simpler drink, and fit no better than `oneForTwo`. Others stay as they are.
 *
 * @param minFit ways below it are never taken, and count for nothing.
 * @returns a function of a drink's slots; it remembers slots that many drinks share.
 */
export function slotJoiner(
  kinds: ReadonlyMap<string, Kind>,
  oneForTwo: number,
  minFit: number,
): (slots: readonly PlanSlot[]) => PlanSlot[] {
  const known = new Map<PlanSlot, Known>();
  const knownOf = (slot: PlanSlot): Known => {
    const before = known.get(slot);
    if (before) return before;
    const ways = slot.any.filter((w) => w.fit >= minFit);
    const ids = ways.flatMap((w) => w.all);
    const reach = new Set(ids.flatMap((id) => (kinds.has(id) ? kindAndAncestors(id, kinds) : [id])));
    const made = { ways, wish: wishOf(slot), reach };
    known.set(slot, made);
    return made;
  };
  const share = (a: Known, b: Known) =>
    a.wish !== b.wish &&
    [...a.reach].some((id) => b.reach.has(id)) &&
    a.ways.some((x) => b.ways.some((y) => oneFills(x, y, kinds)));
  const join = (a: Known, b: Known): PlanSlot => {
    const [left, right] = [a, b].map(({ ways }) => ways.flatMap((w) => bottleByBottle(w, kinds)));
    const any = (left as Way[]).flatMap((x) =>
      (right as Way[]).map((y) => ({
        all: [...new Set([...x.all, ...y.all])],
        fit: Math.min(x.fit, y.fit, oneFills(x, y, kinds) ? oneForTwo : 1),
      })),
    );
    return { any: withoutBeaten(any) };
  };
  return (slots) => {
    const joined: PlanSlot[] = [];
    for (const slot of slots) {
      const at = joined.findIndex((other) => share(knownOf(other), knownOf(slot)));
      if (at < 0) joined.push(slot);
      else joined[at] = join(knownOf(joined[at] as PlanSlot), knownOf(slot));
    }
    return joined;
  };
}

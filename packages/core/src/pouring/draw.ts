import type { Kind } from '../catalogue/kind.js';
import { isThere, type Bottle } from '../stock/bottle.js';
import { goodUntil } from '../stock/life.js';
import { fruitOf } from './fruit.js';
import type { Drawn, Pour, PourPart } from './pour.js';

/** A batch as far as pouring goes. */
export interface BatchLeft {
  id: string;
  kind: string;
  leftMl: number;
  until: string | null;
}

/** What a pour asks of the stock: ml, or pieces, of a kind. */
export interface DrawRequest {
  kind: string;
  ml: number;
  pieces: number;
}

/** What pouring does to the stock. */
export interface DrawnFrom {
  parts: PourPart[];
  /** Bottles as they are after it; those that nothing was poured from are not among them. */
  bottles: Bottle[];
  /** ml left, by batch. */
  batches: Map<string, number>;
}

/** Open before new, the older first; what is past its day last of all. */
function inOrder(bottles: readonly Bottle[], kinds: ReadonlyMap<string, Kind>, day: string): Bottle[] {
  const key = (b: Bottle) => {
    const kind = kinds.get(b.kind);
    const until = kind && goodUntil(b, kind);
    const past = until !== undefined && until < day ? '1' : '0';
    return [past, b.openedOn ?? '9999', b.boughtOn ?? '9999', b.id].join(' ');
  };
  return bottles.filter((b) => isThere(b) && !b.sipping).sort((a, b) => (key(a) < key(b) ? -1 : 1));
}

/** ml to the hundredth: what a log keeps adds up. */
const hundredth = (ml: number) => Math.round(ml * 100) / 100;

/**
 * Pour from the stock: open bottles before new, the older first, a batch that turns sooner before them. An emptied
 * bottle is finished; one that nobody measured stays unmeasured. What there was no more of is poured from nowhere.
 *
 * @param day ISO day of the evening.
 * @example drawFrom([{ kind: 'dry-gin', ml: 50, pieces: 0 }], bottles, batches, kinds, '2026-11-26').bottles[0].leftMl
 */
export function drawFrom(
  asked: readonly DrawRequest[],
  bottles: readonly Bottle[],
  batches: readonly BatchLeft[],
  kinds: ReadonlyMap<string, Kind>,
  day: string,
): DrawnFrom {
  const now = new Map(bottles.map((b) => [b.id, b]));
  const left = new Map(batches.map((b) => [b.id, b.leftMl]));
  const changed = new Set<string>();
  const drained = new Set<string>();
  const open = (b: Bottle): Bottle => ({
    ...b,
    openedOn: b.openedOn === null || b.openedOn > day ? later(day, b.boughtOn) : b.openedOn,
  });

  const parts = asked.map(({ kind, ml, pieces }): PourPart => {
    const drawn: Drawn[] = [];
    let rest = hundredth(ml);
    const mine = inOrder(
      [...now.values()].filter((b) => b.kind === kind && b.pieces === null),
      kinds,
      day,
    );
    const made = batches
      .filter((b) => b.kind === kind && (left.get(b.id) ?? 0) > 0)
      .sort((a, b) => ((a.until ?? '9') < (b.until ?? '9') ? -1 : 1));
    for (const { id } of made) {
      const has = left.get(id) ?? 0;
      const take = Math.min(rest, has);
      if (take <= 0) continue;
      left.set(id, hundredth(has - take));
      drained.add(id);
      drawn.push({ from: 'batch', id, ml: hundredth(take), pieces: 0, emptied: take === has });
      rest = hundredth(rest - take);
    }
    for (const bottle of mine) {
      if (rest <= 0) break;
      const take = bottle.leftMl === null ? rest : Math.min(rest, bottle.leftMl);
      if (take <= 0) continue;
      const leftMl = bottle.leftMl === null ? null : hundredth(bottle.leftMl - take);
      const emptied = leftMl === 0;
      const opened = open(bottle);
      now.set(bottle.id, { ...opened, leftMl, finishedOn: emptied ? later(day, opened.openedOn) : null });
      changed.add(bottle.id);
      drawn.push({ from: 'bottle', id: bottle.id, ml: hundredth(take), pieces: 0, emptied });
      rest = hundredth(rest - take);
    }
    // What is counted: whole fruit for a juice, or the pieces themselves.
    let count =
      pieces > 0 ? Math.ceil(pieces) : ml > 0 && drawn.length === 0 ? (fruitOf(kinds.get(kind), ml) ?? 0) : 0;
    const wanted = count;
    const counted = [...now.values()]
      .filter((b) => b.kind === kind && (b.pieces ?? 0) > 0 && isThere(b))
      .sort((a, b) => ((a.boughtOn ?? '9') < (b.boughtOn ?? '9') ? -1 : 1));
    for (const bottle of counted) {
      const has = bottle.pieces ?? 0;
      const take = Math.min(count, has);
      if (take <= 0) continue;
      const emptied = take === has;
      now.set(bottle.id, {
        ...bottle,
        pieces: has - take,
        finishedOn: emptied ? later(day, bottle.boughtOn) : null,
      });
      changed.add(bottle.id);
      drawn.push({ from: 'bottle', id: bottle.id, ml: 0, pieces: take, emptied });
      count -= take;
    }
    return { kind, ml: hundredth(ml), pieces: wanted, drawn };
  });
  return {
    parts,
    bottles: [...changed].flatMap((id) => now.get(id) ?? []),
    batches: new Map([...drained].map((id) => [id, left.get(id) ?? 0])),
  };
}

/**
 * A pour taken back: what it drew stands in its bottles and batches again.
 *
 * @returns bottles and batches that change; those that are gone since are passed over.
 */
export function givenBack(
  pour: Pick<Pour, 'parts'>,
  bottles: readonly Bottle[],
  batches: readonly BatchLeft[],
): Omit<DrawnFrom, 'parts'> {
  const now = new Map(bottles.map((b) => [b.id, b]));
  const left = new Map<string, number>();
  const changed = new Set<string>();
  for (const { from, id, ml, pieces, emptied } of pour.parts.flatMap((p) => p.drawn)) {
    if (from === 'batch') {
      const batch = batches.find((b) => b.id === id);
      if (batch) left.set(id, hundredth((left.get(id) ?? batch.leftMl) + ml));
      continue;
    }
    const bottle = now.get(id);
    if (bottle === undefined) continue;
    const filled =
      bottle.leftMl === null ? null : Math.min(bottle.sizeMl ?? Infinity, hundredth(bottle.leftMl + ml));
    now.set(id, {
      ...bottle,
      leftMl: filled,
      pieces: bottle.pieces === null ? null : bottle.pieces + pieces,
      finishedOn: emptied ? null : bottle.finishedOn,
    });
    changed.add(id);
  }
  return { bottles: [...changed].flatMap((id) => now.get(id) ?? []), batches: left };
}

/** The later of two days. */
function later(day: string, other: string | null): string {
  return other !== null && other > day ? other : day;
}

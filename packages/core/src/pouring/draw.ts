import type { Kind } from '../catalogue/kind.js';
import { isThere, type Bottle } from '../stock/bottle.js';
import { goodUntil } from '../stock/life.js';
import { piecesGood } from '../stock/fresh.js';
import { countedAs } from '../stock/whole.js';
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
  /** Nothing is written down of it where none is there: a garnish that nobody counts. */
  ifThere?: boolean;
  /** Bottles named for this once, by id: drawn from before batches and all other bottles, one for sipping too. */
  first?: readonly string[];
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
  return bottles.filter(isThere).sort((a, b) => (key(a) < key(b) ? -1 : 1));
}

/** ml to the hundredth: what a log keeps adds up. */
const hundredth = (ml: number) => Math.round(ml * 100) / 100;

/** A fruit is cut by eighths, and no finer. */
const upToEighth = (pieces: number) => Math.ceil(pieces * 8 - 1e-9) / 8;
/** Whether so much of what is there cuts into a whole one, beyond the part that was cut before. */
const isCutInto = (has: number, take: number) => take > has % 1;

/** The stock while it is poured from. */
class Draw {
  private readonly now: Map<string, Bottle>;
  private readonly left: Map<string, number>;
  private readonly changed = new Set<string>();
  private readonly drained = new Set<string>();

  constructor(
    bottles: readonly Bottle[],
    private readonly batches: readonly BatchLeft[],
    private readonly kinds: ReadonlyMap<string, Kind>,
    private readonly day: string,
  ) {
    this.now = new Map(bottles.map((b) => [b.id, b]));
    this.left = new Map(batches.map((b) => [b.id, b.leftMl]));
  }

  private put(bottle: Bottle): void {
    this.now.set(bottle.id, bottle);
    this.changed.add(bottle.id);
  }

  /** Out of batches, the one that goes off first; what was drawn. */
  private fromBatches(kind: string, wantedMl: number): Drawn[] {
    let rest = wantedMl;
    return this.batches
      .filter((b) => b.kind === kind && (this.left.get(b.id) ?? 0) > 0)
      .sort((a, b) => ((a.until ?? '9') < (b.until ?? '9') ? -1 : 1))
      .flatMap(({ id }): Drawn[] => {
        const has = this.left.get(id) ?? 0;
        const take = Math.min(rest, has);
        if (take <= 0) return [];
        this.left.set(id, hundredth(has - take));
        this.drained.add(id);
        rest = hundredth(rest - take);
        const emptied = take === has;
        return [{ from: 'batch', id, ml: hundredth(take), pieces: 0, emptied, opened: false }];
      });
  }

  /** Out of bottles, in their order. */
  private fromBottles(kind: string, wantedMl: number, isMeant: (b: Bottle) => boolean): Drawn[] {
    let rest = wantedMl;
    const { day } = this;
    const measured = [...this.now.values()].filter((b) => b.kind === kind && b.pieces === null && isMeant(b));
    return inOrder(measured, this.kinds, day).flatMap((bottle): Drawn[] => {
      const take = bottle.leftMl === null ? rest : Math.min(rest, bottle.leftMl);
      if (take <= 0) return [];
      const leftMl = bottle.leftMl === null ? null : hundredth(bottle.leftMl - take);
      const emptied = leftMl === 0;
      const isNew = bottle.openedOn === null || bottle.openedOn > day;
      const openedOn = isNew ? later(day, bottle.boughtOn) : bottle.openedOn;
      this.put({ ...bottle, openedOn, leftMl, finishedOn: emptied ? later(day, openedOn) : null });
      rest = hundredth(rest - take);
      return [{ from: 'bottle', id: bottle.id, ml: hundredth(take), pieces: 0, emptied, opened: isNew }];
    });
  }

  /** Pieces of each kind that is counted, as they are now. */
  private counted(): Map<string, number> {
    const found = new Map<string, number>();
    for (const b of this.now.values())
      if (b.pieces !== null && isThere(b))
        found.set(b.kind, (found.get(b.kind) ?? 0) + piecesGood(b, this.day));
    return found;
  }

  /** Of what is counted, the oldest first; wedges and whites from the whole fruit and egg. */
  private fromCounted(asked: string, wanted: number): Drawn[] {
    const { kind, each } = countedAs(asked, this.kinds, this.counted());
    let count = upToEighth(wanted / each);
    return [...this.now.values()]
      .filter((b) => b.kind === kind && (b.pieces ?? 0) > 0 && isThere(b))
      .sort((a, b) => ((a.boughtOn ?? '9') < (b.boughtOn ?? '9') ? -1 : 1))
      .flatMap((bottle): Drawn[] => {
        const has = piecesGood(bottle, this.day);
        const take = Math.min(count, has);
        if (take <= 0) return [];
        const emptied = take === has;
        const finishedOn = emptied ? later(this.day, bottle.boughtOn) : null;
        const pieces = has - take;
        const cutOn = Number.isInteger(pieces) ? null : isCutInto(has, take) ? this.day : bottle.cutOn;
        this.put({ ...bottle, pieces, cutOn, finishedOn });
        count -= take;
        return [{ from: 'bottle', id: bottle.id, ml: 0, pieces: take, emptied, opened: false }];
      });
  }

  take({ kind, ml, pieces, first = [] }: DrawRequest): PourPart {
    const drawn = this.fromBottles(kind, hundredth(ml), (b) => first.includes(b.id));
    const rest = () => hundredth(ml - drawn.reduce((sum, d) => sum + d.ml, 0));
    drawn.push(...this.fromBatches(kind, rest()));
    drawn.push(...this.fromBottles(kind, rest(), (b) => !b.sipping && !first.includes(b.id)));
    // What is counted: whole fruit for a juice, or the pieces themselves.
    const leftMl = rest();
    const fruit = leftMl > 0 ? (fruitOf(this.kinds.get(kind), leftMl) ?? 0) : 0;
    const wanted = pieces > 0 ? upToEighth(pieces) : fruit;
    return { kind, ml: hundredth(ml), pieces: wanted, drawn: [...drawn, ...this.fromCounted(kind, wanted)] };
  }

  drawn(parts: PourPart[]): DrawnFrom {
    return {
      parts,
      bottles: [...this.changed].flatMap((id) => this.now.get(id) ?? []),
      batches: new Map([...this.drained].map((id) => [id, this.left.get(id) ?? 0])),
    };
  }
}

/**
 * Pour from the stock: open bottles before new, the older first, a batch that goes off sooner before them. An emptied
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
  const draw = new Draw(bottles, batches, kinds, day);
  const parts = asked.map((request) => ({ part: draw.take(request), ifThere: request.ifThere ?? false }));
  return draw.drawn(parts.flatMap(({ part, ifThere }) => (ifThere && part.drawn.length === 0 ? [] : [part])));
}

/**
 * A pour taken back: what it drew stands in its bottles and batches again.
 *
 * @returns bottles and batches that change; those that are gone since are passed over.
 */
export function givenBack(
  pour: Pick<Pour, 'parts' | 'on'>,
  bottles: readonly Bottle[],
  batches: readonly BatchLeft[],
): Omit<DrawnFrom, 'parts'> {
  const now = new Map(bottles.map((b) => [b.id, b]));
  const left = new Map<string, number>();
  const changed = new Set<string>();
  for (const { from, id, ml, pieces, emptied, opened } of pour.parts.flatMap((p) => p.drawn)) {
    if (from === 'batch') {
      const batch = batches.find((b) => b.id === id);
      if (batch) left.set(id, hundredth((left.get(id) ?? batch.leftMl) + ml));
      continue;
    }
    const bottle = now.get(id);
    if (bottle === undefined) continue;
    const filled =
      bottle.leftMl === null ? null : Math.min(bottle.sizeMl ?? Infinity, hundredth(bottle.leftMl + ml));
    // It was sealed before, and nothing else came out of it.
    const isSealed = opened && filled !== null && filled === bottle.sizeMl;
    now.set(id, {
      ...bottle,
      leftMl: filled,
      openedOn: isSealed ? null : bottle.openedOn,
      ...withPieces(bottle, pieces, pour.on),
      finishedOn: emptied ? null : bottle.finishedOn,
    });
    changed.add(id);
  }
  return { bottles: [...changed].flatMap((id) => now.get(id) ?? []), batches: left };
}

/** So many pieces more: what is a part of one was cut when it was poured, where nobody says otherwise. */
function withPieces({ pieces, cutOn }: Bottle, more: number, on: string): Pick<Bottle, 'pieces' | 'cutOn'> {
  if (pieces === null) return { pieces, cutOn };
  const all = pieces + more;
  return { pieces: all, cutOn: Number.isInteger(all) ? null : (cutOn ?? on) };
}

/** The later of two days. */
function later(day: string, other: string | null): string {
  return other !== null && other > day ? other : day;
}

import { setImmediate } from 'node:timers/promises';
import type { EntityManager } from 'typeorm';
import { isOnly, KEPT, ONLY_ID, readKept, type Kept, type KeptEntry, type SetAside } from '@uisce/core/kept';
import type { KeptRow } from '../storage/entities.js';
import { entryOf, parsed, rowsInPieces, type WrittenRow } from './rows.js';

/** A stored thing, read; of one that this version cannot read, why. */
type Read = { entry: KeptEntry } | { unread: Omit<KeptEntry, 'value'>; faults: SetAside['faults'] };

/** The things of one kind, in the order in which they came. */
interface KindOfThing {
  things: Map<string, Read>;
  /** How often things of this kind were written by this process, which alone writes them. */
  stamp: number;
  /** Those that can be read, gathered when first asked for. */
  list?: KeptEntry[];
}

/**
 * All that is kept, as it was when a change was last on the disk. Readers see it at once, always whole, and never what a
 * transaction has only begun.
 */
export class StoreSnapshot {
  private readonly kinds = new Map<string, KindOfThing>(
    KEPT.map((kept) => [kept.name, { things: new Map(), stamp: 0 }]),
  );

  private kind(kept: Pick<Kept, 'name'>): KindOfThing {
    const kind = this.kinds.get(kept.name);
    if (kind === undefined) throw new Error(`nothing is kept under the name "${kept.name}"`);
    return kind;
  }

  private changed(kind: KindOfThing): void {
    kind.stamp += 1;
    delete kind.list;
  }

  /**
   * Read all of it anew; what was there is shown until all of it is read.
   *
   * @param giveWay between pieces that take a blink, so that nobody waits for a long log.
   */
  async load(manager: EntityManager, giveWay: boolean): Promise<void> {
    const all: [KindOfThing, Map<string, Read>][] = [];
    for (const kept of KEPT) {
      const things = new Map<string, Read>();
      for await (const rows of rowsInPieces(manager, kept)) {
        for (const row of rows) things.set(row.id, read(kept, row));
        if (giveWay) await setImmediate();
      }
      all.push([this.kind(kept), things]);
    }
    for (const [kind, things] of all) {
      kind.things = things;
      this.changed(kind);
    }
  }

  /** Take over what a change has written. */
  take(written: readonly WrittenRow[]): void {
    for (const { kept, id, row } of written) {
      const kind = this.kind(kept);
      if (row === null) kind.things.delete(id);
      else kind.things.set(id, read(kept, row));
      this.changed(kind);
    }
  }

  /** Tells one state of all things of a kind from another. */
  stampOf(kept: Pick<Kept, 'name'>): number {
    return this.kind(kept).stamp;
  }

  /** Everything of one kind that can be read, the oldest first. */
  list<T>(kept: Kept<T>): KeptEntry<T>[] {
    const kind = this.kind(kept);
    kind.list ??= [...kind.things.values()].flatMap((r) => ('entry' in r ? [r.entry] : []));
    return [...kind.list] as KeptEntry<T>[];
  }

  /** One thing; the empty value where the only one of its kind is not stored or cannot be read, else undefined. */
  get<T>(kept: Kept<T>, id: string): KeptEntry<T> | undefined {
    const found = this.kind(kept).things.get(id);
    if (found && 'entry' in found) return found.entry as KeptEntry<T>;
    if (!isOnly(kept) || id !== ONLY_ID || kept.empty === undefined) return undefined;
    return { ...(found?.unread ?? { thing: kept.name, id, version: null }), value: kept.empty() };
  }

  /** Stored things that this version cannot read. They stay as they are. */
  setAside(): SetAside[] {
    return KEPT.flatMap((kept) =>
      [...this.kind(kept).things].flatMap(([id, r]) =>
        'faults' in r ? [{ thing: kept.name, id, noun: kept.noun, faults: r.faults }] : [],
      ),
    );
  }
}

function read(kept: Kept, row: KeptRow): Read {
  const reading = readKept(kept, parsed(row.value));
  const unread = entryOf(kept, row);
  return reading.ok ? { entry: { ...unread, value: reading.value } } : { unread, faults: reading.faults };
}

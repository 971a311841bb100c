import { randomUUID } from 'node:crypto';
import { dequal } from 'dequal';
import type { EntityManager } from 'typeorm';
import {
  keptNamed,
  type ChangeWrite,
  type HistoryState,
  type HistoryStep,
  type Kept,
  type KeptEntry,
  type SetAside,
} from '@uisce/core/kept';
import type { Database } from '../storage/database.js';
import { entityOf, type KeptRow } from '../storage/entities.js';
import { Changes } from './changes.js';
import { GroupedWrites } from './grouped-writes.js';
import { CannotUndo, parsed, partsOf, putThings, readBack, type Put, type WrittenRow } from './rows.js';
import { StoreSnapshot } from './snapshot.js';

export { CannotUndo };

/** Who makes a change: a page, by a name that people recognise. */
export interface Author {
  page: string;
  name: string;
}

/** What a change left behind. */
export interface AppliedChange {
  label: string;
  entries: KeptEntry[];
}

/** Somebody else wrote a thing since it was seen: the things as they are now. */
export class VersionMismatch extends Error {
  constructor(readonly entries: KeptEntry[]) {
    super('somebody else was first');
  }
}

/** A change that is to be written, or what makes it in its turn; and by whom. */
interface Asked {
  asked: ChangeWrite | (() => ChangeWrite);
  by: Author;
}
/** What a change has written. */
interface Written {
  change: ChangeWrite;
  rows: WrittenRow[];
  isUndoable: boolean;
}
type Write = ChangeWrite['writes'][number];
/** A write, the descriptor of what it writes, and the row that is there. */
interface Found {
  write: Write;
  kept: Kept;
  row: KeptRow | null;
}

const known = (thing: string): Kept => {
  const kept = keptNamed(thing);
  if (kept === undefined) throw new Error(`nothing is kept under the name "${thing}"`);
  return kept;
};

/** Whoever tells what is kept: the store, or what was taken of it to be looked at elsewhere. */
export type KeptReader = Pick<KeptStore, 'list' | 'get' | 'stampOf'>;

/**
 * The one way anything is read and written. A change touches one thing or several, in one transaction, together with what they
 * were before: so each can be undone and redone, and survives a restart. What is read is what was last acknowledged.
 */
export class KeptStore {
  private readonly snapshot = new StoreSnapshot();
  private state: HistoryState = { undo: null, redo: null };

  private readonly writes: GroupedWrites<Asked, Written, Written & { applied: AppliedChange }>;

  private constructor(
    private readonly db: Database,
    private readonly onApplied: (applied: AppliedChange, by: Author) => void,
  ) {
    this.writes = new GroupedWrites(db, {
      write: (manager, { asked, by }) =>
        this.write(manager, typeof asked === 'function' ? asked() : asked, by),
      take: (written) => {
        this.snapshot.take(written.rows);
        const { change } = written;
        const entries = change.writes.map(({ thing, id }) => this.now(known(thing), id));
        return { ...written, applied: { label: change.change, entries } };
      },
      // Nobody sees what was taken back meanwhile.
      forget: () => this.reload(false),
      kept: ({ by }, { change, rows, isUndoable, applied }) => {
        if (isUndoable) this.state = { undo: change.change, redo: null };
        if (rows.length > 0) this.onApplied(applied, by);
      },
    });
  }

  /**
   * The store of a database.
   *
   * @param onApplied told of every change, once it is on the disk.
   */
  static async open(
    db: Database,
    onApplied: (applied: AppliedChange, by: Author) => void = () => undefined,
  ): Promise<KeptStore> {
    const store = new KeptStore(db, onApplied);
    await db.inTurn(() => store.reload());
    return store;
  }

  /** Read all of it anew, for whoever has the turn and wrote past the store. */
  async reload(giveWay = true): Promise<void> {
    await this.snapshot.load(this.db.manager, giveWay);
    this.state = await this.nextSteps(this.db.manager);
  }

  /** Tells one state of all things of a kind from another. */
  stampOf(kept: Pick<Kept, 'name'>): number {
    return this.snapshot.stampOf(kept);
  }

  /** Everything of one kind that can be read, the oldest first. */
  list<T>(kept: Kept<T>): KeptEntry<T>[] {
    return this.snapshot.list(kept);
  }

  /** What a page is given at first: the latest of what there is much of, all of everything else. */
  recent<T>(kept: Kept<T>): KeptEntry<T>[] {
    const all = this.list(kept);
    if (kept.recent === undefined || all.length <= kept.recent.most) return all;
    const { by, most } = kept.recent;
    const when = (entry: KeptEntry<T>) => String((entry.value as Record<string, unknown>)[by]);
    const latest = new Set([...all].sort((a, b) => (when(a) < when(b) ? 1 : -1)).slice(0, most));
    return all.filter((entry) => latest.has(entry));
  }

  /** One thing; the empty value where the only one of its kind is not stored yet, else undefined. */
  get<T>(kept: Kept<T>, id: string): KeptEntry<T> | undefined {
    return this.snapshot.get(kept, id);
  }

  /** Stored things that this version cannot read. They stay as they are. */
  setAside(): SetAside[] {
    return this.snapshot.setAside();
  }

  /** What undo and redo would do next. */
  history(): HistoryState {
    return this.state;
  }

  /**
   * Write a change. One that was applied already answers as it did the first time.
   *
   * @param asked the change, or what makes it in its turn, held against all that is there then.
   * @throws VersionMismatch when a thing is not as its writer saw it.
   */
  async apply(asked: ChangeWrite | (() => ChangeWrite), by: Author): Promise<AppliedChange> {
    return (await this.writes.push({ asked, by })).applied;
  }

  /** Fill a household with what is no change that undo would take away: a demo's, or what is brought in. */
  seed(things: readonly Pick<Write, 'thing' | 'id' | 'value'>[]): Promise<void> {
    return this.db.inTurn(async () => {
      const puts = things.map(({ thing, id, value }): Put => ({ kept: known(thing), id, value }));
      const mark = { changedBy: '', changedWhat: '', changedAt: new Date().toISOString() };
      this.snapshot.take(await this.db.transaction((manager) => putThings(manager, puts, mark)));
    });
  }

  /** Bring many things in as one change, which is undone as one. Pages are told by whoever asks for it. */
  bringIn(
    things: readonly Pick<Write, 'thing' | 'id' | 'value'>[],
    label: string,
    by: Author,
  ): Promise<void> {
    return this.db.inTurn(async () => {
      const at = new Date().toISOString();
      const puts = things.map(({ thing, id, value }): Put => ({ kept: known(thing), id, value }));
      const mark = { changedBy: by.name, changedWhat: label, changedAt: at };
      const written = await this.db.transaction(async (manager) => {
        const parts = await partsOf(manager, puts);
        await new Changes(manager).note({ token: randomUUID(), at, label, changedBy: by.name }, parts);
        return putThings(manager, puts, mark);
      });
      this.snapshot.take(written);
      this.state = { undo: label, redo: null };
    });
  }

  /**
   * Take back the last change, or do again what was undone last; null when there is none.
   *
   * @param of a thing that it must have changed; where it has not, something newer stands before it.
   * @throws CannotUndo where it has not, or what stood there can no longer be read.
   */
  step(what: 'undo' | 'redo', by: Author, of?: HistoryStep['of']): Promise<AppliedChange | null> {
    return this.db.inTurn(async () => {
      const done = await this.db.transaction((manager) => this.take(manager, what, by, of));
      if (done === null) return null;
      this.snapshot.take(done.written);
      this.state = await this.nextSteps(this.db.manager);
      const entries = done.written.map(({ kept, id }) => this.now(kept, id));
      const applied = { label: done.label, entries };
      this.onApplied(applied, by);
      return applied;
    });
  }

  private async write(manager: EntityManager, change: ChangeWrite, by: Author): Promise<Written> {
    const changes = new Changes(manager);
    if (await changes.isApplied(change.id)) return { change, rows: [], isUndoable: false };
    const found: Found[] = [];
    for (const write of change.writes) {
      const kept = known(write.thing);
      found.push({
        write,
        kept,
        row: await manager.getRepository(entityOf(kept)).findOneBy({ id: write.id }),
      });
    }
    const stale = found.filter((f) => isStale(f, change));
    if (stale.length > 0) throw new VersionMismatch(stale.map((f) => this.now(f.kept, f.write.id)));

    const at = new Date().toISOString();
    await changes.remember(change.id, at);
    const news = found.filter(({ row, write }) => !dequal(row ? parsed(row.value) : null, write.value));
    const parts = news
      .filter(({ kept }) => kept.undoable)
      .map(({ write, kept, row }) => ({
        thing: kept.name,
        thingId: write.id,
        before: row?.value ?? null,
        after: write.value === null ? null : JSON.stringify(write.value),
      }));
    if (parts.length > 0)
      await changes.note({ token: change.id, at, label: change.change, changedBy: by.name }, parts);
    const puts = news.map(({ kept, write }): Put => ({ kept, id: write.id, value: write.value }));
    const mark = { changedBy: by.name, changedWhat: change.change, changedAt: at };
    return { change, rows: await putThings(manager, puts, mark), isUndoable: parts.length > 0 };
  }

  private async take(
    manager: EntityManager,
    what: 'undo' | 'redo',
    by: Author,
    of: HistoryStep['of'],
  ): Promise<{ label: string; written: WrittenRow[] } | null> {
    const changes = new Changes(manager);
    const change = await changes.next(what);
    if (change === null) return null;
    const parts = await changes.parts(change.id);
    if (of && !parts.some((part) => part.thing === of.thing && part.thingId === of.id))
      throw new CannotUndo(`“${change.label}” came in between: undo that first`);
    const puts = (what === 'undo' ? parts.reverse() : parts).map((part): Put => {
      const kept = keptNamed(part.thing);
      if (kept === undefined) throw new CannotUndo(`nothing is called "${part.thing}" any more`);
      return { kept, id: part.thingId, value: readBack(kept, what === 'undo' ? part.before : part.after) };
    });
    const mark = { changedBy: by.name, changedWhat: change.label, changedAt: new Date().toISOString() };
    const written = await putThings(manager, puts, mark);
    await changes.setUndone(change.id, what === 'undo');
    return { label: change.label, written };
  }

  private async nextSteps(manager: EntityManager): Promise<HistoryState> {
    const changes = new Changes(manager);
    const [undo, redo] = [await changes.next('undo'), await changes.next('redo')];
    return { undo: undo?.label ?? null, redo: redo?.label ?? null };
  }

  /** A thing as it is now; gone, its value is null. */
  private now(kept: Kept, id: string): KeptEntry {
    return this.get(kept, id) ?? { thing: kept.name, id, version: null, value: null };
  }
}

/** A place is written by whoever goes there last; everything else only by who has seen what is there. */
function isStale({ write, kept, row }: Found, change: ChangeWrite): boolean {
  const isHeld = kept.versioned === 'with-others' ? change.writes.length > 1 : kept.versioned;
  if (!isHeld || (row?.version ?? null) === write.version) return false;
  // Two who state the same agree, and who make or remove the same; two who each took 50 ml away do not.
  const isStatement = kept.stated === true || write.version === null || write.value === null;
  return !isStatement || !dequal(row ? parsed(row.value) : null, write.value);
}

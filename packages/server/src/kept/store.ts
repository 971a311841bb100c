import type Sqlite from 'better-sqlite3';
import { dequal } from 'dequal';
import {
  KEPT,
  isOnly,
  keptNamed,
  ONLY_ID,
  readKept,
  type ChangeWrite,
  type HistoryState,
  type HistoryStep,
  type Kept,
  type KeptEntry,
  type SetAside,
} from '@uisce/core/kept';
import { tableOf } from '../storage/entities.js';
import { Changes } from './changes.js';
import { CannotUndo, entryOf, parsed, readBack, type StoredRow } from './rows.js';

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

type Write = ChangeWrite['writes'][number];

/**
 * The one way anything is read and written. A change touches one thing or several, in one immediate
 * transaction of the driver, together with what they were before: so each can be undone and redone, and
 * survives a restart.
 */
export class KeptStore {
  constructor(
    private readonly db: Sqlite.Database,
    private readonly onApplied: (applied: AppliedChange, by: Author) => void = () => undefined,
  ) {
    this.changes = new Changes(db);
  }

  private readonly changes: Changes;
  /** How often things of each kind were written by this process, which alone writes them. */
  private readonly stamps = new Map<string, number>();
  /** What was read of each kind, and at which stamp: a large household is not read anew for every question. */
  private readonly lists = new Map<
    string,
    { stamp: number; entries: KeptEntry[]; rows: Map<string, KeptEntry> }
  >();

  /** Tells one state of all things of a kind from another. */
  stampOf(kept: Pick<Kept, 'name'>): number {
    return this.stamps.get(kept.name) ?? 0;
  }

  /** What was read before holds no longer: all of it was put back as it once was. */
  forgetRead(): void {
    this.lists.clear();
    for (const kept of KEPT) this.stamps.set(kept.name, this.stampOf(kept) + 1);
  }

  /** Everything of one kind that can be read, oldest row first. */
  list<T>(kept: Kept<T>): KeptEntry<T>[] {
    const stamp = this.stampOf(kept);
    const known = this.lists.get(kept.name);
    if (known?.stamp === stamp) return [...known.entries] as KeptEntry<T>[];
    const entries = this.rows(kept).flatMap((row): KeptEntry<T>[] => {
      // A row of the version that was read before is what it was.
      const before = known?.rows.get(row.id);
      return before?.version === row.version ? [before as KeptEntry<T>] : this.read(kept, row);
    });
    // What stands in an open transaction may yet be taken back.
    if (!this.db.inTransaction)
      this.lists.set(kept.name, { stamp, entries, rows: new Map(entries.map((e) => [e.id, e])) });
    return [...entries];
  }

  /** What a page is given at first: the latest of what there is much of, all of everything else. */
  recent<T>(kept: Kept<T>): KeptEntry<T>[] {
    return this.latest(kept).flatMap((row) => this.read(kept, row));
  }

  private read<T>(kept: Kept<T>, row: StoredRow): KeptEntry<T>[] {
    const read = readKept(kept, parsed(row.value));
    return read.ok ? [{ ...entryOf(kept, row), value: read.value }] : [];
  }

  /** One thing; the empty value where the only one of its kind is not stored yet, else undefined. */
  get<T>(kept: Kept<T>, id: string): KeptEntry<T> | undefined {
    const row = this.row(kept, id);
    const read = row && readKept(kept, parsed(row.value));
    if (row && read?.ok) return { ...entryOf(kept, row), value: read.value };
    if (!isOnly(kept) || id !== ONLY_ID || kept.empty === undefined) return undefined;
    return { ...(row ? entryOf(kept, row) : { thing: kept.name, id, version: null }), value: kept.empty() };
  }

  /** Stored things that this version cannot read. They stay as they are. */
  setAside(): SetAside[] {
    return KEPT.flatMap((kept) =>
      this.latest(kept).flatMap((row) => {
        const read = readKept(kept, parsed(row.value));
        return read.ok ? [] : [{ thing: kept.name, id: row.id, noun: kept.noun, faults: read.faults }];
      }),
    );
  }

  /**
   * Write a change. One that was applied already answers as it did the first time.
   *
   * @throws VersionMismatch when a thing is not as its writer saw it.
   */
  apply(change: ChangeWrite, by: Author): AppliedChange {
    this.settle();
    const { entries, written } = this.db
      .transaction(() => {
        const things = change.writes.map((write) => ({ write, kept: keptNamed(write.thing) as Kept }));
        if (this.changes.isApplied(change.id))
          return { entries: things.map(({ write, kept }) => this.now(kept, write.id)), written: false };
        const others = things.filter(({ write, kept }) => this.isStale(kept, write));
        if (others.length > 0)
          throw new VersionMismatch(others.map(({ write, kept }) => this.now(kept, write.id)));
        return this.write(change, things, by);
      })
      .immediate();
    const applied = { label: change.change, entries };
    if (written) this.onApplied(applied, by);
    return applied;
  }

  /** Fill an empty household: what a demo begins with is no change that undo would take away. */
  seed(writes: readonly Write[]): void {
    const at = new Date().toISOString();
    this.db
      .transaction(() => {
        for (const { thing, id, value } of writes)
          this.put(keptNamed(thing) as Kept, id, value, '', { page: '', name: '' }, at);
      })
      .immediate();
  }

  /**
   * Take back the last change; null when there is none.
   *
   * @param of a thing that it must have changed; where it has not, something newer stands before it.
   */
  undo(by: Author, of?: HistoryStep['of']): AppliedChange | null {
    return this.step('DESC', 0, 'before', by, of);
  }

  /** Do again what was undone last. */
  redo(by: Author, of?: HistoryStep['of']): AppliedChange | null {
    return this.step('ASC', 1, 'after', by, of);
  }

  /** What undo and redo would do next. */
  history(): HistoryState {
    const { changes } = this;
    return { undo: changes.next('DESC', 0)?.label ?? null, redo: changes.next('ASC', 1)?.label ?? null };
  }

  private write(
    change: ChangeWrite,
    things: { write: Write; kept: Kept }[],
    by: Author,
  ): { entries: KeptEntry[]; written: boolean } {
    const at = new Date().toISOString();
    const news = things.filter(({ write, kept }) => {
      const before = this.row(kept, write.id);
      return !dequal(before ? parsed(before.value) : null, write.value);
    });
    const undoable = news.filter(({ kept }) => kept.undoable);
    if (undoable.length > 0) {
      const parts = undoable.map(({ write, kept }) => ({
        thing: kept.name,
        thing_id: write.id,
        before: this.row(kept, write.id)?.value ?? null,
        after: write.value === null ? null : JSON.stringify(write.value),
      }));
      this.changes.note(change.id, at, change.change, by.name, parts);
    }
    for (const { write, kept } of news) this.put(kept, write.id, write.value, change.change, by, at);
    return {
      entries: things.map(({ write, kept }) => this.now(kept, write.id)),
      written: news.length > 0,
    };
  }

  private step(
    order: 'ASC' | 'DESC',
    undone: 0 | 1,
    side: 'before' | 'after',
    by: Author,
    of: HistoryStep['of'],
  ): AppliedChange | null {
    const applied = this.db
      .transaction((): AppliedChange | null => {
        const change = this.changes.next(order, undone);
        if (change === undefined) return null;
        const parts = this.changes.parts(change.id);
        if (of && !parts.some((part) => part.thing === of.thing && part.thing_id === of.id))
          throw new CannotUndo(`“${change.label}” came in between: take that back first`);
        const at = new Date().toISOString();
        const entries = (side === 'before' ? parts.reverse() : parts).map((part) => {
          const kept = keptNamed(part.thing);
          if (kept === undefined) throw new CannotUndo(`nothing is called "${part.thing}" any more`);
          this.put(kept, part.thing_id, readBack(kept, part[side]), change.label, by, at);
          return this.now(kept, part.thing_id);
        });
        this.changes.setUndone(change.id, undone === 0 ? 1 : 0);
        return { label: change.label, entries };
      })
      .immediate();
    if (applied) this.onApplied(applied, by);
    return applied;
  }

  /** A transaction that a failure left open (a full disk) would swallow every later write: end it first. */
  private settle(): void {
    if (this.db.inTransaction) this.db.exec('ROLLBACK');
  }

  /** A place is written by whoever goes there last; everything else only by who has seen what is there. */
  private isStale(kept: Kept, { id, version, value }: Write): boolean {
    if (!kept.undoable) return false;
    const row = this.row(kept, id);
    if ((row?.version ?? null) === version) return false;
    // Two that write the same agree.
    return !dequal(row ? parsed(row.value) : null, value);
  }

  private put(kept: Kept, id: string, value: unknown, what: string, by: Author, at: string): void {
    const table = tableOf(kept);
    this.stamps.set(kept.name, this.stampOf(kept) + 1);
    if (value === null) {
      this.db.prepare(`DELETE FROM ${table} WHERE id = ?`).run(id);
      return;
    }
    const { version } = this.db.prepare('UPDATE clock SET version = version + 1 RETURNING version').get() as {
      version: number;
    };
    this.db
      .prepare(
        `INSERT INTO ${table} VALUES (?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO UPDATE SET
           value = excluded.value, version = excluded.version, changed_by = excluded.changed_by,
           changed_what = excluded.changed_what, changed_at = excluded.changed_at`,
      )
      .run(id, JSON.stringify(value), version, by.name, what, at);
  }

  /** A thing as it is now; gone, its value is null. */
  private now(kept: Kept, id: string): KeptEntry {
    return this.get(kept, id) ?? { thing: kept.name, id, version: null, value: null };
  }

  private row(kept: Pick<Kept, 'name'>, id: string): StoredRow | undefined {
    return this.db.prepare(`SELECT * FROM ${tableOf(kept)} WHERE id = ?`).get(id) as StoredRow | undefined;
  }

  /** Rows that a page is given. */
  private latest(kept: Pick<Kept, 'name' | 'recent'>): StoredRow[] {
    if (kept.recent === undefined) return this.rows(kept);
    const { by, most } = kept.recent;
    const table = tableOf(kept);
    return this.db
      .prepare(
        `SELECT * FROM ${table} WHERE id IN (
           SELECT id FROM ${table} ORDER BY json_extract(value, '$.${by}') DESC LIMIT ?) ORDER BY rowid`,
      )
      .all(most) as StoredRow[];
  }

  private rows(kept: Pick<Kept, 'name'>): StoredRow[] {
    return this.db.prepare(`SELECT * FROM ${tableOf(kept)} ORDER BY rowid`).all() as StoredRow[];
  }
}

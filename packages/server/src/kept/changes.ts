import type Sqlite from 'better-sqlite3';

/** Changes kept for undo; older ones are forgotten. */
const MAX_CHANGES = 500;

/** A change that can be undone or redone. */
interface ChangeRow {
  id: number;
  label: string;
}

/** One thing of a change: what it was before and after, as stored; null where there was none. */
export interface ChangePart {
  thing: string;
  thing_id: string;
  before: string | null;
  after: string | null;
}

/** What was changed, in what order, and which of it is undone. Used within a transaction of the store. */
export class Changes {
  constructor(private readonly db: Sqlite.Database) {}

  /** The next to undo (`DESC`, 0) or to redo (`ASC`, 1). */
  next(order: 'ASC' | 'DESC', undone: 0 | 1): ChangeRow | undefined {
    return this.db
      .prepare(`SELECT id, label FROM change WHERE undone = ? ORDER BY id ${order} LIMIT 1`)
      .get(undone) as ChangeRow | undefined;
  }

  isApplied(token: string): boolean {
    return this.db.prepare('SELECT 1 FROM change WHERE token = ?').get(token) !== undefined;
  }

  /** Note a new change: what was undone before it can be redone no more. */
  note(token: string, at: string, label: string, by: string, parts: readonly ChangePart[]): void {
    this.db.prepare('DELETE FROM change WHERE undone = 1').run();
    const { lastInsertRowid } = this.db
      .prepare('INSERT INTO change (token, at, label, changed_by) VALUES (?, ?, ?, ?)')
      .run(token, at, label, by);
    const part = this.db.prepare('INSERT INTO change_part VALUES (?, ?, ?, ?, ?, ?)');
    parts.forEach(({ thing, thing_id, before, after }, place) =>
      part.run(lastInsertRowid, place, thing, thing_id, before, after),
    );
    this.db.prepare('DELETE FROM change WHERE id <= ?').run(Number(lastInsertRowid) - MAX_CHANGES);
  }

  parts(id: number): ChangePart[] {
    return this.db
      .prepare('SELECT thing, thing_id, before, after FROM change_part WHERE change_id = ? ORDER BY place')
      .all(id) as ChangePart[];
  }

  setUndone(id: number, undone: 0 | 1): void {
    this.db.prepare('UPDATE change SET undone = ? WHERE id = ?').run(undone, id);
  }
}

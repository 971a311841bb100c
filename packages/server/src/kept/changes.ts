import { subDays } from 'date-fns';
import { LessThan, LessThanOrEqual, type EntityManager, type Repository } from 'typeorm';
import {
  appliedEntity,
  changeEntity,
  changePartEntity,
  type AppliedRow,
  type ChangePart,
  type ChangeRow,
} from '../storage/entities.js';

/** Changes kept for undo; older ones are forgotten. */
const MAX_CHANGES = 500;
/** Days for which a page that is away may keep a change whose answer it did not hear, and send it again. */
const SENT_AGAIN_DAYS = 30;

/** A new change, without the number that it is given. */
export type NewChange = Omit<ChangeRow, 'id' | 'undone'>;
/** One thing of it, without its place. */
export type NewPart = Omit<ChangePart, 'changeId' | 'place'>;
/** Rows that go in at once: SQLite takes so many values in one statement. */
const ROWS_A_STATEMENT = 500;

/** What was changed, in what order, and which of it is undone: all of it within a transaction of the store. */
export class Changes {
  private readonly changes: Repository<ChangeRow>;
  private readonly changeParts: Repository<ChangePart>;
  private readonly applied: Repository<AppliedRow>;

  constructor(manager: EntityManager) {
    this.changes = manager.getRepository(changeEntity);
    this.changeParts = manager.getRepository(changePartEntity);
    this.applied = manager.getRepository(appliedEntity);
  }

  /** The next to undo, the last of those done; or the next to redo, the first of those undone. */
  next(what: 'undo' | 'redo'): Promise<ChangeRow | null> {
    const [undone, order] = what === 'undo' ? [0, 'DESC' as const] : [1, 'ASC' as const];
    return this.changes.findOne({ where: { undone }, order: { id: order } });
  }

  /** Whether a change was applied within the last month, whatever became of what it wrote. */
  isApplied(token: string): Promise<boolean> {
    return this.applied.existsBy({ token });
  }

  /** Remember that a change was applied, undoable or not; what is too old to be sent again is forgotten. */
  async remember(token: string, at: string): Promise<void> {
    await this.applied.insert({ token, at });
    await this.applied.delete({ at: LessThan(subDays(at, SENT_AGAIN_DAYS).toISOString()) });
  }

  /** Note a new change: what was undone before it can be redone no more. */
  async note(change: NewChange, parts: readonly NewPart[]): Promise<void> {
    await this.changes.delete({ undone: 1 });
    const { identifiers } = await this.changes.insert({ ...change, undone: 0 });
    const { id } = identifiers[0] as Pick<ChangeRow, 'id'>;
    const rows = parts.map((part, place) => ({ ...part, changeId: id, place }));
    for (let i = 0; i < rows.length; i += ROWS_A_STATEMENT)
      await this.changeParts.insert(rows.slice(i, i + ROWS_A_STATEMENT));
    await this.changes.delete({ id: LessThanOrEqual(id - MAX_CHANGES) });
  }

  /** What a change touched, in the order in which it was written. */
  parts(id: number): Promise<ChangePart[]> {
    return this.changeParts.find({ where: { changeId: id }, order: { place: 'ASC' } });
  }

  async setUndone(id: number, is: boolean): Promise<void> {
    await this.changes.update({ id }, { undone: is ? 1 : 0 });
  }

  /** Nothing can be undone any more. */
  async forget(): Promise<void> {
    await this.changeParts.deleteAll();
    await this.changes.deleteAll();
  }
}

import { LessThanOrEqual, type EntityManager } from 'typeorm';
import { changeEntity, changePartEntity, type ChangePart, type ChangeRow } from '../storage/entities.js';

/** Changes kept for undo; older ones are forgotten. */
const MAX_CHANGES = 500;

/** A new change, without the number that it is given. */
export type NewChange = Omit<ChangeRow, 'id' | 'undone'>;

/** What was changed, in what order, and which of it is undone: all of it within a transaction of the store. */
export class Changes {
  constructor(private readonly manager: EntityManager) {}

  /** The next to undo, the last of those done; or the next to redo, the first of those undone. */
  next(what: 'undo' | 'redo'): Promise<ChangeRow | null> {
    const [undone, order] = what === 'undo' ? [0, 'DESC' as const] : [1, 'ASC' as const];
    return this.manager.findOne(changeEntity, { where: { undone }, order: { id: order } });
  }

  isApplied(token: string): Promise<boolean> {
    return this.manager.existsBy(changeEntity, { token });
  }

  /** Note a new change: what was undone before it can be redone no more. */
  async note(change: NewChange, parts: readonly Omit<ChangePart, 'changeId' | 'place'>[]): Promise<void> {
    await this.manager.delete(changeEntity, { undone: 1 });
    const { identifiers } = await this.manager.insert(changeEntity, { ...change, undone: 0 });
    const { id } = identifiers[0] as Pick<ChangeRow, 'id'>;
    const rows = parts.map((part, place) => ({ ...part, changeId: id, place }));
    await this.manager.insert(changePartEntity, rows);
    await this.manager.delete(changeEntity, { id: LessThanOrEqual(id - MAX_CHANGES) });
  }

  /** What a change touched, in the order in which it was written. */
  parts(id: number): Promise<ChangePart[]> {
    return this.manager.find(changePartEntity, { where: { changeId: id }, order: { place: 'ASC' } });
  }

  async setUndone(id: number, is: boolean): Promise<void> {
    await this.manager.update(changeEntity, { id }, { undone: is ? 1 : 0 });
  }

  /** Nothing can be undone any more. */
  async forget(): Promise<void> {
    await this.manager.deleteAll(changePartEntity);
    await this.manager.deleteAll(changeEntity);
  }
}

import type { DataSource, EntityManager, EntitySchema } from 'typeorm';
import type { HistoryState } from '@uisce/core/plan';
import {
  BatchEntity,
  ChangeEntity,
  KitEntity,
  OwnRecipesEntity,
  PlanEntity,
  PriceListEntity,
  SettingsEntity,
  type ChangeRow,
  type Target,
} from '../storage/entities.js';

/** Changes kept for undo; older ones are forgotten. */
const MOST_CHANGES = 500;

const TABLE: Record<Target, EntitySchema<{ id: string }>> = {
  plan: PlanEntity as EntitySchema<{ id: string }>,
  settings: SettingsEntity as EntitySchema<{ id: string }>,
  'price-list': PriceListEntity as EntitySchema<{ id: string }>,
  batch: BatchEntity as EntitySchema<{ id: string }>,
  'own-recipes': OwnRecipesEntity as EntitySchema<{ id: string }>,
  kit: KitEntity as EntitySchema<{ id: string }>,
};

/** The row a change leaves behind; null deletes it. */
export interface Change {
  label: string;
  target: Target;
  targetId: string;
  after: { id: string } | null;
}

/**
 * The one way anything is written: every change stores the row as it was and as it becomes, in one
 * transaction, so that each can be undone, redone, and survives a restart.
 */
export class Changes {
  constructor(private readonly source: DataSource) {}

  /** Write a row and remember how to take it back. What was undone before can no longer be redone. */
  async apply(change: Change): Promise<void> {
    await this.source.transaction(async (manager) => {
      const before = await manager.findOneBy(TABLE[change.target], { id: change.targetId });
      if (JSON.stringify(before) === JSON.stringify(change.after)) return;
      await this.put(manager, change.target, change.targetId, change.after);
      await manager.delete(ChangeEntity, { undone: true });
      const row = await manager.save(ChangeEntity, {
        at: new Date().toISOString(),
        label: change.label,
        target: change.target,
        targetId: change.targetId,
        before,
        after: change.after,
        undone: false,
      });
      await manager
        .createQueryBuilder()
        .delete()
        .from(ChangeEntity)
        .where('id <= :oldest', { oldest: row.id - MOST_CHANGES })
        .execute();
    });
  }

  /** Take back the last change; returns it, or null when there is none. */
  undo(): Promise<ChangeRow | null> {
    return this.step('DESC', false, 'before');
  }

  /** Do again what was undone last. */
  redo(): Promise<ChangeRow | null> {
    return this.step('ASC', true, 'after');
  }

  /** What undo and redo would do next. */
  async state(): Promise<HistoryState> {
    const [undo, redo] = await Promise.all([
      this.next(this.source.manager, 'DESC', false),
      this.next(this.source.manager, 'ASC', true),
    ]);
    return { undo: undo?.label ?? null, redo: redo?.label ?? null };
  }

  private next(manager: EntityManager, order: 'ASC' | 'DESC', undone: boolean): Promise<ChangeRow | null> {
    return manager.findOne(ChangeEntity, { where: { undone }, order: { id: order } });
  }

  private step(order: 'ASC' | 'DESC', undone: boolean, side: 'before' | 'after'): Promise<ChangeRow | null> {
    return this.source.transaction(async (manager) => {
      const change = await this.next(manager, order, undone);
      if (change === null) return null;
      await this.put(manager, change.target, change.targetId, change[side] as { id: string } | null);
      await manager.update(ChangeEntity, { id: change.id }, { undone: !undone });
      return change;
    });
  }

  private async put(
    manager: EntityManager,
    target: Target,
    id: string,
    row: { id: string } | null,
  ): Promise<void> {
    if (row === null) await manager.delete(TABLE[target], { id });
    else await manager.save(TABLE[target], row);
  }
}

import { EntitySchema } from 'typeorm';
import type { HomeMade, PriceList } from '@uisce/core/catalogue';
import type { Settings } from '@uisce/core/household';
import type { Kit } from '@uisce/core/kit';
import type { BatchRecord } from '@uisce/core/making';
import type { Brief } from '@uisce/core/plan';

export interface PlanRow {
  id: string;
  name: string;
  brief: Brief;
  createdAt: string;
  updatedAt: string;
}

export interface SettingsRow {
  /** One household, one row. */
  id: 'household';
  value: Settings;
}

export interface PriceListRow {
  id: string;
  list: PriceList;
}

export interface KitRow {
  /** One household, one kit. */
  id: 'household';
  value: Kit;
}

export interface OwnRecipesRow {
  /** One household, one list. */
  id: 'household';
  value: HomeMade[];
}

export interface BatchRow {
  id: string;
  value: BatchRecord;
}

/** What kinds of thing a change may touch. */
export type Target = 'plan' | 'settings' | 'price-list' | 'kit' | 'batch' | 'own-recipes';

/** One change, with the whole row before and after it, so that it can be undone and redone. */
export interface ChangeRow {
  id: number;
  at: string;
  label: string;
  target: Target;
  targetId: string;
  before: unknown;
  after: unknown;
  undone: boolean;
}

export const PlanEntity = new EntitySchema<PlanRow>({
  name: 'Plan',
  tableName: 'plan',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    brief: { type: 'simple-json' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
  },
});

export const SettingsEntity = new EntitySchema<SettingsRow>({
  name: 'Settings',
  tableName: 'settings',
  columns: { id: { type: 'text', primary: true }, value: { type: 'simple-json' } },
});

export const PriceListEntity = new EntitySchema<PriceListRow>({
  name: 'PriceList',
  tableName: 'price_list',
  columns: { id: { type: 'text', primary: true }, list: { type: 'simple-json' } },
});

export const KitEntity = new EntitySchema<KitRow>({
  name: 'Kit',
  tableName: 'kit',
  columns: { id: { type: 'text', primary: true }, value: { type: 'simple-json' } },
});

export const BatchEntity = new EntitySchema<BatchRow>({
  name: 'Batch',
  tableName: 'batch',
  columns: { id: { type: 'text', primary: true }, value: { type: 'simple-json' } },
});

export const OwnRecipesEntity = new EntitySchema<OwnRecipesRow>({
  name: 'OwnRecipes',
  tableName: 'own_recipes',
  columns: { id: { type: 'text', primary: true }, value: { type: 'simple-json' } },
});

export const ChangeEntity = new EntitySchema<ChangeRow>({
  name: 'Change',
  tableName: 'change',
  columns: {
    id: { type: 'integer', primary: true, generated: 'increment' },
    at: { type: 'text' },
    label: { type: 'text' },
    target: { type: 'text' },
    targetId: { type: 'text', name: 'target_id' },
    before: { type: 'simple-json', nullable: true },
    after: { type: 'simple-json', nullable: true },
    undone: { type: 'boolean' },
  },
});

export const ENTITIES = [
  PlanEntity,
  SettingsEntity,
  PriceListEntity,
  KitEntity,
  BatchEntity,
  OwnRecipesEntity,
  ChangeEntity,
];

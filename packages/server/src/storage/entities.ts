import { EntitySchema } from 'typeorm';
import { KEPT, type Kept } from '@uisce/core/kept';

/** A stored thing as its row: kept whole, with its version and who wrote it last. */
export interface KeptRow {
  id: string;
  value: string;
  version: number;
  changedBy: string;
  changedWhat: string;
  changedAt: string;
}

/** The table of a stored thing. */
export function tableOf(kept: Pick<Kept, 'name'>): string {
  return kept.name.replaceAll('-', '_');
}

/** One table for each stored thing, made from its descriptor. */
export const KEPT_ENTITIES = new Map(
  KEPT.map((kept) => [
    kept.name,
    new EntitySchema<KeptRow>({
      name: kept.name,
      tableName: tableOf(kept),
      columns: {
        id: { type: 'text', primary: true },
        value: { type: 'text' },
        version: { type: 'integer' },
        changedBy: { type: 'text', name: 'changed_by' },
        changedWhat: { type: 'text', name: 'changed_what' },
        changedAt: { type: 'text', name: 'changed_at' },
      },
    }),
  ]),
);

import { EntitySchema } from 'typeorm';
import { KEPT, type Kept } from '@uisce/core/kept';

/** A stored thing as its row: kept whole as JSON, with its version and who wrote it last. */
export interface KeptRow {
  id: string;
  value: string;
  version: number;
  changedBy: string;
  changedWhat: string;
  changedAt: string;
}

/** A change that can be undone or redone. */
export interface ChangeRow {
  id: number;
  /** Its writer's own id. */
  token: string;
  at: string;
  label: string;
  changedBy: string;
  undone: number;
}

/** That a change was applied, by its writer's own id, and when. */
export interface AppliedRow {
  token: string;
  at: string;
}

/** One thing of a change: what it was before and after, as stored; null where there was none. */
export interface ChangePart {
  changeId: number;
  place: number;
  thing: string;
  thingId: string;
  before: string | null;
  after: string | null;
}

/** The clock of versions: one row. */
export interface ClockRow {
  id: number;
  version: number;
}

/** A device that is signed in: of its token only a hash is kept. */
export interface Session {
  id: string;
  tokenHash: string;
  /** What the browser says of itself. */
  device: string;
  since: string;
  seen: string;
}

/** One table for each stored thing, made from its descriptor. */
const KEPT_ENTITIES = new Map(
  KEPT.map((kept) => [
    kept.name,
    new EntitySchema<KeptRow>({
      name: kept.name,
      tableName: kept.name.replaceAll('-', '_'),
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

/** The entity of a stored thing. */
export function entityOf(kept: Pick<Kept, 'name'>): EntitySchema<KeptRow> {
  const entity = KEPT_ENTITIES.get(kept.name);
  if (entity === undefined) throw new Error(`nothing is kept under the name "${kept.name}"`);
  return entity;
}

export const changeEntity = new EntitySchema<ChangeRow>({
  name: 'change',
  columns: {
    id: { type: 'integer', primary: true, generated: 'increment' },
    token: { type: 'text', unique: true },
    at: { type: 'text' },
    label: { type: 'text' },
    changedBy: { type: 'text', name: 'changed_by' },
    undone: { type: 'integer', default: 0 },
  },
});

/** Goes with its change, by a foreign key in the database. */
export const changePartEntity = new EntitySchema<ChangePart>({
  name: 'change_part',
  columns: {
    changeId: { type: 'integer', name: 'change_id', primary: true },
    place: { type: 'integer', primary: true },
    thing: { type: 'text' },
    thingId: { type: 'text', name: 'thing_id' },
    before: { type: 'text', nullable: true },
    after: { type: 'text', nullable: true },
  },
});

export const appliedEntity = new EntitySchema<AppliedRow>({
  name: 'applied',
  columns: { token: { type: 'text', primary: true }, at: { type: 'text' } },
});

export const clockEntity = new EntitySchema<ClockRow>({
  name: 'clock',
  columns: { id: { type: 'integer', primary: true }, version: { type: 'integer' } },
});

export const sessionEntity = new EntitySchema<Session>({
  name: 'session',
  columns: {
    id: { type: 'text', primary: true },
    tokenHash: { type: 'text', name: 'token_hash' },
    device: { type: 'text' },
    since: { type: 'text' },
    seen: { type: 'text' },
  },
});

/** Every table but TypeORM's own of migrations. */
export const ENTITIES = [
  ...KEPT_ENTITIES.values(),
  changeEntity,
  changePartEntity,
  appliedEntity,
  clockEntity,
  sessionEntity,
];

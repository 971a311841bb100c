import type { EntityManager } from 'typeorm';
import type { Fault } from '@uisce/core/base';
import { readKept, type Kept, type KeptEntry } from '@uisce/core/kept';
import type { NewPart } from './changes.js';
import { clockEntity, entityOf, type KeptRow } from '../storage/entities.js';

/** Rows written by one statement: SQLite takes so many values in one. */
const ROWS_A_STATEMENT = 500;

/** What stood before a change can no longer be read, so the change cannot be taken back. */
export class CannotUndo extends Error {}

/** A thing to be written; null where it goes. */
export interface Put {
  kept: Kept;
  id: string;
  value: unknown;
}

/** What was written of a thing: its row, or none where it is gone. */
export interface WrittenRow {
  kept: Kept;
  id: string;
  row: KeptRow | null;
}

/** Who wrote it, under which words, when. */
export type Mark = Pick<KeptRow, 'changedBy' | 'changedWhat' | 'changedAt'>;

/** Stored text as a value; what is no JSON is no value of ours either, and its schema will say so. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}

export function entryOf(kept: Pick<Kept, 'name'>, row: KeptRow): Omit<KeptEntry, 'value'> {
  const { id, version } = row;
  return { thing: kept.name, id, version, by: row.changedBy, change: row.changedWhat, at: row.changedAt };
}

/** A value from the record of changes, brought up to date. */
export function readBack(kept: Kept, text: string | null): unknown {
  if (text === null) return null;
  const read = readKept(kept, parsed(text));
  if (read.ok) return read.value;
  const why: Fault | undefined = read.faults[0];
  throw new CannotUndo(`the ${kept.noun} as it was cannot be read any more: ${why?.detail ?? ''}`);
}

/** Every row of a kind, in the order in which the things came. */
function rowsOf(manager: EntityManager, kept: Pick<Kept, 'name'>): Promise<KeptRow[]> {
  return manager.getRepository(entityOf(kept)).createQueryBuilder('row').orderBy('row.rowid').getMany();
}

const ROWS_A_PIECE = 500;

/** The same, so many at a time. */
export async function* rowsInPieces(
  manager: EntityManager,
  kept: Pick<Kept, 'name'>,
): AsyncGenerator<KeptRow[]> {
  for (let from = 0; ; from += ROWS_A_PIECE) {
    const all = manager.getRepository(entityOf(kept)).createQueryBuilder('row').orderBy('row.rowid');
    const rows = await all.offset(from).limit(ROWS_A_PIECE).getMany();
    yield rows;
    if (rows.length < ROWS_A_PIECE) return;
  }
}

/** Write things, each under a version of its own. The clock goes on by as many, and never back. */
export async function putThings(
  manager: EntityManager,
  puts: readonly Put[],
  mark: Mark,
): Promise<WrittenRow[]> {
  if (puts.length === 0) return [];
  const before = await tick(manager, puts.length);
  const written = puts.map(({ kept, id, value }, i): WrittenRow => {
    if (value === null) return { kept, id, row: null };
    return { kept, id, row: { id, value: JSON.stringify(value), version: before + i + 1, ...mark } };
  });
  // Of a thing that is written twice, the last holds.
  const last = new Map<Kept, Map<string, KeptRow | null>>();
  for (const { kept, id, row } of written) last.set(kept, (last.get(kept) ?? new Map()).set(id, row));
  for (const [kept, things] of last) {
    const repository = manager.getRepository(entityOf(kept));
    const gone = [...things].flatMap(([id, row]) => (row === null ? [id] : []));
    if (gone.length > 0) await repository.delete(gone);
    const rows = [...things.values()].flatMap((row) => row ?? []);
    for (let i = 0; i < rows.length; i += ROWS_A_STATEMENT)
      await repository.upsert(rows.slice(i, i + ROWS_A_STATEMENT), ['id']);
  }
  return written;
}

/** The clock of versions goes on by so many; what it showed before. */
export async function tick(manager: EntityManager, by: number): Promise<number> {
  const clock = manager.getRepository(clockEntity);
  await clock.increment(THE_CLOCK, 'version', by);
  return (await clock.findOneByOrFail(THE_CLOCK)).version - by;
}
/** There is one. */
const THE_CLOCK = { id: 1 };

/** What many writes make of what is there, for undo: of each kind all is read at once. */
export async function partsOf(manager: EntityManager, puts: readonly Put[]): Promise<NewPart[]> {
  const parts: NewPart[] = [];
  for (const kept of new Set(puts.map((p) => p.kept).filter((k) => k.undoable))) {
    const there = new Map((await rowsOf(manager, kept)).map((row) => [row.id, row.value]));
    for (const { id, value } of puts.filter((p) => p.kept === kept))
      parts.push({
        thing: kept.name,
        thingId: id,
        before: there.get(id) ?? null,
        after: value === null ? null : JSON.stringify(value),
      });
  }
  return parts;
}

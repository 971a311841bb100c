import type { Fault } from '@uisce/core/base';
import { readKept, type Kept, type KeptEntry } from '@uisce/core/kept';

/** What stood before a change can no longer be read, so the change cannot be taken back. */
export class CannotUndo extends Error {}

/** A stored thing as the table has it. */
export interface StoredRow {
  id: string;
  value: string;
  version: number;
  changed_by: string;
  changed_what: string;
  changed_at: string;
}

/** Stored text as a value; what is no JSON is no value of ours either, and its schema will say so. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}

export function entryOf(kept: Pick<Kept, 'name'>, row: StoredRow): Omit<KeptEntry, 'value'> {
  return {
    thing: kept.name,
    id: row.id,
    version: row.version,
    by: row.changed_by,
    change: row.changed_what,
    at: row.changed_at,
  };
}

/** A value from the record of changes, brought up to date. */
export function readBack(kept: Kept, text: string | null): unknown {
  if (text === null) return null;
  const read = readKept(kept, parsed(text));
  if (read.ok) return read.value;
  const why: Fault | undefined = read.faults[0];
  throw new CannotUndo(`the ${kept.noun} as it was cannot be read any more: ${why?.detail ?? ''}`);
}

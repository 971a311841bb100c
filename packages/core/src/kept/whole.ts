import { z } from 'zod';
import { faultsOfZod, MAX_FAULTS, pointerOf, type Fault } from '../base/fault.js';
import { textFaults } from '../base/visible.js';
import type { KeptEntry } from './change.js';
import { isOnly, ONLY_ID, type Kept } from './descriptor.js';
import { readKept } from './read.js';
import { KEPT } from './things.js';

/** The format of a household's whole data; another shape will have another number. */
const WHOLE_FORMAT = 'uisce-household/1';
/** More of one kind than this is no household's. */
const MAX_OF_A_KIND = 200_000;

/** The name of a thing in the file: what it is called where it lives. */
const keyOf = (kept: Pick<Kept, 'name'>) => kept.name;

/** All that a household keeps, as one open file: of each kind of thing the only one, or all there are. */
const wholeFileSchema = z.strictObject({
  format: z.literal(WHOLE_FORMAT),
  things: z.strictObject(
    Object.fromEntries(
      KEPT.map((kept) => [
        keyOf(kept),
        isOnly(kept) ? kept.schema.optional() : z.array(kept.schema).max(MAX_OF_A_KIND).optional(),
      ]),
    ),
  ),
});

/** The published schema of the file (JSON Schema 2020-12). */
export function wholeJsonSchema(): object {
  return {
    ...z.toJSONSchema(wholeFileSchema, { io: 'input', unrepresentable: 'any' }),
    $id: 'urn:uisce:household:1',
    title: 'All that a household keeps in Uisce',
  };
}

/** A thing of a file, as it would be kept. */
export interface WholeThing {
  thing: string;
  id: string;
  value: unknown;
}

/**
 * A household's data as text: the same things give the same text, byte for byte.
 *
 * @param things in the order in which they are kept.
 */
export function wholeFile(things: readonly Pick<KeptEntry, 'thing' | 'id' | 'value'>[]): string {
  const all: Record<string, unknown> = {};
  for (const kept of KEPT) {
    const values = things.filter((t) => t.thing === kept.name).map((t) => t.value);
    if (values.length === 0) continue;
    all[keyOf(kept)] = isOnly(kept) ? values[0] : values;
  }
  return `${JSON.stringify({ format: WHOLE_FORMAT, things: all }, null, 1)}\n`;
}

/** What was read of a file: its things, or what is wrong with it. */
export type WholeReading = { ok: true; things: WholeThing[] } | { ok: false; faults: Fault[] };

const fault = (pointer: string, detail: string): WholeReading => ({
  ok: false,
  faults: [{ code: 'shape', pointer, detail }],
});

/**
 * Read a household's file; things of an older shape are brought up to date. Never throws; stops when there are
 * more faults than anybody reads.
 */
export function readWhole(file: unknown): WholeReading {
  const outer = z.object({ format: z.string(), things: z.record(z.string(), z.unknown()) }).safeParse(file);
  if (!outer.success) return { ok: false, faults: faultsOfZod(outer.error) };
  const { format, things } = outer.data;
  if (format !== WHOLE_FORMAT)
    return fault(
      '/format',
      format.startsWith('uisce-household/')
        ? 'a newer Uisce has written it: start that version'
        : `it is no household's file: its format is not ${WHOLE_FORMAT}`,
    );
  const faults: Fault[] = [];
  const read: WholeThing[] = [];
  for (const [key, value] of Object.entries(things)) {
    if (faults.length >= MAX_FAULTS) break;
    const kept = KEPT.find((k) => keyOf(k) === key);
    const at = ['things', key];
    if (kept === undefined) {
      faults.push({ code: 'unknown', pointer: pointerOf(at), detail: 'not a thing that is kept' });
      continue;
    }
    if (!isOnly(kept) && !Array.isArray(value)) {
      faults.push({ code: 'shape', pointer: pointerOf(at), detail: 'a list is expected' });
      continue;
    }
    const values = isOnly(kept) ? [value] : (value as unknown[]);
    const ids = new Set<string>();
    for (const [i, stored] of values.entries()) {
      if (faults.length >= MAX_FAULTS) break;
      const pointer = pointerOf(isOnly(kept) ? at : [...at, i]);
      const reading = readKept(kept, stored);
      const wrong = reading.ok ? textFaults(reading.value) : reading.faults;
      if (!reading.ok || wrong.length > 0) {
        faults.push(...wrong.map((f) => ({ ...f, pointer: pointer + f.pointer })));
        continue;
      }
      const id = kept.idOf?.(reading.value) ?? ONLY_ID;
      if (ids.has(id)) faults.push({ code: 'twice', pointer, detail: `there are two of "${id}"` });
      ids.add(id);
      read.push({ thing: kept.name, id, value: reading.value });
    }
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, things: read };
}

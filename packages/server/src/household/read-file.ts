import { z } from 'zod';
import { MAX_FAULTS, type Fault } from '@uisce/core/base';
import type { Catalogue, PriceList } from '@uisce/core/catalogue';
import {
  compareWhole,
  isOnly,
  KEPT,
  keptFaults,
  keptNamed,
  readWhole,
  takenOf,
  type Compared,
  type Kept,
  type KeptEntry,
  type WholeThing,
  type World,
} from '@uisce/core/kept';
import { overlong } from '../http/overlong.js';
import { readBody, shapeRefusal, type BodyRefusal } from '../http/read-body.js';
import { Library } from '../kept/library.js';
import type { KeptReader } from '../kept/store.js';
import { worldOf, worldWith } from '../kept/world.js';

/** More values than the pours of a lifetime have. */
const MAX_FILE_VALUES = 4_000_000;

const things = z.array(z.string().max(40)).max(100);
export const compareBody = z.strictObject({ file: z.unknown() });
export const importBody = compareBody.extend({ leave: things.default([]), replace: things.default([]) });

/** A household's file as it was sent, and all that is kept here. */
export interface FileTask {
  what: 'compare' | 'import';
  json: Uint8Array;
  here: KeptEntry[];
}

/** How a file stands to what is here, or what of it is taken; or what is wrong with it. */
export type FileRead =
  { is: 'compared'; compared: Compared } | { is: 'taken'; taken: WholeThing[] } | BodyRefusal;

/** What is kept, as the store would give it. */
function readerOf(here: readonly KeptEntry[]): KeptReader {
  const list = <T>(kept: Kept<T>) => here.filter((e) => e.thing === kept.name) as KeptEntry<T>[];
  return {
    list,
    get: <T>(kept: Kept<T>, id: string) =>
      list(kept).find((e) => e.id === id) ??
      (kept.empty && { thing: kept.name, id, version: null, value: kept.empty() }),
    stampOf: () => 0,
  };
}

/** What speaks against things, in the household as they would leave it; no more than anybody reads. */
function faultsOf(taken: readonly WholeThing[], world: World): Fault[] {
  const there = worldWith(
    world,
    taken.map((t) => ({ ...t, version: null })),
  );
  const faults: Fault[] = [];
  for (const { thing, id, value } of taken) {
    const pointer = `/things/${thing}/${id}`;
    const found = keptFaults(keptNamed(thing) as Kept, id, value, there);
    faults.push(...found.map((f) => ({ ...f, pointer: pointer + f.pointer })));
    if (faults.length >= MAX_FAULTS) break;
  }
  return faults;
}

/** The first list in a thing of a file that is longer than such a thing's may be. */
function overlongIn(file: unknown): Fault | undefined {
  const { things = {} } = (file ?? {}) as { things?: Record<string, unknown> };
  for (const kept of KEPT)
    for (const [i, value] of [things[kept.name] ?? []].flat().entries()) {
      const fault = overlong(kept.schema, value, ['things', kept.name, ...(isOnly(kept) ? [] : [i])]);
      if (fault) return fault;
    }
  return undefined;
}

/** Read a household's file and hold it against what is here. Never throws for what is in the file. */
export function readFile(
  { what, json, here }: FileTask,
  shipped: { catalogue: Catalogue; shops: readonly PriceList[] },
): FileRead {
  const sent = readBody(json, what === 'compare' ? compareBody : importBody, MAX_FILE_VALUES);
  if (sent.is !== 'body') return sent;
  const { body } = sent;
  const long = overlongIn(body.file);
  if (long) return shapeRefusal([long], 'the file');
  const reading = readWhole(body.file);
  if (!reading.ok) return shapeRefusal(reading.faults, 'the file');
  if (what === 'compare') return { is: 'compared', compared: compareWhole(reading.things, here) };
  const taken = takenOf(reading.things, here, body as z.infer<typeof importBody>);
  const reader = readerOf(here);
  const faults = faultsOf(taken, worldOf(reader, new Library(reader, shipped.catalogue), shipped.shops));
  return faults.length === 0
    ? { is: 'taken', taken }
    : { is: 'faults', detail: `it does not go together with what is here: ${faults[0]?.detail}`, faults };
}

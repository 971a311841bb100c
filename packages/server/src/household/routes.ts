import { formatISO } from 'date-fns';
import { z } from 'zod';
import type { Fault } from '@uisce/core/base';
import { backupSchema } from '@uisce/core/household';
import {
  comparedSchema,
  compareWhole,
  KEPT,
  keptFaults,
  keptNamed,
  readWhole,
  takenOf,
  wholeFile,
  wholeJsonSchema,
  type Kept,
  type WholeThing,
  type World,
} from '@uisce/core/kept';
import type { BackupParts } from '../backup/routes.js';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';
import type { LivePages } from '../kept/live.js';
import type { KeptStore } from '../kept/store.js';
import { worldWith } from '../kept/world.js';
import { forgetEverything, forgetPerson } from './forget.js';
import { tablesZip } from './tables.js';

/** What a household's file may weigh. */
const LARGEST = '64mb';
const things = z.array(z.string().max(40)).max(100);
const backups = z.enum(['keep', 'drop']);

/** A file's things, or a problem that names what is wrong with it. */
function read(file: unknown): WholeThing[] {
  const reading = readWhole(file);
  if (!reading.ok) throw HttpProblem.shape(reading.faults, 'the file');
  return reading.things;
}

/** What the routes need beside the API. */
interface HouseholdParts {
  store: KeptStore;
  world: World;
  live: LivePages;
  backup: BackupParts;
}

const hereIn = (store: KeptStore) => KEPT.flatMap((kept) => store.list(kept));
const fileName = (end: string) => `uisce-${formatISO(new Date(), { representation: 'date' })}${end}`;

/** What speaks against things, in the household as they would leave it. */
function faultsOf(taken: readonly WholeThing[], world: World): Fault[] {
  const there = worldWith(
    world,
    taken.map((t) => ({ ...t, version: null })),
  );
  return taken.flatMap(({ thing, id, value }) => {
    const kept = keptNamed(thing) as Kept;
    return keptFaults(kept, id, value, there).map((f) => ({
      ...f,
      pointer: `/things/${thing}/${id}${f.pointer}`,
    }));
  });
}

/** All that is kept, out as one file or as tables. */
function outRoutes(api: Api, { store }: HouseholdParts): void {
  api
    .on(
      { method: 'get', path: '/household.json', summary: 'All that is kept, as one open file' },
      (_req, res) =>
        res
          .type('application/json')
          .attachment(fileName('.json'))
          .send(wholeFile(hereIn(store))),
    )
    .on(
      {
        method: 'get',
        path: '/household.schema.json',
        summary: 'The published schema of that file (JSON Schema)',
      },
      (_req, res) => res.json(wholeJsonSchema()),
    )
    .on(
      { method: 'get', path: '/household.zip', summary: 'All that is kept, as tables: a ZIP of CSV files' },
      (_req, res) =>
        res
          .type('application/zip')
          .attachment(fileName('.zip'))
          .send(Buffer.from(tablesZip(store))),
    );
}

/** A file of a household, compared and brought in. */
function inRoutes(api: Api, { store, world, live, backup }: HouseholdParts): void {
  api
    .on(
      {
        method: 'post',
        path: '/household/compare',
        summary: 'How a file stands to what is kept: new, the same, otherwise; nothing is changed',
        body: z.strictObject({ file: z.unknown() }),
        limit: LARGEST,
        answer: comparedSchema,
      },
      (_req, res, body) => res.json(compareWhole(read(body.file), hereIn(store))),
    )
    .on(
      {
        method: 'post',
        path: '/household/import',
        summary:
          'Bring a file in: what is new, and of the kinds named what is otherwise; all of it or nothing, and a backup first',
        body: z.strictObject({ file: z.unknown(), leave: things.default([]), replace: things.default([]) }),
        limit: LARGEST,
        answer: z.object({ before: backupSchema, taken: z.int() }),
      },
      async (_req, res, body) => {
        const taken = takenOf(read(body.file), hereIn(store), body);
        const faults = faultsOf(taken, world);
        if (faults.length > 0)
          throw HttpProblem.faults(`it does not go together with what is here: ${faults[0]?.detail}`, faults);
        const before = await backup.backups.make(backup.db, 'import');
        await store.seed(taken);
        live.restored();
        res.json({ before, taken: taken.length });
      },
    );
}

/** All of it forgotten, or somebody. */
function forgetRoutes(api: Api, { store, live, backup }: HouseholdParts): void {
  api
    .on(
      {
        method: 'post',
        path: '/household/forget',
        summary: 'Forget everything: every thing, what undo remembers, and if wanted every backup',
        body: z.strictObject({ everything: z.literal(true), backups }),
        status: 204,
      },
      async (_req, res, body) => {
        await forgetEverything(backup.db, store);
        if (body.backups === 'drop') backup.backups.dropAll();
        live.restored();
        res.status(204).end();
      },
    )
    .on(
      {
        method: 'post',
        path: '/people/forget',
        summary: 'Forget somebody by name, in all that is kept and in what undo remembers',
        body: z.strictObject({ name: z.string().trim().min(1).max(60), backups }),
        answer: z.object({ changed: z.int() }),
      },
      async (_req, res, body) => {
        const changed = await forgetPerson(backup.db, store, body.name);
        if (body.backups === 'drop') backup.backups.dropAll();
        live.restored();
        res.json({ changed });
      },
    );
}

/** All that a household keeps: out as one file or as tables, in again, and forgotten. */
export function householdRoutes(api: Api, parts: HouseholdParts): void {
  outRoutes(api, parts);
  inRoutes(api, parts);
  forgetRoutes(api, parts);
}

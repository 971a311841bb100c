import { z } from 'zod';
import { backupSchema } from '@uisce/core/household';
import { comparedSchema, KEPT, wholeFile, wholeJsonSchema } from '@uisce/core/kept';
import type { BackupParts } from '../backup/routes.js';
import type { Api } from '../http/api.js';
import { problemOf } from '../http/read-body.js';
import type { LivePages } from '../kept/live.js';
import type { KeptStore } from '../kept/store.js';
import { houseMoment } from '../kept/house-clock.js';
import { authorOf } from '../kept/writing.js';
import { forgetEverything, forgetPerson } from './forget.js';
import type { ReadFile } from './file-reader.js';
import { compareBody, importBody, type FileRead, type FileTask } from './read-file.js';
import { tablesZip } from './tables.js';

/** What a household's file may weigh. */
const LARGEST = '64mb';
const backups = z.enum(['keep', 'drop']);

/** What was read of a file, or a problem that names what is wrong with it. */
async function read(
  { store, readFile }: HouseholdParts,
  what: FileTask['what'],
  json: Buffer,
): Promise<Extract<FileRead, { is: 'compared' | 'taken' }>> {
  const found = await readFile({ what, json, here: hereIn(store) });
  if (found.is === 'compared' || found.is === 'taken') return found;
  throw problemOf(found);
}

/** What the routes need beside the API. */
interface HouseholdParts {
  store: KeptStore;
  readFile: ReadFile;
  live: LivePages;
  backup: BackupParts;
}

const hereIn = (store: KeptStore) => KEPT.flatMap((kept) => store.list(kept));
const fileName = (store: KeptStore, end: string) => `uisce-${houseMoment(store).day}${end}`;

/** All that is kept, out as one file or as tables. */
function outRoutes(api: Api, { store }: HouseholdParts): void {
  api
    .on(
      { method: 'get', path: '/household.json', summary: 'All that is kept, as one open file' },
      (_req, res) =>
        res
          .type('application/json')
          .attachment(fileName(store, '.json'))
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
          .attachment(fileName(store, '.zip'))
          .send(Buffer.from(tablesZip(store))),
    );
}

/** A file of a household, compared and brought in. */
function inRoutes(api: Api, parts: HouseholdParts): void {
  const { store, live, backup } = parts;
  api
    .on(
      {
        method: 'post',
        path: '/household/compare',
        summary: 'How a file stands to what is kept: new, the same, otherwise; nothing is changed',
        bytes: compareBody,
        limit: LARGEST,
        answer: comparedSchema,
      },
      async (req, res) => {
        const found = await read(parts, 'compare', req.body as Buffer);
        res.json(found.is === 'compared' ? found.compared : []);
      },
    )
    .on(
      {
        method: 'post',
        path: '/household/import',
        summary:
          'Bring a file in: what is new, and of the kinds named what is otherwise; all of it or nothing, and a backup first',
        bytes: importBody,
        limit: LARGEST,
        answer: z.object({ before: backupSchema, taken: z.int() }),
      },
      async (req, res) => {
        const found = await read(parts, 'import', req.body as Buffer);
        const taken = found.is === 'taken' ? found.taken : [];
        const before = await backup.backups.make(backup.db, 'import');
        // One change like any other: undo gives back what stood here before.
        if (taken.length > 0) await store.bringIn(taken, 'Brought a file in', authorOf(req));
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

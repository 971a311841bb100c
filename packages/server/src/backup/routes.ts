import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { backupSchema, type Backup } from '@uisce/core/household';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';
import type { LivePages } from '../kept/live.js';
import type { KeptStore } from '../kept/store.js';
import type { Database } from '../storage/database.js';
import type { Backups } from './backups.js';
import { sentBackup, type BackupSource } from './looked-at.js';
import type { OpenedBackup } from './opened.js';
import { restoreFrom } from './restore.js';
import { sealed } from './seal.js';

/** What a restored household may weigh on its way in, in base64. */
const LARGEST = '128mb';
const MIN_PASSPHRASE = 8;
const passphrase = z.string().min(MIN_PASSPHRASE, 'at least 8 letters').max(200);

/** What the routes need beside the API. */
export interface BackupParts {
  backups: Backups;
  db: Database;
  /** Looks at a backup whole before anything is touched. */
  open: (source: BackupSource) => Promise<OpenedBackup>;
}

const restoredSchema = z.object({
  /** What was there before, itself backed up: restoring it undoes this. */
  before: backupSchema,
  counts: z.record(z.string(), z.number()),
});

function pathOf(backups: Backups, name: string): string {
  const found = backups.path(name);
  if (found === undefined) throw new HttpProblem('not-found', 'there is no such backup');
  return found;
}

/** Restore a file: what is there now is backed up first. */
async function restored(
  { backups, db, open }: BackupParts,
  store: KeptStore,
  live: LivePages,
  source: BackupSource,
): Promise<{ before: Backup; counts: Record<string, number> }> {
  const opened = await open(source);
  try {
    const before = await backups.make(db, 'restore');
    await restoreFrom(db, opened, store);
    live.restored();
    return { before, counts: opened.counts };
  } finally {
    opened.close();
  }
}

/** Backups: made while in use, taken along plain or sealed. */
function makingRoutes(api: Api, { backups, db }: BackupParts): void {
  api
    .on(
      {
        method: 'get',
        path: '/backups',
        summary: 'The backups there are, the newest first',
        answer: z.array(backupSchema),
      },
      (_req, res) => res.json(backups.list()),
    )
    .on(
      {
        method: 'post',
        path: '/backups',
        summary: 'Make a backup now, while in use',
        body: z.strictObject({}),
        status: 201,
        answer: backupSchema,
      },
      async (_req, res) => res.status(201).json(await backups.make(db, 'asked')),
    )
    .on(
      {
        method: 'get',
        path: '/backups/{name}',
        summary: 'A backup as one file (SQLite)',
        problems: ['not-found'],
      },
      (req, res) => {
        const name = String(req.params.name);
        res
          .type('application/vnd.sqlite3')
          .attachment(name)
          .send(readFileSync(pathOf(backups, name)));
      },
    )
    .on(
      {
        method: 'post',
        path: '/backups/{name}/sealed',
        summary: 'A backup sealed with a passphrase (scrypt, AES-256-GCM)',
        body: z.strictObject({ passphrase }),
        problems: ['not-found', 'invalid'],
      },
      (req, res, body) => {
        const name = String(req.params.name);
        const file = sealed(readFileSync(pathOf(backups, name)), body.passphrase);
        res
          .type('application/octet-stream')
          .attachment(name.replace(/\.sqlite$/, '.sealed'))
          .send(file);
      },
    );
}

/** Backups restored, whole or not at all. */
function restoringRoutes(api: Api, parts: BackupParts, store: KeptStore, live: LivePages): void {
  const { backups } = parts;
  api
    .on(
      {
        method: 'post',
        path: '/backups/{name}/restore',
        summary: 'Put a backup in the place of all there is; what was there is backed up first',
        body: z.strictObject({}),
        answer: restoredSchema,
        problems: ['not-found', 'invalid'],
      },
      async (req, res) =>
        res.json(await restored(parts, store, live, { path: pathOf(backups, String(req.params.name)) })),
    )
    .on(
      {
        method: 'post',
        path: '/restore',
        summary: 'The same from a file that is sent, in base64',
        bytes: sentBackup,
        limit: LARGEST,
        answer: restoredSchema,
        problems: ['not-json', 'invalid', 'too-large'],
      },
      async (req, res) => res.json(await restored(parts, store, live, { json: req.body as Buffer })),
    );
}

/** Backups: made while in use, taken along plain or sealed, and restored whole or not at all. */
export function backupRoutes(api: Api, parts: BackupParts, store: KeptStore, live: LivePages): void {
  makingRoutes(api, parts);
  restoringRoutes(api, parts, store, live);
}

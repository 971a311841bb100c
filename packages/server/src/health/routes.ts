import { createRequire } from 'node:module';
import { z } from 'zod';
import type { BackupParts } from '../backup/routes.js';
import type { KeptStore } from '../kept/store.js';
import type { Api } from '../http/api.js';
import { HttpProblem } from '../http/problem.js';

/** The version of this release. */
const VERSION = z
  .object({ version: z.string() })
  .parse(createRequire(import.meta.url)('@uisce/server/package.json')).version;

/** How Uisce is, for whoever runs it and what watches over it. */
const healthSchema = z.object({
  status: z.literal('ok'),
  version: z.string(),
  database: z.object({
    /** The last migration that it has. */
    migration: z.string(),
    bytes: z.int(),
    /** Things that this release cannot read. */
    unreadable: z.int(),
  }),
  /** When the last backup was made. */
  lastBackup: z.iso.datetime().nullable(),
  /** Why the last one was not made; null where it was. */
  backupTrouble: z.string().nullable(),
});

/** `GET /health`: answers when the database does. */
export function healthRoute(api: Api, store: KeptStore, { backups, db }: BackupParts): void {
  api.on(
    {
      method: 'get',
      path: '/health',
      summary: 'Whether the server and its database answer, and how the database is',
      answer: healthSchema,
      problems: ['ill'],
    },
    async (req, res) => {
      try {
        const database = { ...(await db.state()), unreadable: store.setAside().length };
        res.set('cache-control', 'no-store').json({
          status: 'ok',
          version: VERSION,
          database,
          lastBackup: backups.last(new Date())?.at ?? null,
          backupTrouble: backups.trouble,
        });
      } catch (error) {
        req.log.error({ err: error }, 'the database does not answer');
        throw new HttpProblem('ill', 'the database does not answer');
      }
    },
  );
}

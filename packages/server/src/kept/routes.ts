import type { Request } from 'express';
import { z } from 'zod';
import { withArticle, type ProblemName } from '@uisce/core/base';
import {
  KEPT,
  isOnly,
  keptEntrySchema,
  keptFaults,
  keptWriteSchema,
  ONLY_ID,
  type Kept,
  type KeptEntry,
  type World,
} from '@uisce/core/kept';
import type { Api } from '../http/api.js';
import { LARGE_BODY } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import type { KeptStore } from './store.js';
import { worldWith } from './world.js';
import { refuseGone, within, write } from './writing.js';

const WRITE_PROBLEMS: readonly ProblemName[] = ['invalid', 'version-missing', 'version-mismatch'];
const WRITE_HEADERS = {
  'if-match': 'the ETag under which the thing was last seen',
  'if-none-match': '* when it is new',
};

const isMany = (kept: Kept) => !isOnly(kept);
const addressOf = (kept: Kept) => (isOnly(kept) ? `/${kept.path}` : `/${kept.path}/{id}`);
const idIn = (req: Request, kept: Kept) => (isOnly(kept) ? ONLY_ID : String(req.params.id));

/** Read: one, and all of which there are many. */
function readRoutes(api: Api, store: KeptStore, kept: Kept): void {
  if (isMany(kept))
    api.on(
      {
        method: 'get',
        path: `/${kept.path}`,
        summary: `Every ${kept.noun}, each with its version`,
        answer: z.array(entryOf(kept)),
      },
      (_req, res) => res.json(store.list(kept)),
    );
  api.on(
    {
      method: 'get',
      path: addressOf(kept),
      summary: `One ${kept.noun}; its version is the ETag`,
      answer: kept.schema,
      problems: isOnly(kept) ? [] : ['not-found'],
    },
    (req, res) => {
      const entry = store.get(kept, idIn(req, kept));
      if (entry === undefined) throw missing(kept);
      res.set(etag(entry)).json(entry.value);
    },
  );
}

/** Write with a version. */
function writeRoutes(api: Api, store: KeptStore, world: World, kept: Kept): void {
  api.on(
    {
      method: 'put',
      path: addressOf(kept),
      summary: `Keep ${withArticle(kept.noun)}, with words for the undo list`,
      body: keptWriteSchema.extend({ value: kept.schema }),
      limit: LARGE_BODY,
      headers: WRITE_HEADERS,
      answer: entryOf(kept),
      problems: WRITE_PROBLEMS,
    },
    async (req, res, { value, change }) => {
      const id = idIn(req, kept);
      const [entry] = await write(store, req, change, () => {
        const faults = keptFaults(kept, id, value, world);
        if (faults.length > 0)
          throw HttpProblem.faults(
            `the ${kept.noun} does not hold together: ${faults[0]?.detail}`,
            within('/value', faults),
          );
        return { thing: kept.name, id, value, version: versionSeen(req, kept) };
      });
      res.set(etag(entry as KeptEntry)).json(entry);
    },
  );
}

/** Remove one of many. */
function removeRoutes(api: Api, store: KeptStore, world: World, kept: Kept): void {
  api.on(
    {
      method: 'delete',
      path: addressOf(kept),
      summary: `Remove ${withArticle(kept.noun)}`,
      headers: { 'if-match': WRITE_HEADERS['if-match'] },
      status: 204,
      problems: ['not-found', ...WRITE_PROBLEMS],
    },
    async (req, res) => {
      const id = idIn(req, kept);
      const entry = store.get(kept, id);
      if (entry === undefined) throw missing(kept);
      await write(store, req, `Remove ${kept.title?.(entry.value) ?? kept.noun}`, () => {
        const gone = { thing: kept.name, id, value: null };
        refuseGone(kept, id, worldWith(world, [{ ...gone, version: null }]), '');
        return { ...gone, version: versionSeen(req, kept) };
      });
      res.status(204).end();
    },
  );
}

/** Routes of every stored thing, made from its descriptor: read, write with a version, remove. */
export function keptRoutes(api: Api, store: KeptStore, world: World): void {
  for (const kept of KEPT) {
    readRoutes(api, store, kept);
    writeRoutes(api, store, world, kept);
    if (isMany(kept)) removeRoutes(api, store, world, kept);
  }
}

function entryOf(kept: Kept) {
  return keptEntrySchema.extend({ value: kept.schema });
}

function missing(kept: Kept): HttpProblem {
  return new HttpProblem('not-found', `there is no such ${kept.noun}; it may have been removed`);
}

function etag(entry: KeptEntry): Record<string, string> {
  return { etag: `"${entry.version ?? 0}"`, 'cache-control': 'no-cache' };
}

/** The version its writer saw: of `If-Match`, or none of it, by `If-None-Match: *`. */
function versionSeen(req: Request, kept: Kept): number | null {
  const match = /^(?:W\/)?"(\d+)"$/.exec(req.headers['if-match'] ?? '');
  if (match) return Number(match[1]) || null;
  if (req.headers['if-none-match'] === '*' || kept.versioned !== true) return null;
  throw new HttpProblem(
    'version-missing',
    'say which version you saw in If-Match, or If-None-Match: * for what is new',
  );
}

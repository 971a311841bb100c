import { withArticle } from '@uisce/core/base';
import { randomUUID } from 'node:crypto';
import type { Request } from 'express';
import { z } from 'zod';
import type { Fault, ProblemName } from '@uisce/core/base';
import {
  KEPT,
  appliedSchema,
  changeSchema,
  historyStateSchema,
  historyStepSchema,
  isOnly,
  keptEntrySchema,
  keptFaults,
  keptNamed,
  keptSchema,
  keptWriteSchema,
  ONLY_ID,
  readKept,
  setAsideSchema,
  type ChangeWrite,
  type Kept,
  type KeptEntry,
  type World,
} from '@uisce/core/kept';
import type { Api } from '../http/api.js';
import { askerOf } from '../http/asker.js';
import { LARGE_BODY } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import { worldWith } from './world.js';
import type { LivePages } from './live.js';
import { CannotUndo, VersionMismatch, type Author, type KeptStore } from './store.js';

const WRITE_PROBLEMS: readonly ProblemName[] = ['invalid', 'version-missing', 'version-mismatch'];
const WRITE_HEADERS = {
  'if-match': 'the ETag under which the thing was last seen',
  'if-none-match': '* when it is new',
};

/** Routes of every stored thing, made from its descriptor: read, write with a version, remove. */
export function keptRoutes(api: Api, store: KeptStore, world: World): void {
  for (const kept of KEPT) {
    const address = isOnly(kept) ? `/${kept.path}` : `/${kept.path}/{id}`;
    const idOf = (req: Request) => (isOnly(kept) ? ONLY_ID : String(req.params.id));
    if (!isOnly(kept))
      api.on(
        {
          method: 'get',
          path: `/${kept.path}`,
          summary: `Every ${kept.noun}, each with its version`,
          answer: z.array(entryOf(kept)),
        },
        (_req, res) => res.json(store.list(kept)),
      );
    api
      .on(
        {
          method: 'get',
          path: address,
          summary: `One ${kept.noun}; its version is the ETag`,
          answer: kept.schema,
          problems: isOnly(kept) ? [] : ['not-found'],
        },
        (req, res) => {
          const entry = store.get(kept, idOf(req));
          if (entry === undefined) throw missing(kept);
          res.set(etag(entry)).json(entry.value);
        },
      )
      .on(
        {
          method: 'put',
          path: address,
          summary: `Keep ${withArticle(kept.noun)}, with words for the undo list`,
          body: keptWriteSchema.extend({ value: kept.schema }),
          limit: LARGE_BODY,
          headers: WRITE_HEADERS,
          answer: entryOf(kept),
          problems: WRITE_PROBLEMS,
        },
        async (req, res, { value, change }) => {
          const id = idOf(req);
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
    if (isOnly(kept)) continue;
    api.on(
      {
        method: 'delete',
        path: address,
        summary: `Remove ${withArticle(kept.noun)}`,
        headers: { 'if-match': WRITE_HEADERS['if-match'] },
        status: 204,
        problems: ['not-found', ...WRITE_PROBLEMS],
      },
      async (req, res) => {
        const id = idOf(req);
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
}

/** A change of several things, undo and redo, what other pages are told, and what could not be read. */
export function changeRoutes(api: Api, store: KeptStore, world: World, live: LivePages): void {
  api
    .on(
      {
        method: 'post',
        path: '/changes',
        summary: 'Keep several things in one change, undone as one; the same id twice is done once',
        body: changeSchema,
        limit: LARGE_BODY,
        answer: appliedSchema,
        problems: ['invalid', 'version-mismatch'],
      },
      async (req, res, change) => {
        const checked = () => {
          const there = worldWith(world, change.writes);
          return { ...change, writes: change.writes.map((w, i) => checkedWrite(w, i, there)) };
        };
        const { entries } = await applied(store.apply(checked, authorOf(req)));
        res.json({ entries, history: store.history() });
      },
    )
    .on(
      {
        method: 'get',
        path: '/history',
        summary: 'What undo and redo would do next',
        answer: historyStateSchema,
      },
      (_req, res) => res.json(store.history()),
    )
    .on(
      { method: 'get', path: '/live', summary: 'Every change as it happens, as server-sent events' },
      (req, res) => live.join(req, res, askerOf(res).session),
    )
    .on(
      {
        method: 'get',
        path: '/kept',
        summary: 'Everything that is stored, what cannot be read of it, and what undo would do next',
        answer: keptSchema,
      },
      (_req, res) =>
        res.json({
          entries: KEPT.flatMap((kept) => store.recent(kept)),
          setAside: store.setAside(),
          history: store.history(),
        }),
    )
    .on(
      {
        method: 'get',
        path: '/set-aside',
        summary: 'Stored things that cannot be read; they stay as they are',
        answer: z.array(setAsideSchema),
      },
      (_req, res) => res.json(store.setAside()),
    );
  for (const step of ['undo', 'redo'] as const)
    api.on(
      {
        method: 'post',
        path: `/history/${step}`,
        summary: step === 'undo' ? 'Take back the last change' : 'Do again what was undone last',
        body: historyStepSchema,
        answer: appliedSchema.extend({ label: z.string() }),
        problems: ['nothing-to-undo', 'cannot-undo'],
      },
      async (req, res, { of }) => {
        const done = await applied(store.step(step, authorOf(req), of));
        if (done === null) throw new HttpProblem('nothing-to-undo', `there is nothing to ${step}`);
        res.json({ ...done, history: store.history() });
      },
    );
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
  if (req.headers['if-none-match'] === '*' || !kept.undoable) return null;
  throw new HttpProblem(
    'version-missing',
    'say which version you saw in If-Match, or If-None-Match: * for what is new',
  );
}

/** Which page makes a change, in words that people recognise. */
function authorOf(req: Request): Author {
  const page = String(req.headers['x-uisce-page'] ?? '').slice(0, 60);
  return { page, name: String(req.headers['x-uisce-name'] ?? 'the API').slice(0, 60) };
}

function within(pointer: string, faults: Fault[]): Fault[] {
  return faults.map((fault) => ({ ...fault, pointer: pointer + fault.pointer }));
}

/** One write of a change, read by its descriptor. */
function checkedWrite(
  write: ChangeWrite['writes'][number],
  i: number,
  world: World,
): ChangeWrite['writes'][number] {
  const kept = keptNamed(write.thing);
  const at = `/writes/${i}`;
  if (kept === undefined)
    throw HttpProblem.faults(`nothing is kept under the name "${write.thing}"`, [
      { code: 'unknown', pointer: `${at}/thing`, detail: 'not a thing that is kept' },
    ]);
  if (write.value === null) {
    refuseGone(kept, write.id, world, at);
    return write;
  }
  const read = readKept(kept, write.value);
  const faults = read.ok ? keptFaults(kept, write.id, read.value, world) : read.faults;
  if (!read.ok || faults.length > 0)
    throw HttpProblem.faults(
      `the ${kept.noun} does not hold together: ${faults[0]?.detail}`,
      within(`${at}/value`, faults),
    );
  return { ...write, value: read.value };
}

/** Refuses to let go of what something else still needs. */
function refuseGone(kept: Kept, id: string, world: World, at: string): void {
  const faults = kept.gone?.(id, world) ?? [];
  if (faults.length > 0)
    throw HttpProblem.faults(`the ${kept.noun} is still needed: ${faults[0]?.detail}`, within(at, faults));
}

/** Write one thing, made and checked when its turn comes. */
async function write(
  store: KeptStore,
  req: Request,
  change: string,
  make: () => ChangeWrite['writes'][number],
): Promise<KeptEntry[]> {
  const key = z.uuid().safeParse(req.headers['idempotency-key']);
  const id = key.success ? key.data : randomUUID();
  const done = store.apply(() => ({ id, change, writes: [make()] }), authorOf(req));
  return (await applied(done)).entries;
}

/** The store's refusals as problems. */
async function applied<T>(work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (error) {
    if (error instanceof VersionMismatch) {
      const last = error.entries[0];
      const who = last?.by ? ` by ${last.by}${last.change ? ` (“${last.change}”)` : ''}` : '';
      throw new HttpProblem('version-mismatch', `it was changed meanwhile${who}; nothing was overwritten`, {
        entries: error.entries,
      });
    }
    if (error instanceof CannotUndo) throw new HttpProblem('cannot-undo', error.message);
    throw error;
  }
}

import { z } from 'zod';
import {
  KEPT,
  appliedSchema,
  changeSchema,
  historyStateSchema,
  historyStepSchema,
  keptFaults,
  keptNamed,
  keptSchema,
  readKept,
  setAsideSchema,
  type ChangeWrite,
  type World,
} from '@uisce/core/kept';
import type { Api } from '../http/api.js';
import { askerOf } from '../http/asker.js';
import { LARGE_BODY } from '../http/parse.js';
import { HttpProblem } from '../http/problem.js';
import type { LivePages } from './live.js';
import type { KeptStore } from './store.js';
import { worldWith } from './world.js';
import { applied, authorOf, refuseGone, within } from './writing.js';

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
  historyRoutes(api, store);
}

/** Undo and redo. */
function historyRoutes(api: Api, store: KeptStore): void {
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

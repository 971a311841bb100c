import { randomUUID } from 'node:crypto';
import type { Request } from 'express';
import { z } from 'zod';
import type { Fault } from '@uisce/core/base';
import type { ChangeWrite, Kept, KeptEntry, World } from '@uisce/core/kept';
import { HttpProblem } from '../http/problem.js';
import { CannotUndo, VersionMismatch, type Author, type KeptStore } from './store.js';

/** Which page makes a change, in words that people recognise. */
export function authorOf(req: Request): Author {
  const page = String(req.headers['x-uisce-page'] ?? '').slice(0, 60);
  return { page, name: String(req.headers['x-uisce-name'] ?? 'the API').slice(0, 60) };
}

export function within(pointer: string, faults: Fault[]): Fault[] {
  return faults.map((fault) => ({ ...fault, pointer: pointer + fault.pointer }));
}

/** Refuses to let go of what something else still needs. */
export function refuseGone(kept: Kept, id: string, world: World, at: string): void {
  const faults = kept.gone?.(id, world) ?? [];
  if (faults.length > 0)
    throw HttpProblem.faults(`the ${kept.noun} is still needed: ${faults[0]?.detail}`, within(at, faults));
}

/** Write one thing, made and checked when its turn comes. */
export async function write(
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
export async function applied<T>(work: Promise<T>): Promise<T> {
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

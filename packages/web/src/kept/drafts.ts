import { entries, del, set } from 'idb-keyval';
import type { OutboxState } from './outbox';
import { isOpen } from './this-page';

const PREFIX = 'uisce:outbox:';

/** Keep what waits to be sent in the browser, under this page's name. Where the browser keeps nothing, it waits in memory: false. */
export async function saveDrafts(page: string, state: OutboxState): Promise<boolean> {
  const nothing = [state.pending, state.conflicts, state.refused].every((list) => list.length === 0);
  try {
    // What is reactive cannot be stored; plain JSON can.
    const plain = JSON.parse(JSON.stringify(state)) as OutboxState;
    await (nothing ? del(PREFIX + page) : set(PREFIX + page, plain));
    return true;
  } catch {
    // It is still in memory, and on its way.
    return false;
  }
}

/**
 * What this page, and pages that are gone, left unsent, oldest first. It is this page's to send from now on: it stands
 * under its name before it goes from theirs, so that nothing that happens meanwhile loses it.
 */
export async function takeDrafts(page: string): Promise<OutboxState> {
  const found: OutboxState[] = [];
  const taken: string[] = [];
  try {
    for (const [key, state] of await entries<string, OutboxState>()) {
      const owner = key.startsWith(PREFIX) ? key.slice(PREFIX.length) : undefined;
      if (owner === undefined || (owner !== page && (await isOpen(owner)))) continue;
      found.push(state);
      if (owner !== page) taken.push(key);
    }
  } catch {
    // A browser that keeps nothing has nothing to give back.
  }
  const all = {
    pending: found.flatMap((s) => s.pending).sort((a, b) => (a.at < b.at ? -1 : 1)),
    conflicts: found.flatMap((s) => s.conflicts),
    // A page of an earlier release kept none.
    refused: found.flatMap((s) => (s as Partial<OutboxState>).refused ?? []),
  };
  if (taken.length > 0) {
    const isSaved = await saveDrafts(page, all);
    for (const key of isSaved ? taken : []) await del(key).catch(() => undefined);
  }
  return all;
}

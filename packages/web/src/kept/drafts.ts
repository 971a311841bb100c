import { entries, del, set } from 'idb-keyval';
import type { OutboxState } from './outbox';
import { isOpen } from './this-page';

const PREFIX = 'uisce:outbox:';

/** Keep what waits to be sent in the browser, under this page's name. Where the browser keeps nothing, it waits in memory. */
export async function saveDrafts(page: string, state: OutboxState): Promise<void> {
  const nothing = state.pending.length === 0 && state.conflicts.length === 0;
  try {
    // What is reactive cannot be stored; plain JSON can.
    const plain = JSON.parse(JSON.stringify(state)) as OutboxState;
    await (nothing ? del(PREFIX + page) : set(PREFIX + page, plain));
  } catch {
    // It is still in memory, and on its way.
  }
}

/** What this page, and pages that are gone, left unsent, oldest first. It is this page's to send from now on. */
export async function takeDrafts(page: string): Promise<OutboxState> {
  const found: OutboxState[] = [];
  try {
    for (const [key, state] of await entries<string, OutboxState>()) {
      const owner = key.startsWith(PREFIX) ? key.slice(PREFIX.length) : undefined;
      if (owner === undefined || (owner !== page && (await isOpen(owner)))) continue;
      found.push(state);
      if (owner !== page) await del(key);
    }
  } catch {
    // A browser that keeps nothing has nothing to give back.
  }
  const pending = found.flatMap((s) => s.pending).sort((a, b) => (a.at < b.at ? -1 : 1));
  return { pending, conflicts: found.flatMap((s) => s.conflicts) };
}

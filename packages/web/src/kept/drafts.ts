import { entries, del, set } from 'idb-keyval';
import type { OutboxState } from './outbox';
import { isOpen } from './this-page';

const PREFIX = 'uisce:outbox:';

/** How often this page has kept its drafts. */
let saves = 0;

/**
 * Keep what waits to be sent in the browser, under this page's name. It stands in the browser's plain storage at once,
 * which outlives a page that is closed in this very moment, until the larger one says that it has it. Where the browser
 * keeps nothing, it waits in memory: false.
 */
export async function saveDrafts(page: string, state: OutboxState): Promise<boolean> {
  const nothing = [state.pending, state.conflicts, state.refused].every((list) => list.length === 0);
  // What is reactive cannot be stored; plain JSON can.
  const plain = JSON.stringify(state);
  const save = (saves += 1);
  jot(page, nothing ? null : plain);
  try {
    await (nothing ? del(PREFIX + page) : set(PREFIX + page, JSON.parse(plain) as OutboxState));
    if (save === saves) jot(page, null);
    return true;
  } catch {
    // It is still in memory, and on its way.
    return false;
  }
}

function jot(page: string, plain: string | null): void {
  try {
    if (plain === null) localStorage.removeItem(PREFIX + page);
    else localStorage.setItem(PREFIX + page, plain);
  } catch {
    // Too long for it, or it is not to be had: the larger storage is on its way.
  }
}

/** Drafts by the page that kept them: what was jotted down is newer than what the larger storage has. */
async function allDrafts(): Promise<Map<string, OutboxState>> {
  const stored = await entries<string, OutboxState>().catch(() => []);
  const all = new Map([...stored, ...jotted()].filter(([key]) => key.startsWith(PREFIX)));
  return new Map([...all].map(([key, state]) => [key.slice(PREFIX.length), state]));
}

function jotted(): [string, OutboxState][] {
  try {
    const ours = Object.entries<string>(localStorage).filter(([key]) => key.startsWith(PREFIX));
    return ours.map(([key, plain]) => [key, JSON.parse(plain) as OutboxState]);
  } catch {
    // A browser that keeps nothing has nothing to give back.
    return [];
  }
}

/** What pages left unsent, oldest first, and how to drop it where it lay. */
export interface Left {
  state: OutboxState;
  /** To be called once all of it stands elsewhere, so that nothing that happens meanwhile loses it. */
  drop(): Promise<void>;
}

/** What pages that are gone left unsent, and this page itself before it was opened again: it is this page's to send. */
export async function draftsLeft(page: string, which: 'of others' | 'of all'): Promise<Left> {
  const found: OutboxState[] = [];
  const taken: string[] = [];
  for (const [owner, state] of await allDrafts()) {
    const isMine = owner === page;
    if (isMine ? which === 'of others' : await isOpen(owner)) continue;
    const by = isMine ? {} : { page: owner };
    found.push({ ...state, pending: state.pending.map((p) => ({ ...by, ...p })) });
    if (!isMine) taken.push(owner);
  }
  const state = {
    pending: found.flatMap((s) => s.pending).sort((a, b) => (a.at < b.at ? -1 : 1)),
    conflicts: found.flatMap((s) => s.conflicts),
    // A page of an earlier release kept none.
    refused: found.flatMap((s) => (s as Partial<OutboxState>).refused ?? []),
  };
  const drop = async () => {
    for (const owner of taken) {
      jot(owner, null);
      await del(PREFIX + owner).catch(() => undefined);
    }
  };
  return { state, drop };
}

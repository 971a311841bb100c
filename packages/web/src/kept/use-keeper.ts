import { defineStore } from 'pinia';
import { ref, shallowRef, watch } from 'vue';
import {
  keptNamed,
  mergeKept,
  ONLY_ID,
  type Applied,
  type ChangeWrite,
  type HistoryStep,
  type Kept,
  type KeptEntry,
} from '@uisce/core/kept';
import { api, ApiError, OfflineError } from './client';
import { draftsLeft, saveDrafts } from './drafts';
import { Outbox, type Conflict, type Refused } from './outbox';
import { doorIsShut } from './door';
import { liveLine } from './live-line';
import { keyOf } from './on-this-page';
import { forgetRemembered } from './snapshot';
import { thisPage } from './this-page';
import { useHeard, type Heard } from './use-heard';
import { useNotices } from './use-notices';

const CLOSED_BY_THEN_MS = 2000;

/** What is changed here and waits to be sent, under this page's name. */
function useOutbox({ stored, online, waiting, receive }: Heard, page: () => string) {
  const notices = useNotices();
  const conflicts = shallowRef<readonly Conflict[]>([]);
  const refused = shallowRef<readonly Refused[]>([]);
  let heldUp = false;
  const outbox = new Outbox({
    send: (change) => api<Applied>('/changes', { method: 'POST', body: change, keepalive: fits(change) }),
    save: (state) => saveDrafts(page(), state),
    onApplied: (applied) => {
      heldUp = false;
      receive(applied);
    },
    onHeldUp: (error) => {
      // Once is enough: it is tried again and again. Who is asked to sign in is asked by the whole page.
      if (!heldUp && error.problem.status !== 401)
        notices.say(`${error.message}. What you change waits in this browser.`);
      heldUp = true;
    },
    onRefused: ({ reason }) => notices.say(`Not saved: ${reason}`),
    onOnline: (is) => {
      if (!is && online.value) notices.say(new OfflineError().message);
      online.value = is;
    },
    onChange: () => {
      const held = [...outbox.conflicts, ...outbox.refused].map((h) => h.mine);
      waiting.value = [...held, ...outbox.pending];
      conflicts.value = [...outbox.conflicts];
      refused.value = [...outbox.refused];
    },
    baseOf: ({ thing, id }) => stored.value.get(keyOf(thing, id))?.value,
    merge: (thing, ...made) => mergeKept(keptNamed(thing) ?? {}, ...made),
    newId: () => crypto.randomUUID(),
    now: () => new Date().toISOString(),
  });
  return { outbox, conflicts, refused };
}

/** Take over what pages that are gone left unsent: now, and whenever one may just have been closed. */
async function takeOverDrafts(page: string, outbox: Outbox): Promise<void> {
  async function takeOver(which: 'of others' | 'of all'): Promise<void> {
    const { state, drop } = await draftsLeft(page, which);
    if ([state.pending, state.conflicts, state.refused].every((list) => list.length === 0)) return;
    if (await outbox.adopt(state)) await drop();
  }
  /** One that has just been closed may still count as open for a moment. */
  const soon = () =>
    setTimeout(() => void takeOver('of others').then(() => outbox.flush()), CLOSED_BY_THEN_MS);
  await takeOver('of all');
  soon();
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') soon();
  });
}

/** How this page keeps things: on screen at once, on disk when the hand rests. */
function useKeeping({ stored }: Heard, outbox: Outbox) {
  function writeOf<T>(kept: Kept<T>, id: string, value: T | null): ChangeWrite['writes'][number] {
    const version = stored.value.get(keyOf(kept.name, id))?.version ?? null;
    // What is reactive cannot be stored or sent; plain JSON can.
    return { thing: kept.name, id, version, value: JSON.parse(JSON.stringify(value)) as unknown };
  }

  /** Keep a thing, with words for the undo list. */
  function keep<T>(kept: Kept<T>, value: T, change: string): void {
    keepAll(change, write(kept, value));
  }

  function remove<T>(kept: Kept<T>, id: string, change: string): void {
    outbox.add([writeOf(kept, id, null)], change);
  }

  /** One thing of a change that touches several. */
  function write<T>(kept: Kept<T>, value: T): ChangeWrite['writes'][number] {
    return writeOf(kept, kept.idOf?.(value) ?? ONLY_ID, value);
  }

  /** That a thing goes, as one part of a change that touches several. */
  function writeGone<T>(kept: Kept<T>, id: string): ChangeWrite['writes'][number] {
    return writeOf(kept, id, null);
  }

  /** Keep several things in one change, undone as one. */
  function keepAll(change: string, ...writes: ChangeWrite['writes']): void {
    outbox.add(writes, change);
  }
  return { keep, remove, write, writeGone, keepAll };
}

/** Keeping that waits for the server's answer. */
function useAnsweredKeeping({ receive, read }: Heard, outbox: Outbox) {
  const send = (change: string, writes: ChangeWrite['writes']) =>
    api<Applied>('/changes', { method: 'POST', body: { id: crypto.randomUUID(), change, writes } });

  /**
   * Keep things now, and learn whether the server takes them. While it is away they wait with the rest.
   *
   * @throws ApiError when it does not; then nothing was kept.
   */
  async function keepNow(change: string, ...writes: ChangeWrite['writes']): Promise<void> {
    await outbox.flush();
    try {
      receive(await send(change, writes));
    } catch (error) {
      if (!(error instanceof OfflineError)) throw error;
      outbox.add(writes, change);
    }
  }

  /**
   * Keep very many things, in as many changes as they take, and look at them once all are there: each change by itself
   * would have everything worked out anew.
   *
   * @param tell is told how far it is, 0 to 1; answering false ends it after the change under way.
   * @returns how many were kept, and why no more were, where the server did not take them or is away.
   */
  async function keepMany(
    change: string,
    writes: ChangeWrite['writes'],
    atOnce: number,
    tell: (share: number) => boolean,
  ): Promise<{ kept: number; trouble: string }> {
    await outbox.flush();
    let kept = 0;
    let trouble = '';
    try {
      while (kept < writes.length && tell(kept / writes.length)) {
        await send(change, writes.slice(kept, kept + atOnce));
        kept = Math.min(writes.length, kept + atOnce);
      }
    } catch (error) {
      if (!(error instanceof ApiError) && !(error instanceof OfflineError)) throw error;
      trouble = error.message;
    }
    await read().catch(() => undefined);
    return { kept, trouble };
  }

  return { keepNow, keepMany };
}

/** Undo and redo, of whatever was done last by whomever. */
function useHistory({ history, receive }: Heard, outbox: Outbox) {
  const notices = useNotices();
  /** What the last undo or redo touched: the screen goes there. */
  const undone = shallowRef<KeptEntry[]>([]);

  /** @param of a thing that the change must be of: no other is taken back. */
  async function step(direction: 'undo' | 'redo', of?: HistoryStep['of']): Promise<void> {
    // What is still on its way is part of what is undone.
    await outbox.flush();
    if (outbox.pending.length + outbox.conflicts.length > 0 || history.value[direction] === null) return;
    const asked = api<Applied & { label: string }>(`/history/${direction}`, { method: 'POST', body: { of } });
    const done = await asked.catch((error: unknown) => {
      if (!(error instanceof ApiError) || of === undefined) throw error;
      notices.say(error.message);
    });
    if (!done) return;
    receive(done);
    undone.value = done.entries;
    notices.say(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${done.label}`);
  }

  return { undone, undo: (of?: HistoryStep['of']) => step('undo', of), redo: () => step('redo') };
}

/** Everything the household keeps: as the server has it, with what waits here laid over it. */
export const useKeeper = defineStore('keeper', () => {
  const started = ref(false);
  let page = '';
  const heard = useHeard();
  const { outbox, conflicts, refused } = useOutbox(heard, () => page);
  const { setAside, history, online, asOf, waiting, all, single, keepCopy, read, readOrRemember, receive } =
    heard;
  // Who is signed out takes nothing along.
  watch(doorIsShut, (shut) => {
    if (shut) void forgetRemembered();
  });

  /** Read everything, send what an earlier page could not, and listen to what others change. */
  async function start(): Promise<void> {
    // What was read once is read again by the line.
    if (started.value) return;
    const [, mine] = await Promise.all([readOrRemember(), thisPage()]);
    page = mine.id;
    await takeOverDrafts(page, outbox);
    started.value = true;
    await outbox.flush();
    listen();
  }

  let openLine = (): void => undefined;
  function listen(): void {
    openLine = liveLine({
      // From here on everything is told: what was missed before is read, what waits is sent.
      hello: () => void catchUp(),
      restored: () => void read().catch(() => undefined),
      change: (news) => {
        if (news.page !== page) receive(news);
      },
    });
  }

  async function catchUp(): Promise<void> {
    await outbox.flush();
    await read().catch(() => undefined);
  }

  return {
    setAside,
    history,
    online,
    started,
    asOf,
    keepCopy,
    waiting,
    conflicts,
    refused,
    start,
    all,
    single,
    ...useKeeping(heard, outbox),
    ...useAnsweredKeeping(heard, outbox),
    ...useHistory(heard, outbox),
    /** The door is open again: what waits is sent, and what was missed is read. */
    resume: () => openLine(),
    flush: () => outbox.flush(),
    retry: (one: Refused) => outbox.retry(one),
    discard: (one: Refused) => outbox.discard(one),
    settle: (conflict: Conflict, choice: 'mine' | 'theirs') => outbox.settle(conflict, choice),
  };
});

/** What a request may carry that outlives its page (the browsers' limit is 64 KiB). */
function fits(change: ChangeWrite): boolean {
  return JSON.stringify(change).length < 60_000;
}

import { dequal } from 'dequal';
import { defineStore } from 'pinia';
import { ref, shallowRef, triggerRef, watch } from 'vue';
import {
  keptNamed,
  ONLY_ID,
  type Applied,
  type ChangeWrite,
  type HistoryState,
  type HistoryStep,
  type Kept,
  type KeptEntry,
  type KeptWhole,
  type SetAside,
} from '@uisce/core/kept';
import { api, ApiError, OfflineError } from './client';
import { saveDrafts, takeDrafts } from './drafts';
import { Outbox, type Conflict } from './outbox';
import { doorIsShut } from './door';
import { liveLine } from './live-line';
import { keyOf, onThisPage } from './on-this-page';
import { forgetRemembered, lastSnapshot, rememberAll, rememberSome } from './snapshot';
import { thisPage } from './this-page';
import { useNotices } from './use-notices';

/** Everything the household keeps: as the server has it, with what waits here laid over it. */
export const useKeeper = defineStore('keeper', () => {
  const notices = useNotices();
  const stored = shallowRef(new Map<string, KeptEntry>());
  const setAside = ref<SetAside[]>([]);
  const history = ref<HistoryState>({ undo: null, redo: null });
  const online = ref(true);
  const started = ref(false);
  /** What the last undo or redo touched: the screen goes there. */
  const undone = shallowRef<KeptEntry[]>([]);
  const waiting = shallowRef<ChangeWrite[]>([]);
  const conflicts = shallowRef<readonly Conflict[]>([]);
  let page = '';
  let heldUp = false;
  /** When what is shown was last heard of, where it is from before: the server is away since. */
  const asOf = ref<string>();
  /** Whether what is heard is kept for when the server is away; only a page that opens without it has use for it. */
  let keepsCopy = false;
  let whole: KeptWhole | undefined;
  /** How often this page was told of a change. */
  let receipts = 0;

  const outbox = new Outbox({
    send: (change) => api<Applied>('/changes', { method: 'POST', body: change, keepalive: fits(change) }),
    save: (state) => void saveDrafts(page, state),
    onApplied: (applied) => {
      heldUp = false;
      receive(applied);
    },
    onHeldUp: (error) => {
      // Once is enough: it is tried again and again.
      if (!heldUp) notices.say(`${error.message}. What you change waits in this browser.`);
      heldUp = true;
    },
    onRefused: (_change, error) => notices.say(error.message),
    onOnline: (is) => {
      if (!is && online.value) notices.say(new OfflineError().message);
      online.value = is;
    },
    onChange: () => {
      waiting.value = [...outbox.conflicts.map((c) => c.mine), ...outbox.pending];
      conflicts.value = [...outbox.conflicts];
    },
    baseOf: ({ thing, id }) => stored.value.get(keyOf(thing, id))?.value,
    merge: (thing, base, mine, theirs) => keptNamed(thing)?.merge?.(base, mine, theirs),
    newId: () => crypto.randomUUID(),
    now: () => new Date().toISOString(),
  });

  /** Read everything, send what an earlier page could not, and listen to what others change. */
  async function start(): Promise<void> {
    const [, drafts] = await Promise.all([
      readOrRemember(),
      thisPage().then((mine) => {
        page = mine.id;
        return takeDrafts(page);
      }),
    ]);
    outbox.adopt(drafts);
    started.value = true;
    await outbox.flush();
    listen();
  }

  /** All that is kept; while the server is away, what was last heard of it. */
  async function readOrRemember(): Promise<void> {
    try {
      await read();
    } catch (error) {
      const last = error instanceof OfflineError ? await lastSnapshot() : undefined;
      if (last === undefined) throw error;
      show(last);
      [keepsCopy, asOf.value, online.value] = [true, last.at, false];
    }
  }

  async function read(): Promise<void> {
    let answer: KeptWhole;
    let before: number;
    // What was told or undone while the answer was on its way is newer than the answer: asked again.
    do {
      before = receipts;
      answer = await api<KeptWhole>('/kept');
    } while (before !== receipts);
    show(answer);
    [asOf.value, online.value] = [undefined, true];
    if (keepsCopy) void rememberAll(answer, new Date().toISOString());
  }

  function show(answer: KeptWhole): void {
    whole = answer;
    stored.value = new Map(answer.entries.map((e) => [keyOf(e.thing, e.id), asShown(e)]));
    setAside.value = answer.setAside;
    history.value = answer.history;
  }

  /** From now on this page opens without the server, too: what is there is kept beside it. */
  async function keepCopy(): Promise<void> {
    if (keepsCopy || whole === undefined) return;
    keepsCopy = true;
    const now = { ...whole, entries: [...stored.value.values()], history: history.value };
    await rememberAll(now, new Date().toISOString());
  }
  // Who is signed out takes nothing along.
  watch(doorIsShut, (shut) => {
    if (shut) void forgetRemembered();
  });

  /** A value that says what is on screen already stays the same object, so that nothing is worked out anew. */
  function asShown(entry: KeptEntry): KeptEntry {
    const shown = laidOver.value.get(keyOf(entry.thing, entry.id));
    return dequal(shown, entry.value) ? { ...entry, value: shown } : entry;
  }

  function receive({ entries, history: next }: Applied): void {
    receipts += 1;
    for (const entry of entries) {
      const key = keyOf(entry.thing, entry.id);
      if (entry.value === null) stored.value.delete(key);
      else stored.value.set(key, asShown(entry));
    }
    history.value = next;
    triggerRef(stored);
    if (keepsCopy)
      void rememberSome(entries, { setAside: setAside.value, history: next }, new Date().toISOString());
  }

  function listen(): void {
    liveLine({
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

  const { laidOver, all, single } = onThisPage(stored, waiting);

  function writeOf<T>(kept: Kept<T>, id: string, value: T | null): ChangeWrite['writes'][number] {
    const version = stored.value.get(keyOf(kept.name, id))?.version ?? null;
    // What is reactive cannot be stored or sent; plain JSON can.
    return { thing: kept.name, id, version, value: JSON.parse(JSON.stringify(value)) as unknown };
  }

  /** Keep a thing, with words for the undo list: on screen at once, on disk when the hand rests. */
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

  /**
   * Keep things now, and learn whether the server takes them. While it is away they wait with the rest.
   *
   * @throws ApiError when it does not; then nothing was kept.
   */
  async function keepNow(change: string, ...writes: ChangeWrite['writes']): Promise<void> {
    await outbox.flush();
    const body: ChangeWrite = { id: crypto.randomUUID(), change, writes };
    try {
      receive(await api<Applied>('/changes', { method: 'POST', body }));
    } catch (error) {
      if (!(error instanceof OfflineError)) throw error;
      keepAll(change, ...writes);
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
      for (
        ;
        kept < writes.length && tell(kept / writes.length);
        kept = Math.min(writes.length, kept + atOnce)
      ) {
        const body: ChangeWrite = {
          id: crypto.randomUUID(),
          change,
          writes: writes.slice(kept, kept + atOnce),
        };
        await api<Applied>('/changes', { method: 'POST', body });
      }
    } catch (error) {
      if (!(error instanceof ApiError) && !(error instanceof OfflineError)) throw error;
      trouble = error.message;
    }
    await read().catch(() => undefined);
    return { kept, trouble };
  }

  /** @param of a thing that the change must be of: no other is taken back. */
  async function step(direction: 'undo' | 'redo', of?: HistoryStep['of']): Promise<void> {
    // What is still on its way is part of what is undone.
    await outbox.flush();
    if (waiting.value.length > 0 || history.value[direction] === null) return;
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

  return {
    setAside,
    history,
    online,
    started,
    asOf,
    keepCopy,
    undone,
    waiting,
    conflicts,
    start,
    all,
    single,
    keep,
    keepAll,
    keepNow,
    keepMany,
    write,
    writeGone,
    remove,
    flush: () => outbox.flush(),
    settle: (conflict: Conflict, choice: 'mine' | 'theirs') => outbox.settle(conflict, choice),
    undo: (of?: HistoryStep['of']) => step('undo', of),
    redo: () => step('redo'),
  };
});

/** What a request may carry that outlives its page (the browsers' limit is 64 KiB). */
function fits(change: ChangeWrite): boolean {
  return JSON.stringify(change).length < 60_000;
}

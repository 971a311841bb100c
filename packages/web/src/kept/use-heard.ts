import { dequal } from 'dequal';
import { ref, shallowRef, triggerRef } from 'vue';
import type { Applied, ChangeWrite, HistoryState, KeptEntry, KeptWhole, SetAside } from '@uisce/core/kept';
import { api, OfflineError } from './client';
import { keyOf, onThisPage } from './on-this-page';
import { lastSnapshot, rememberAll, rememberSome } from './snapshot';

/** Everything kept as it is shown: as the server has it, with what waits here laid over it. */
function useShown() {
  const stored = shallowRef(new Map<string, KeptEntry>());
  const setAside = ref<SetAside[]>([]);
  const history = ref<HistoryState>({ undo: null, redo: null });
  const waiting = shallowRef<ChangeWrite[]>([]);
  const { laidOver, all, single } = onThisPage(stored, waiting);

  /** A value that says what is on screen already stays the same object, so that nothing is worked out anew. */
  function asShown(entry: KeptEntry): KeptEntry {
    const shown = laidOver.value.get(keyOf(entry.thing, entry.id));
    return dequal(shown, entry.value) ? { ...entry, value: shown } : entry;
  }

  function show(whole: KeptWhole): void {
    stored.value = new Map(whole.entries.map((e) => [keyOf(e.thing, e.id), asShown(e)]));
    setAside.value = whole.setAside;
    history.value = whole.history;
  }

  function showChange({ entries, history: next }: Applied): void {
    for (const entry of entries) {
      const key = keyOf(entry.thing, entry.id);
      if (entry.value === null) stored.value.delete(key);
      else stored.value.set(key, asShown(entry));
    }
    history.value = next;
    triggerRef(stored);
  }

  return { stored, setAside, history, waiting, all, single, show, showChange };
}

/** What the server has, as far as it is heard of here; while it is away, what was last heard of it. */
export function useHeard() {
  const { show, showChange, ...shown } = useShown();
  const online = ref(true);
  /** When what is shown was last heard of, where it is from before: the server is away since. */
  const asOf = ref<string>();
  /** Whether what is heard is kept for when the server is away; only a page that opens without it has use for it. */
  let keepsCopy = false;
  let whole: KeptWhole | undefined;
  /** How often this page was told of a change. */
  let receipts = 0;

  async function readOrRemember(): Promise<void> {
    try {
      await read();
    } catch (error) {
      const last = error instanceof OfflineError ? await lastSnapshot() : undefined;
      if (last === undefined) throw error;
      show((whole = last));
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
    show((whole = answer));
    [asOf.value, online.value] = [undefined, true];
    if (keepsCopy) void rememberAll(answer, new Date().toISOString());
  }

  /** From now on this page opens without the server, too: what is there is kept beside it. */
  async function keepCopy(): Promise<void> {
    if (keepsCopy || whole === undefined) return;
    keepsCopy = true;
    const { stored, history } = shown;
    const now = { ...whole, entries: [...stored.value.values()], history: history.value };
    await rememberAll(now, new Date().toISOString());
  }

  function receive(applied: Applied): void {
    receipts += 1;
    showChange(applied);
    const beside = { setAside: shown.setAside.value, history: applied.history };
    if (keepsCopy) void rememberSome(applied.entries, beside, new Date().toISOString());
  }

  return { ...shown, online, asOf, readOrRemember, read, keepCopy, receive };
}
export type Heard = ReturnType<typeof useHeard>;

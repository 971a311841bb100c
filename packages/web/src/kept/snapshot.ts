import { clear, createStore, entries, setMany, type UseStore } from 'idb-keyval';
import type { KeptEntry, KeptWhole } from '@uisce/core/kept';

/** What the household kept when this browser last heard of it, apart from what waits to be sent. */
let store: UseStore | undefined;
const opened = () => (store ??= createStore('uisce-last', 'kept'));
const ABOUT = 'about';
const ENTRY = 'entry:';
const keyOf = ({ thing, id }: Pick<KeptEntry, 'thing' | 'id'>) => `${ENTRY}${thing}/${id}`;

type About = Pick<KeptWhole, 'setAside' | 'history'> & { at: string };

/** What was there when it was last heard of, and when that was. */
export type Snapshot = KeptWhole & { at: string };

/** Keep all of it. Where the browser keeps nothing, nothing. */
export async function rememberAll(whole: KeptWhole, at: string): Promise<void> {
  try {
    await clear(opened());
    await setMany(
      [
        [ABOUT, { setAside: whole.setAside, history: whole.history, at } satisfies About],
        ...whole.entries.map((e): [string, KeptEntry] => [keyOf(e), e]),
      ],
      opened(),
    );
  } catch {
    // Without the server it will not open here, which is what it would be without this.
  }
}

/** Keep what changed; what is gone is remembered as gone. */
export async function rememberSome(
  changed: readonly KeptEntry[],
  about: Omit<About, 'at'>,
  at: string,
): Promise<void> {
  try {
    const plain = JSON.parse(JSON.stringify(changed)) as KeptEntry[];
    await setMany([[ABOUT, { ...about, at }], ...plain.map((e): [string, KeptEntry] => [keyOf(e), e])], opened()); // prettier-ignore
  } catch {
    // As above.
  }
}

/** What was last heard of; undefined where that is nothing. */
export async function remembered(): Promise<Snapshot | undefined> {
  try {
    const all = new Map(await entries<string, unknown>(opened()));
    const about = all.get(ABOUT) as About | undefined;
    if (about === undefined) return undefined;
    const kept = [...all].flatMap(([key, e]) => (key.startsWith(ENTRY) ? [e as KeptEntry] : []));
    // In the order in which they were kept, as the server tells them.
    const inOrder = kept
      .filter((e) => e.value !== null)
      .sort((a, b) => (a.version ?? 0) - (b.version ?? 0));
    return { ...about, entries: inOrder };
  } catch {
    return undefined;
  }
}

/** Nothing of the household stays in this browser but what was never sent. */
export async function forgetRemembered(): Promise<void> {
  await clear(opened()).catch(() => undefined);
}

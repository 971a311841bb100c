import { clear, createStore, entries, setMany, type UseStore } from 'idb-keyval';
import { keptNamed, readKept, type KeptEntry, type KeptWhole } from '@uisce/core/kept';

/** What the household kept when this browser last heard of it, apart from what waits to be sent. */
let store: UseStore | undefined;
const opened = () => (store ??= createStore('uisce-last', 'kept'));
const ABOUT = 'about';
const ENTRY = 'entry:';
const keyOf = ({ thing, id }: Pick<KeptEntry, 'thing' | 'id'>) => `${ENTRY}${thing}/${id}`;

type About = Pick<KeptWhole, 'setAside' | 'history'> & { at: string };

/** What was there when it was last heard of, and when that was. */
export type Snapshot = KeptWhole & { at: string };

/** Where each thing stands among the others: what changes keeps its place. */
let places = new Map<string, number>();
type Placed = KeptEntry & { place: number };
function rowOf(entry: KeptEntry): [string, Placed] {
  const key = keyOf(entry);
  const place = places.get(key) ?? places.size;
  places.set(key, place);
  return [key, { ...entry, place }];
}

/** What is reactive cannot be stored; plain JSON can. */
const plain = (snapshot: Snapshot) => JSON.parse(JSON.stringify(snapshot)) as Snapshot;

/** Keep all of it. Where the browser keeps nothing, nothing. */
export async function rememberAll(whole: KeptWhole, at: string): Promise<void> {
  try {
    await clear(opened());
    places = new Map();
    const { entries: all, ...rest } = plain({ ...whole, at });
    await setMany([[ABOUT, rest], ...all.map(rowOf)], opened());
  } catch {
    // Without the server it will not open here, which is what it would be without this.
  }
}

/** Keep what changed; what is gone is remembered as gone. */
export async function rememberSome(
  changed: KeptEntry[],
  about: Omit<About, 'at'>,
  at: string,
): Promise<void> {
  try {
    const { entries: some, ...rest } = plain({ ...about, entries: changed, at });
    await setMany([[ABOUT, rest], ...some.map(rowOf)], opened());
  } catch {
    // As above.
  }
}

/** An entry that an earlier release remembered, in today's shape; what cannot be read stays as it was. */
function broughtUp(entry: KeptEntry): KeptEntry {
  const kept = keptNamed(entry.thing);
  const read = kept && readKept(kept, entry.value);
  return read?.ok ? { ...entry, value: read.value } : entry;
}

/** What was last heard of; undefined where that is nothing. */
export async function lastSnapshot(): Promise<Snapshot | undefined> {
  try {
    const all = new Map(await entries<string, unknown>(opened()));
    const about = all.get(ABOUT) as About | undefined;
    if (about === undefined) return undefined;
    const kept = [...all].flatMap(([key, e]) => (key.startsWith(ENTRY) ? [e as Placed] : []));
    places = new Map(kept.map((e) => [keyOf(e), e.place]));
    const inOrder = kept.filter((e) => e.value !== null).sort((x, y) => x.place - y.place);
    return { ...about, entries: inOrder.map(({ place: _, ...entry }) => broughtUp(entry)) };
  } catch {
    return undefined;
  }
}

/** Nothing of the household stays in this browser but what was never sent. */
export async function forgetRemembered(): Promise<void> {
  await clear(opened()).catch(() => undefined);
}

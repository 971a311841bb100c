import { computed, type Ref } from 'vue';
import { ONLY_ID, type ChangeWrite, type Kept, type KeptEntry } from '@uisce/core/kept';

/** A thing’s place among all others. */
export const keyOf = (thing: string, id: string) => `${thing}/${id}`;

/** Things as they stand on this page: what is stored, with what waits to be sent laid over it. */
export function onThisPage(
  stored: Readonly<Ref<ReadonlyMap<string, KeptEntry>>>,
  waiting: Readonly<Ref<readonly ChangeWrite[]>>,
) {
  const laidOver = computed(() => {
    const all = new Map([...stored.value].map(([key, entry]) => [key, entry.value]));
    for (const { thing, id, value } of waiting.value.flatMap((change) => change.writes)) {
      if (value === null) all.delete(keyOf(thing, id));
      else all.set(keyOf(thing, id), value);
    }
    return all;
  });

  /** Everything of one kind, as it stands on this page; the same list as `before` while nothing of it has changed. */
  function all<T>(kept: Kept<T>, before?: T[]): T[] {
    const prefix = keyOf(kept.name, '');
    const now = [...laidOver.value].flatMap(([key, value]) => (key.startsWith(prefix) ? [value as T] : []));
    return before?.length === now.length && now.every((value, i) => value === before[i]) ? before : now;
  }

  const empties = new Map<string, unknown>();

  /** The only one of its kind. */
  function single<T>(kept: Kept<T>): T {
    const value = laidOver.value.get(keyOf(kept.name, ONLY_ID)) as T | undefined;
    if (value !== undefined) return value;
    if (kept.empty === undefined) throw new Error(`there is more than one ${kept.noun}`);
    if (!empties.has(kept.name)) empties.set(kept.name, kept.empty());
    return empties.get(kept.name) as T;
  }

  return { laidOver, all, single };
}

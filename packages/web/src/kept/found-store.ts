import { clear, createStore } from 'idb-keyval';

/** What the solver found, apart from what waits to be sent: that is read whole at every start, and this is large. */
export const foundStore = createStore('uisce-found', 'found');

/** Nothing that was worked out stays in this browser. */
export async function forgetFound(): Promise<void> {
  await clear(foundStore).catch(() => undefined);
}

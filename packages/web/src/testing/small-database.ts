/** What a browser keeps, in memory, for tests; stands in for idb-keyval. */
export const kept = new Map<string, unknown>();

export const createStore = () => 'found';
export const get = (key: string) => Promise.resolve(structuredClone(kept.get(key)));
export const set = (key: string, value: unknown) => {
  kept.set(key, structuredClone(value));
  return Promise.resolve();
};
export const keys = () => Promise.resolve([...kept.keys()]);
/** Nothing waits to be sent: what is found is kept apart from it. */
export const entries = () => Promise.resolve([]);
export const del = () => Promise.resolve();

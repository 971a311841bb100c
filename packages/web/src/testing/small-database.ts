/** What a browser keeps, in memory, for tests; stands in for idb-keyval. */
export const kept = new Map<string, unknown>();

/** What was last heard of the household, kept apart. */
export const last = new Map<string, unknown>();

export const createStore = (name: string) => name;
export const get = (key: string) => Promise.resolve(structuredClone(kept.get(key)));
export const set = (key: string, value: unknown) => {
  kept.set(key, structuredClone(value));
  return Promise.resolve();
};
export const keys = () => Promise.resolve([...kept.keys()]);
/** Nothing waits to be sent: what is found, and what was last heard of, are kept apart from it. */
export const entries = (store?: string) => Promise.resolve(store === 'uisce-last' ? [...last] : []);
export const setMany = (all: [string, unknown][]) => {
  for (const [key, value] of all) last.set(key, structuredClone(value));
  return Promise.resolve();
};
export const clear = (store?: string) => {
  (store === 'uisce-last' ? last : kept).clear();
  return Promise.resolve();
};
export const del = () => Promise.resolve();

import { defineAsyncComponent, type Component } from 'vue';

/** A server that is away for a moment is asked again so often, and so many times. */
const TRY_AGAIN_MS = 1500;
const MAX_TRIES = 40;

/** Resolves when what is on screen has been painted. */
const painted = () =>
  new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(() => resolve())));

/**
 * What stands below the sentence: fetched and built once the sentence has been painted, from then on at
 * once. Where it cannot be fetched it is tried again for a minute.
 */
export function later<T extends Component>(load: () => Promise<{ default: T }>): T {
  return defineAsyncComponent({
    loader: async () => {
      await painted();
      return load();
    },
    onError: (_error, retry, fail, tries) => {
      if (tries < MAX_TRIES) setTimeout(retry, TRY_AGAIN_MS);
      else fail();
    },
  });
}

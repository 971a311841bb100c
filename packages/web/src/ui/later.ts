import { defineAsyncComponent, type Component } from 'vue';

/** Resolves when what is on screen has been painted. */
const painted = () =>
  new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(() => resolve())));

/** What stands below the sentence: fetched and built once the sentence has been painted, from then on at once. */
export function later<T extends Component>(load: () => Promise<{ default: T }>): T {
  return defineAsyncComponent(async () => {
    await painted();
    return load();
  });
}

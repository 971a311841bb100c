import { defineStore } from 'pinia';
import { ref } from 'vue';
import { emptyKit, type Kit } from '@uisce/core/kit';
import { api, OfflineError } from '../kept/client';
import { useHistory } from '../kept/use-history';
import { useNotices } from '../kept/use-notices';

const RETRY_AFTER_MS = 4000;

/** The household's tools, glasses and measures. Each change is on screen at once and saved in turn. */
export const useKit = defineStore('kit', () => {
  const kit = ref<Kit>(emptyKit());
  let saving = Promise.resolve();

  async function load(): Promise<void> {
    await saving;
    kit.value = await api<Kit>('/kit');
  }

  async function save(value: Kit, change: string): Promise<void> {
    try {
      await api<Kit>('/kit', { method: 'PUT', body: { kit: value, change }, keepalive: true });
    } catch (error) {
      useNotices().say((error as Error).message);
      // The server is gone for now: the next change, or this one after a while, brings it up to date.
      if (error instanceof OfflineError) setTimeout(() => edit(change, {}), RETRY_AFTER_MS);
      else throw error;
    }
    await useHistory().refresh();
  }

  /** Change the kit, with words for the undo list. Whoever changes anything has said something. */
  function edit(change: string, part: Partial<Kit>): void {
    kit.value = { ...kit.value, said: true, ...part };
    const value = kit.value;
    saving = saving.then(() => save(value, change)).catch(() => undefined);
  }

  return { kit, load, edit };
});

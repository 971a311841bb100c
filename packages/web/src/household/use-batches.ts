import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { BatchRecord } from '@uisce/core/making';
import { api, OfflineError } from '../kept/client';
import { useHistory } from '../kept/use-history';
import { useNotices } from '../kept/use-notices';

const RETRY_AFTER_MS = 4000;

/** Batches of syrup: the one on the bench, and those on the shelf. Each change is saved as it is made. */
export const useBatches = defineStore('batches', () => {
  const batches = ref<BatchRecord[]>([]);
  let saving = Promise.resolve();

  /** The newest batch that is not bottled yet. */
  const onBench = computed(() => batches.value.filter((b) => b.madeOn === null).at(-1));
  const onShelf = computed(() =>
    batches.value
      .filter((b) => b.madeOn !== null)
      .sort((a, b) => ((a.useBy ?? '') < (b.useBy ?? '') ? -1 : 1)),
  );

  async function load(): Promise<void> {
    await saving;
    batches.value = await api<BatchRecord[]>('/batches');
  }

  async function save(batch: BatchRecord, change: string): Promise<void> {
    try {
      await api(`/batches/${batch.id}`, { method: 'PUT', body: { batch, change }, keepalive: true });
    } catch (error) {
      useNotices().say((error as Error).message);
      if (!(error instanceof OfflineError)) throw error;
      // The server is gone for now: what stands on the bench is sent again.
      setTimeout(() => keep(batches.value.find((b) => b.id === batch.id) ?? batch, change), RETRY_AFTER_MS);
    }
    await useHistory().refresh();
  }

  /** Keep a batch as it is now, with words for the undo list. */
  function keep(batch: BatchRecord, change: string): void {
    const others = batches.value.filter((b) => b.id !== batch.id);
    batches.value = [...others, batch].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
    saving = saving.then(() => save(batch, change)).catch(() => undefined);
  }

  /** Change a part of a batch. */
  function edit(id: string, change: string, part: Partial<BatchRecord>): void {
    const batch = batches.value.find((b) => b.id === id);
    if (batch) keep({ ...batch, ...part }, change);
  }

  async function remove(id: string): Promise<void> {
    await saving;
    await api(`/batches/${id}`, { method: 'DELETE' });
    batches.value = batches.value.filter((b) => b.id !== id);
    await useHistory().refresh();
  }

  return { batches, onBench, onShelf, load, keep, edit, remove };
});

import { defineStore } from 'pinia';
import { computed } from 'vue';
import { keptBatch } from '@uisce/core/kept';
import { recipeOfBatch, useByOf, type BatchRecord } from '@uisce/core/bench';
import { useKeeper } from '../kept/use-keeper';
import { useCatalogue } from './use-catalogue';

/** Batches of syrup: the one on the bench, and those on the shelf. */
export const useBatches = defineStore('batches', () => {
  const keeper = useKeeper();
  const catalogue = useCatalogue();
  const batches = computed(() =>
    [...keeper.all(keptBatch)].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1)),
  );

  /** The newest batch that is not bottled yet. */
  const onBench = computed(() => batches.value.filter((b) => b.madeOn === null).at(-1));
  /** Bottled, each with its last good day by what is known of its parts. */
  const onShelf = computed(() =>
    batches.value
      .filter((b) => b.madeOn !== null)
      .map((b) => {
        const recipe = recipeOfBatch(b, catalogue.all.homeMade);
        return recipe ? { ...b, useBy: useByOf(b, recipe, catalogue.all, catalogue.kinds) } : b;
      })
      .sort((a, b) => ((a.useBy ?? '') < (b.useBy ?? '') ? -1 : 1)),
  );

  /** Keep a batch as it is now, with words for the undo list. */
  function keep(batch: BatchRecord, change: string): void {
    keeper.keep(keptBatch, batch, change);
  }

  /** Change a part of a batch. */
  function edit(id: string, change: string, part: Partial<BatchRecord>): void {
    const batch = batches.value.find((b) => b.id === id);
    if (batch) keep({ ...batch, ...part }, change);
  }

  function remove(id: string): void {
    keeper.remove(keptBatch, id, 'Threw a batch away');
  }

  return { batches, onBench, onShelf, keep, edit, remove };
});

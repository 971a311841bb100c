import { defineStore } from 'pinia';
import { computed } from 'vue';
import { keptKit } from '@uisce/core/kept';
import type { Kit } from '@uisce/core/kit';
import { useKeeper } from '../kept/use-keeper';

/** The household's tools, glasses and measures. */
export const useKit = defineStore('kit', () => {
  const keeper = useKeeper();
  const kit = computed(() => keeper.single(keptKit));

  /** Change the kit, with words for the undo list. Whoever changes anything has said something. */
  function edit(change: string, part: Partial<Kit>): void {
    keeper.keep(keptKit, { ...kit.value, said: true, ...part }, change);
  }

  return { kit, edit };
});

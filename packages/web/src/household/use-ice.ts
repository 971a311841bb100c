import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import { iceLeft } from '@uisce/core/ice';
import type { Kit } from '@uisce/core/kit';
import { useCatalogue } from './use-catalogue';
import { useKit } from './use-kit';
import { useLog } from './use-log';

/** Ice in the freezer: what somebody counted, less what was poured since. */
export const useIce = createSharedComposable(() => {
  const kits = useKit();
  const log = useLog();
  const catalogue = useCatalogue();

  const left = computed<Kit['ice']>(() => iceLeft(kits.kit.ice, log.pours, catalogue.all, catalogue.kinds));
  /** What lies there now, as somebody counts it. */
  function count(part: Partial<Pick<Kit['ice'], 'ownG' | 'boughtG'>>): void {
    kits.edit('Ice in the freezer', {
      ice: { ...left.value, ...part, countedAt: new Date().toISOString() },
    });
  }

  return { left, count };
});

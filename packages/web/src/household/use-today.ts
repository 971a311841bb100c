import { createSharedComposable, useNow } from '@vueuse/core';
import { formatISO } from 'date-fns';
import { computed } from 'vue';

const LOOK_EVERY_MS = 20_000;

/** Today where the reader is; an open page turns at midnight. */
export const useToday = createSharedComposable(() => {
  const now = useNow({ interval: LOOK_EVERY_MS });
  const day = computed(() => formatISO(now.value, { representation: 'date' }));
  return {
    /** As an ISO date, the local day. */
    iso: (): string => day.value,
  };
});

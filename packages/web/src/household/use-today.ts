import { createSharedComposable, useNow } from '@vueuse/core';
import { computed } from 'vue';
import { useClock } from './use-clock';

const LOOK_EVERY_MS = 20_000;

/** Today in the household; an open page turns at midnight. */
export const useToday = createSharedComposable(() => {
  const now = useNow({ interval: LOOK_EVERY_MS });
  const clock = useClock();
  const day = computed(() => clock.moment(now.value).day);
  return {
    /** As an ISO date, the household's day. */
    iso: (): string => day.value,
  };
});

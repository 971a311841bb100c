import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import type { Limits } from '@uisce/core/drink';
import { keptAsk, keptEvening, keptPerson, limitsIn } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';

/** What somebody cannot have, by their name: all that the household's book, an evening or they themselves say. */
export const useLimits = createSharedComposable(() => {
  const keeper = useKeeper();
  const of = computed(() =>
    limitsIn({
      people: keeper.all(keptPerson),
      evenings: keeper.all(keptEvening),
      asks: keeper.all(keptAsk),
    }),
  );
  return (name: string): Limits => of.value(name);
});

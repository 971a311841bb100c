import { createSharedComposable } from '@vueuse/core';
import { computed, ref } from 'vue';
import { mayHave, strengthOf, type Strength } from '@uisce/core/drink';
import { useLimits } from '../household/use-limits';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';

/** What narrows the drinks that are offered: all at once, on whatever is at hand. */
export const useFilters = createSharedComposable(() => {
  const log = useLog();
  const limitsOf = useLimits();
  const pouring = usePouring();
  const glasses = ref(1);
  const strength = ref<Strength | 'any'>('any');
  /** Most minutes for one glass; null for any. */
  const minutes = ref<number | null>(null);
  const asWritten = ref(false);
  /** People it is for, by id: what one of them cannot have is left out. */
  const forWhom = ref<string[]>([]);

  const guests = computed(() => log.people.filter((p) => forWhom.value.includes(p.id)));
  const shown = computed(() =>
    pouring.drinks.value.filter(({ now }) => {
      const { glass } = now;
      const { figures } = glass;
      const isStrong = strength.value === 'any' || strengthOf(figures.abv) === strength.value;
      const fits = guests.value.every(
        (g) => mayHave(limitsOf(g.name), glass) && !g.dislikes.some((t) => glass.tastes.has(t)),
      );
      return (
        isStrong &&
        fits &&
        now.glasses >= glasses.value &&
        (!asWritten.value || now.match === 1) &&
        (minutes.value === null || now.pourable.seconds <= minutes.value * 60)
      );
    }),
  );
  return { glasses, strength, minutes, asWritten, forWhom, guests, shown };
});

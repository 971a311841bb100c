import { createSharedComposable } from '@vueuse/core';
import { computed, ref } from 'vue';
import { kindAndAncestors } from '@uisce/core/catalogue';
import { mayHave, strengthOf, type Strength } from '@uisce/core/drink';
import { useCatalogue } from '../household/use-catalogue';
import { useLimits } from '../household/use-limits';
import { useLog } from '../household/use-log';
import { usePouring } from '../household/use-pouring';

/** What narrows the drinks that are offered: all at once, on whatever is at hand. */
export const useFilters = createSharedComposable(() => {
  const log = useLog();
  const limitsOf = useLimits();
  const pouring = usePouring();
  const catalogue = useCatalogue();
  const glasses = ref(1);
  const strength = ref<Strength | 'any'>('any');
  /** Most minutes for one glass; null for any. */
  const minutes = ref<number | null>(null);
  const asWritten = ref(false);
  /** A kind that must be in it: a spirit, or what asks to be used; null for any. */
  const pours = ref<string | null>(null);
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
      const wanted = pours.value;
      const has =
        wanted === null ||
        now.drink.slots.some((s) => kindAndAncestors(s.kind, catalogue.kinds).includes(wanted));
      return (
        isStrong &&
        fits &&
        has &&
        now.glasses >= glasses.value &&
        (!asWritten.value || now.match === 1) &&
        (minutes.value === null || now.pourable.seconds <= minutes.value * 60)
      );
    }),
  );
  /** What can be asked for: what turns soon ahead, then the spirits that these drinks pour. */
  const choices = computed(() => {
    const turning = pouring.asks.value.map(({ kind }) => kind);
    const bases = pouring.drinks.value.flatMap(({ now }) =>
      now.drink.slots.flatMap((s) => (catalogue.kinds.get(s.kind)?.job === 'base' ? [s.kind] : [])),
    );
    return { turning, bases: [...new Set(bases)].filter((k) => !turning.includes(k)) };
  });
  return { glasses, strength, minutes, asWritten, forWhom, pours, choices, guests, shown };
});

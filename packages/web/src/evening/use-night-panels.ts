import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { refusalOf, sayRefusal } from '@uisce/core/drink';
import type { Guest } from '@uisce/core/evening';
import { useEvenings } from '../household/use-evenings';
import { useOrder } from '../household/use-order';
import { useCatalogue } from '../household/use-catalogue';
import { useEvening } from './use-evening';
import { useNight } from './use-night';

export const SEAT = { finds: 'likes it', may: '', not: 'cannot have it' } as const;

/** On the night: tap who asks and what for; it flows into a round. */
export function useNightPanels() {
  const evenings = useEvenings();
  const order = useOrder();
  const router = useRouter();
  const catalogue = useCatalogue();
  const { evening } = useEvening();
  const night = useNight();
  const { isSettled, menu, drinks } = night;
  const chosen = ref<string>();
  const guest = computed(() => evening.value?.guests.find((g) => g.id === chosen.value));
  const pick = (g: Guest) => (chosen.value = chosen.value === g.id ? undefined : g.id);
  const offered = computed(() => {
    const at = evening.value?.guests.findIndex((g) => g.id === chosen.value) ?? -1;
    return menu.value.map((d) => {
      const stands = drinks.value.find((t) => t.id === d.id);
      const seat = at < 0 ? 'may' : (d.seats[at] ?? 'may');
      const refusal = guest.value && refusalOf(guest.value, d.glass);
      const why = refusal ? `: ${sayRefusal(refusal, (k) => catalogue.kindInSentence(k))}` : '';
      const left = stands?.left === undefined ? '' : stands.isOut ? 'none left' : `${stands.left} left`;
      return { ...d, seat, why, left, isOut: stands?.isOut ?? false, isLow: stands?.isLow ?? false };
    });
  });
  async function make(): Promise<void> {
    order.make();
    await router.push('/pour/round');
  }
  async function end(): Promise<void> {
    if (evening.value) evenings.close(evening.value);
    await router.push('/evening/past');
  }

  return { isSettled, chosen, guest, pick, offered, make, end };
}

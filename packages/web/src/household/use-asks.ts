import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import type { GuestAsk } from '@uisce/core/evening';
import { keptAsk } from '@uisce/core/kept';
import { useKeeper } from '../kept/use-keeper';
import { useNotices } from '../kept/use-notices';
import { useEvenings } from './use-evenings';
import { useCatalogue } from './use-catalogue';

/** What guests ask for from their own telephones. */
export const useAsks = defineStore('asks', () => {
  const keeper = useKeeper();
  const evenings = useEvenings();
  const notices = useNotices();
  const catalogue = useCatalogue();

  const all = computed<GuestAsk[]>((before) => keeper.all(keptAsk, before));
  /** Of the evening to come or under way, the first to ask first. */
  const waiting = computed(() =>
    all.value
      .filter((a) => a.state === 'waiting' && a.evening === evenings.next?.id)
      .sort((a, b) => (a.at < b.at ? -1 : 1)),
  );
  const nameOf = (ask: GuestAsk) => catalogue.drinkName(ask.drink);

  function settle(ask: GuestAsk, state: 'taken' | 'declined'): void {
    keeper.keep(keptAsk, { ...ask, state }, state === 'taken' ? 'On the round' : 'Not now');
  }

  // Whatever is on screen, whoever asks is heard.
  watch(waiting, (now, before) => {
    const known = new Set(before.map((a) => a.id));
    const fresh = now.filter((a) => !known.has(a.id)).at(-1);
    if (fresh && keeper.started) notices.say(`${fresh.name} asks for: ${nameOf(fresh)}`);
  });

  return { waiting, nameOf, settle };
});

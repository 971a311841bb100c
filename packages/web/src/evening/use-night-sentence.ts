import { computed } from 'vue';
import { lastPoursAt, peopleOf } from '@uisce/core/evening';
import { listed, useWords } from '../words/use-words';
import { useEvening } from './use-evening';
import { sayGuests } from './use-evening-sentence';
import { useNight } from './use-night';

/** How the night goes, in a sentence and a line under it. */
export function useNightSentence() {
  const words = useWords();
  const { evening, firstGlass, now } = useEvening();
  const { isSettled, menu, pours, drinks, had, nameOf } = useNight();
  const lastPours = computed(() =>
    evening.value && firstGlass.value
      ? new Date(firstGlass.value.getTime() + lastPoursAt(evening.value) * 60_000)
      : undefined,
  );
  const isLast = computed(() => lastPours.value !== undefined && now.value >= lastPours.value);
  const glasses = computed(() => pours.value.reduce((sum, p) => sum + p.glasses, 0));
  const planned = computed(() => menu.value.reduce((sum, d) => sum + d.glasses, 0));

  const headline = computed(() => {
    const e = evening.value;
    if (!e) return { before: 'Nobody is asked yet: ', figure: 'say who comes and when', after: '' };
    if (!isSettled.value)
      return {
        before: `${words.weekday(e.on)} from ${e.from}: `,
        figure: 'settle the menu',
        after: ', and the night can begin',
      };
    const at = lastPours.value ? words.time(lastPours.value.toISOString()) : '';
    return {
      before: `${sayGuests(peopleOf(e))}: `,
      figure: `${glasses.value} of about ${planned.value} poured`,
      after: isLast.value ? '; last pours now' : `; last pours at ${at}`,
    };
  });
  const underline = computed(() => {
    if (!isSettled.value) return '';
    const out = drinks.value.filter((d) => d.isOut).map((d) => nameOf(d.id));
    const low = drinks.value.filter((d) => d.isLow && !d.isOut).map((d) => nameOf(d.id));
    const past = [...had.value.values()].filter((s) => s.past).map((s) => s.name);
    return [
      low.length > 0 ? `running low: ${listed(low)}` : '',
      out.length > 0 ? `no more of ${listed(out)}` : '',
      past.length > 0 ? `water for ${listed(past)}` : 'water on the table',
    ]
      .filter(Boolean)
      .join(' · ');
  });

  return { headline, underline };
}

import { inSentence } from '@uisce/core/base';
import { createSharedComposable, useNow } from '@vueuse/core';
import { getDay, parseISO } from 'date-fns';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { peopleOf, type Evening, type ScheduledTask } from '@uisce/core/evening';
import { useClock } from '../household/use-clock';
import { useEvenings } from '../household/use-evenings';
import { useIce } from '../household/use-ice';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useQuestion } from '../solver/use-question';
import { useWords } from '../words/use-words';

/** A guest or a drink is changed; what follows is worked out when the hand has moved on. */
const ASK_AFTER_MS = 300;
const MINUTE_MS = 60_000;
/** What has slipped is planned anew from now, at most so often. */
const AGAIN_AFTER_MS = 5 * MINUTE_MS;
const LONGEST_AHEAD = 60 * 24 * 14;

/** The evening's plan, worked out anew when something of it changed or what was to be begun is late. */
function useEveningPlan(evening: Ref<Evening | undefined>, firstGlass: Ref<Date | undefined>) {
  const stock = useStock();
  const catalogue = useCatalogue();
  const freezer = useIce();
  const asked = computed(() => {
    const e = evening.value;
    const at = firstGlass.value;
    if (!e || !at || e.guests.length === 0 || !catalogue.loaded || !catalogue.prices) return undefined;
    return {
      evening: JSON.parse(JSON.stringify(e)) as Evening,
      there: [...stock.here.there.values()],
      fresh: [...stock.here.freshPieces],
      changed: stock.here.changed,
      houseSyrupRatio: stock.here.houseSyrupRatio,
      ice: freezer.left.value,
      weekday: getDay(parseISO(e.on)),
    };
  });
  /** The moment that it is worked out for: when something of it changed, or what was to be begun is late. */
  const asOf = shallowRef(Date.now());
  watch(asked, () => (asOf.value = Date.now()), { flush: 'sync' });
  const { last, isAsking } = useQuestion(
    'evening',
    () => {
      const [what, at] = [asked.value, firstGlass.value];
      if (!what || !at) return undefined;
      const ahead = Math.floor((at.getTime() - asOf.value) / MINUTE_MS);
      return { of: { ...what, horizon: Math.max(1, Math.min(LONGEST_AHEAD, ahead)) } };
    },
    { debounceMs: ASK_AFTER_MS },
  );
  // What was worked out for this evening stays until something better is.
  const plan = computed(() => last.value ?? undefined);
  watch(
    () => evening.value?.id,
    () => (last.value = undefined),
  );
  return { asOf, plan, isAsking };
}

/** Moments of a schedule, which counts back from the first glass. */
function useMoments(firstGlass: Ref<Date | undefined>) {
  const words = useWords();
  const clock = useClock();
  const momentOf = (minutesBefore: number) =>
    new Date((firstGlass.value?.getTime() ?? 0) - minutesBefore * MINUTE_MS);
  const dayOf = (minutesBefore: number) => clock.moment(momentOf(minutesBefore)).day;
  const sayMoment = (minutesBefore: number) =>
    `${words.weekday(dayOf(minutesBefore))} ${words.time(momentOf(minutesBefore).toISOString())}`;
  const sayMinutes = (minutes: number) =>
    `${minutes >= 60 ? `${Math.floor(minutes / 60)} h ` : ''}${minutes % 60} min`;
  return { momentOf, dayOf, sayMoment, sayMinutes };
}

/** The evening to come, worked out: its menu, what it lacks, its schedule. */
export const useEvening = createSharedComposable(() => {
  const evenings = useEvenings();
  const now = useNow({ interval: MINUTE_MS / 2 });

  const evening = computed(() => evenings.next);
  const clock = useClock();
  /** The first glass, by the household's clock. */
  const firstGlass = computed(() =>
    evening.value ? clock.instant(evening.value.on, evening.value.from) : undefined,
  );
  const { asOf, plan, isAsking } = useEveningPlan(evening, firstGlass);
  const moments = useMoments(firstGlass);
  const { momentOf } = moments;
  const people = computed(() => (evening.value ? peopleOf(evening.value) : 0));
  const missingMinor = computed(() => (plan.value?.missing ?? []).reduce((sum, m) => sum + m.priceMinor, 0));

  const placed = computed<ScheduledTask[]>(() => {
    const schedule = plan.value?.schedule;
    return schedule ? [...schedule.placed].sort((a, b) => b.begins - a.begins) : [];
  });
  const taskOf = (id: string) => plan.value?.tasks.find((t) => t.id === id);
  const taskName = (id: string) => taskOf(id)?.name ?? id;
  const taskInSentence = (id: string) => inSentence(taskOf(id) ?? { name: id });
  /** What hands are wanted for, the next first; what freezes or chills by itself is nothing to do. */
  const ahead = computed(() => placed.value.filter((p) => taskOf(p.id)?.hands));
  /** The next task should have been begun: all that follows is planned anew from now. */
  const isLate = computed(() => {
    const first = ahead.value[0];
    return first !== undefined && now.value.getTime() - momentOf(first.begins).getTime() > MINUTE_MS;
  });
  watch([isLate, now], () => {
    if (isLate.value && Date.now() - asOf.value > AGAIN_AFTER_MS) asOf.value = Date.now();
  });

  return {
    evening,
    plan,
    isAsking,
    people,
    missingMinor,
    placed,
    ahead,
    isLate,
    now,
    firstGlass,
    taskOf,
    taskName,
    taskInSentence,
    ...moments,
  };
});

import { inSentence, upperFirst } from '@uisce/core/base';
import { createSharedComposable, useNow } from '@vueuse/core';
import { computed, shallowRef, watch } from 'vue';
import { peopleOf, type Evening, type Lack, type ScheduledTask } from '@uisce/core/evening';
import { useEvenings } from '../household/use-evenings';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { useQuestion } from '../solver/use-question';
import { count, listed, useWords } from '../words/use-words';

/** A guest or a drink is changed; what follows is worked out when the hand has moved on. */
const ASK_AFTER_MS = 300;
const MINUTE_MS = 60_000;
/** What has slipped is planned anew from now, at most so often. */
const AGAIN_AFTER_MS = 5 * MINUTE_MS;
const LONGEST_AHEAD = 60 * 24 * 14;

const NUMBER_WORDS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
] as const;

/** What a menu lacks for somebody, within a sentence. */
function sayLack(lack: Lack): string {
  if (lack.is === 'no-soft') return 'nothing without alcohol stands on it';
  if (lack.is === 'contradiction')
    return `${lack.guest} likes ${listed(lack.tastes)} and cannot or will not have it: nothing pleases both`;
  const { guest, finds, exists } = lack;
  const found = finds === 0 ? 'nothing' : 'one';
  const more =
    exists > finds ? '' : exists === 0 ? ', and nothing here is for them' : ', and there is no other';
  return `${guest} finds ${found} on it${more}`;
}

/** "Six guests", as a sentence begins. */
export function sayGuests(n: number): string {
  const word = upperFirst(NUMBER_WORDS[n] ?? String(n));
  return `${word} ${n === 1 ? 'guest' : 'guests'}`;
}

/** The evening to come, worked out: its menu, what it lacks, its schedule. */
export const useEvening = createSharedComposable(() => {
  const evenings = useEvenings();
  const stock = useStock();
  const catalogue = useCatalogue();
  const words = useWords();
  const now = useNow({ interval: MINUTE_MS / 2 });

  const evening = computed(() => evenings.next);
  /** The first glass, where the reader is. */
  const firstGlass = computed(() =>
    evening.value ? new Date(`${evening.value.on}T${evening.value.from}:00`) : undefined,
  );
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
      weekday: at.getDay(),
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
  const people = computed(() => (evening.value ? peopleOf(evening.value) : 0));
  const missingMinor = computed(() => (plan.value?.missing ?? []).reduce((sum, m) => sum + m.priceMinor, 0));

  /** A moment of the schedule, where the reader is. */
  const momentOf = (minutesBefore: number) =>
    new Date((firstGlass.value?.getTime() ?? 0) - minutesBefore * MINUTE_MS);
  const dayOf = (minutesBefore: number) => momentOf(minutesBefore).toLocaleDateString('sv');
  const sayMoment = (minutesBefore: number) =>
    `${words.weekday(dayOf(minutesBefore))} ${words.time(momentOf(minutesBefore).toISOString())}`;
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

  const headline = computed(() => {
    const e = evening.value;
    if (!e) return { before: 'Nobody is asked yet: ', figure: 'say who comes and when', after: '' };
    if (e.guests.length === 0)
      return { before: `${words.day(e.on)} from ${e.from}: `, figure: 'who comes?', after: '' };
    const before = `${sayGuests(people.value)} on ${words.weekday(e.on)} from ${e.from}: `;
    if (!plan.value) return { before, figure: 'working out the menu', after: '' };
    const figure = `${plan.value.drinks.length} on the menu, ${count(plan.value.pours.total, 'pour')}`;
    const after =
      missingMinor.value > 0 ? `; ${words.price(missingMinor.value)} is missing` : '; nothing is missing';
    return { before, figure, after };
  });
  const sayMinutes = (minutes: number) =>
    `${minutes >= 60 ? `${Math.floor(minutes / 60)} h ` : ''}${minutes % 60} min`;
  const underline = computed(() => {
    const p = plan.value;
    if (!p || !evening.value) return '';
    const parts = [
      p.lacks.length === 0
        ? 'Everyone finds at least two they like'
        : p.lacks.every((l) => l.is === 'no-soft')
          ? 'Everyone finds at least two they like, but nothing without alcohol stands on it'
          : upperFirst(listed(p.lacks.map(sayLack))),
      p.menu.proven ? 'proven best' : 'a good menu, not proven',
    ];
    const first = ahead.value[0];
    if (p.schedule.ok && first)
      parts.push(`begin ${sayMoment(first.begins)} with ${taskInSentence(first.id)}`);
    if (p.schedule.ok) {
      const hands = p.tasks.filter((t) => t.hands).reduce((sum, t) => sum + t.minutes, 0);
      parts.push(`your hands are busy ${sayMinutes(hands)} in all`);
    }
    return parts.join(' · ');
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
    dayOf,
    sayMoment,
    sayMinutes,
    momentOf,
    headline,
    underline,
  };
});

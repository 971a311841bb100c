import { upperFirst } from '@uisce/core/base';
import { computed } from 'vue';
import type { Lack } from '@uisce/core/evening';
import { count, listed, useWords } from '../words/use-words';
import { useEvening } from './use-evening';

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

/** What the evening to come is, in a sentence and a line under it. */
export function useEveningSentence() {
  const words = useWords();
  const { evening, plan, people, missingMinor, ahead, taskInSentence, sayMoment, sayMinutes } = useEvening();
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

  return { headline, underline };
}

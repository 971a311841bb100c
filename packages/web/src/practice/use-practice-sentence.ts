import { computed, type Ref } from 'vue';
import { aimOf } from '@uisce/core/practice';
import { useGlossary } from '../household/use-glossary';
import { usePractice } from '../household/use-practice';
import { count, useWords } from '../words/use-words';
import { sayHand, useAim } from './use-aim';
import { useFirstWeek } from './use-first-week';

/** What stands under the sentence of a part; of pouring by count it says how near one comes. */
const UNDERLINES: Readonly<Record<string, string>> = {
  cards: 'From the drinks you pour, like or plan; ten take three minutes',
  words: 'What they mean, and where they mean something else',
  sums: 'Ounces, halves, four of these, what is left in the bottle',
  balance: 'No bottle needed: read the numbers, then say what mends it',
  week: 'Each is ticked by what you really did',
};

/** The sentence of each part of Practice. */
export function usePracticeSentence(part: Ref<string>) {
  const practice = usePractice();
  const words = useWords();
  const { words: glossary } = useGlossary();
  const { last, target } = useAim();
  const { steps } = useFirstWeek();

  const pour = computed(() => {
    const aim = aimOf(last.value);
    if (!aim || target.value === undefined)
      return { before: 'Hold, count, let go: ', figure: 'see how near you come', after: '' };
    const mean = target.value * (1 + aim.bias);
    const spread = aim.spread === undefined ? '' : ` ± ${words.fixed(target.value * aim.spread, 1)}`;
    return {
      before: '',
      figure: `${words.fixed(mean, 1)}${spread} for ${words.volume(target.value)}`,
      after: `: ${sayHand(aim)}`,
    };
  });
  const headline = computed(() => {
    switch (part.value) {
      case 'cards': {
        const n = practice.due.length;
        return n > 0
          ? { before: 'By heart: ', figure: count(n, 'card'), after: ' due' }
          : { before: 'Nothing is due; ', figure: 'ten new ones', after: ', if you like' };
      }
      case 'words':
        return {
          before: 'The words of the trade: ',
          figure: glossary.value.length > 0 ? String(glossary.value.length) : 'on their way',
          after: '',
        };
      case 'sums':
        return { before: 'Sums at the counter: ', figure: 'in the head', after: '' };
      case 'balance':
        return { before: 'Four glasses, by their figures: ', figure: 'which is it?', after: '' };
      case 'week': {
        const done = steps.value.filter((s) => s.done).length;
        return {
          before: 'The first week: ',
          figure: `${done} of ${steps.value.length}`,
          after: ' steps taken',
        };
      }
      default:
        return pour.value;
    }
  });
  const underline = computed(() => UNDERLINES[part.value] ?? aimWords.value);
  const aimWords = computed(() => {
    const aim = aimOf(last.value);
    return aim
      ? `The last ${count(aim.trials, 'pour')} of it; ${words.percent(aim.within).replace(/[.,]0/, '')} within five in the hundred`
      : 'A bottle, a spout, a count: hold the bottle with the mouse, a finger, or the space bar';
  });
  return { headline, underline };
}

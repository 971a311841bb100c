import { createSharedComposable, useLocalStorage } from '@vueuse/core';
import { computed } from 'vue';
import { aimOf, targetsOf, type Aim } from '@uisce/core/practice';
import { useLog } from '../household/use-log';
import { usePractice } from '../household/use-practice';

/** So many of the last pours of an amount say how a hand is now. */
const LAST = 20;

/** A bias in words: pouring too much is counting slowly, too little fast; and whether it is even. */
export function sayHand(aim: Aim): string {
  if (aim.trials < 4) return 'a few more, to tell a hand from chance';
  const count = !aim.isOff ? 'you count right' : aim.bias > 0 ? 'you count slowly' : 'you count fast';
  return `${count}; you are ${aim.isEven ? 'even' : 'uneven'}`;
}

/** What is aimed at, and how it went of late. */
export const useAim = createSharedComposable(() => {
  const log = useLog();
  const practice = usePractice();

  const targets = computed(() => targetsOf(log.pours));
  const wanted = useLocalStorage<number>('uisce:target', 30);
  /** The amount that is trained: one of the household's own. */
  const target = computed({
    get: () => (targets.value.includes(wanted.value) ? wanted.value : targets.value[1]),
    set: (ml: number | undefined) => (wanted.value = ml ?? 30),
  });
  const of = (ml: number) => practice.mine.filter((t) => t.targetMl === ml);
  const last = computed(() => (target.value === undefined ? [] : of(target.value).slice(-LAST)));
  /** How each amount goes, those that were trained. */
  const byTarget = computed(() => {
    const all = [...new Set(practice.mine.map((t) => t.targetMl))].sort((a, b) => a - b);
    return all.flatMap((ml) => {
      const aim = aimOf(of(ml).slice(-LAST));
      return aim ? [{ ml, aim }] : [];
    });
  });
  return { targets, target, last, byTarget };
});

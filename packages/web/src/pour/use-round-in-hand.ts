import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import {
  addMore,
  beginWork,
  goBack,
  goOn,
  isTimed,
  roundInHand,
  mlByScale,
  pourOff,
  scaleTarget,
} from '@uisce/core/pouring';
import { useLog } from '../household/use-log';

/** The round under way: the step in hand, and how to go on and back. */
export const useRoundInHand = createSharedComposable(() => {
  const log = useLog();
  const inHand = computed(() => (log.round ? roundInHand(log.round, log.bar) : undefined));
  const current = computed(() => inHand.value?.current);
  const isLast = computed(() => current.value?.act === 'serve');
  const timed = computed(() => current.value !== undefined && isTimed(current.value));
  const running = computed(() => timed.value && (log.round?.workFrom ?? null) !== null);
  const now = () => new Date().toISOString();

  /** The next step; what is timed is first begun. */
  function on(ml?: number): void {
    const { round } = log;
    if (!round || !inHand.value) return;
    if (isLast.value) log.finish(round, inHand.value, true);
    else if (timed.value && round.workFrom === null) log.keepRound(beginWork(round, now()));
    else log.keepRound(goOn(round, log.bar, now(), ml));
  }
  function back(): void {
    const { round } = log;
    if (round) log.keepRound(running.value ? { ...round, workFrom: null } : goBack(round, log.bar));
  }
  const giveUp = () => {
    const { round } = log;
    if (round && inHand.value) log.finish(round, inHand.value, false);
  };

  /** What the scale is to show, and what an amount on it means. */
  const targetG = computed(() =>
    log.round && inHand.value && current.value
      ? scaleTarget(log.round, inHand.value, current.value)
      : undefined,
  );
  const mlOfShown = (g: number) =>
    log.round && inHand.value && current.value ? mlByScale(log.round, inHand.value, current.value, g) : 0;

  /** Where the filling in hand stands, overshot or not. */
  const loadNow = computed(() => {
    const load = current.value?.load;
    return load === null || load === undefined ? undefined : inHand.value?.loadsNow[load];
  });
  function pourSomeOff(): void {
    const load = current.value?.load;
    if (log.round && inHand.value && load !== null && load !== undefined)
      log.keepRound(pourOff(log.round, inHand.value, load));
  }
  function mend(slot: number, ml: number): void {
    const load = current.value?.load;
    if (log.round && inHand.value && load !== null && load !== undefined)
      log.keepRound(addMore(log.round, inHand.value, load, slot, ml));
  }

  return {
    inHand,
    current,
    isLast,
    timed,
    running,
    on,
    back,
    giveUp,
    targetG,
    mlOfShown,
    loadNow,
    pourSomeOff,
    mend,
  };
});

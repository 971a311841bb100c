import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import {
  addMore,
  beginWork,
  goBack,
  goOn,
  isTimed,
  makingOf,
  mlByScale,
  pourOff,
  scaleTarget,
} from '@uisce/core/pouring';
import { useLog } from '../household/use-log';

/** The round under way: the step in hand, and how to go on and back. */
export const useMaking = createSharedComposable(() => {
  const log = useLog();
  const making = computed(() => (log.round ? makingOf(log.round, log.bar) : undefined));
  const current = computed(() => making.value?.current);
  const isLast = computed(() => current.value?.act === 'serve');
  const timed = computed(() => current.value !== undefined && isTimed(current.value));
  const running = computed(() => timed.value && (log.round?.workFrom ?? null) !== null);
  const now = () => new Date().toISOString();

  /** The next step; what is timed is first begun. */
  function on(ml?: number): void {
    const { round } = log;
    if (!round || !making.value) return;
    if (isLast.value) log.finish(round, making.value, true);
    else if (timed.value && round.workFrom === null) log.keepRound(beginWork(round, now()));
    else log.keepRound(goOn(round, log.bar, now(), ml));
  }
  function back(): void {
    const { round } = log;
    if (round) log.keepRound(running.value ? { ...round, workFrom: null } : goBack(round, log.bar));
  }
  const giveUp = () => {
    const { round } = log;
    if (round && making.value) log.finish(round, making.value, false);
  };

  /** What the scale is to show, and what an amount on it means. */
  const targetG = computed(() =>
    log.round && making.value && current.value
      ? scaleTarget(log.round, making.value, current.value)
      : undefined,
  );
  const mlOfShown = (g: number) =>
    log.round && making.value && current.value ? mlByScale(log.round, making.value, current.value, g) : 0;

  /** Where the filling in hand stands, overshot or not. */
  const loadNow = computed(() => {
    const load = current.value?.load;
    return load === null || load === undefined ? undefined : making.value?.loadsNow[load];
  });
  function pourSomeOff(): void {
    const load = current.value?.load;
    if (log.round && making.value && load !== null && load !== undefined)
      log.keepRound(pourOff(log.round, making.value, load));
  }
  function mend(slot: number, ml: number): void {
    const load = current.value?.load;
    if (log.round && making.value && load !== null && load !== undefined)
      log.keepRound(addMore(log.round, making.value, load, slot, ml));
  }

  return {
    making,
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

import { useRafFn } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import { Stream, type FlowingLiquid, type Spout } from '@uisce/core/practice';

/** A bottle as it usually stands: two thirds full. */
const BOTTLE = { sizeMl: 700, leftMl: 460 };
/** Longer than this nobody pours: the hand has left, or the page was away. */
const LONGEST_S = 20;

/** A bottle that is tilted while it is held; what ran is told once the stream has ended. */
export function usePourStage(onPoured: (ml: number, seconds: number) => void) {
  const held = ref(false);
  /** Whether anything runs, or still runs after the bottle was set down. */
  const running = ref(false);
  const inCupMl = ref(0);
  const runsMlPerS = ref(0);
  const seconds = ref(0);
  const stream = shallowRef<Stream>();
  let last = 0;
  let since = 0;

  function pass(now: number): void {
    const s = stream.value;
    if (!s) return;
    s.pass(Math.max(0, (now - last) / 1000), held.value);
    last = now;
    inCupMl.value = s.inCupMl;
    runsMlPerS.value = s.runsMlPerS;
    if (held.value) seconds.value = (now - since) / 1000;
    if (held.value && seconds.value > LONGEST_S) letGo();
    if (!held.value && s.isStill) {
      frames.pause();
      running.value = false;
      onPoured(Math.round(s.inCupMl * 10) / 10, seconds.value);
    }
  }
  const frames = useRafFn(({ timestamp }) => pass(Math.max(last, timestamp)), { immediate: false });

  /** Tilt it: an empty cup stands below. */
  function hold(spout: Spout, liquid: FlowingLiquid): void {
    if (running.value) return;
    stream.value = new Stream(spout, liquid, BOTTLE.leftMl, BOTTLE.sizeMl);
    last = since = performance.now();
    [held.value, running.value, inCupMl.value, seconds.value] = [true, true, 0, 0];
    frames.resume();
  }
  /** Set it down: what ran until now is counted to the millisecond. */
  function letGo(): void {
    if (!held.value) return;
    pass(performance.now());
    held.value = false;
  }
  return { held, running, inCupMl, runsMlPerS, seconds, hold, letGo };
}

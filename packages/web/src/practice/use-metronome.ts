import { useIntervalFn, useLocalStorage } from '@vueuse/core';
import { ref, watch, type Ref } from 'vue';

/** Two beats a second: at 30 ml a second each is 15 ml. */
const BEAT_MS = 500;
const TICK_HZ = 880;
const TICK_S = 0.04;

/** Beats to count by while the bottle is held; heard only by whoever wants to. */
export function useMetronome(held: Ref<boolean>) {
  const on = useLocalStorage('uisce:metronome', false);
  const sound = useLocalStorage('uisce:metronome-sound', false);
  const beat = ref(0);
  let audio: AudioContext | undefined;

  function tick(): void {
    beat.value += 1;
    if (!sound.value) return;
    audio ??= new AudioContext();
    const tone = audio.createOscillator();
    tone.frequency.value = TICK_HZ;
    tone.connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + TICK_S);
  }
  const beats = useIntervalFn(tick, BEAT_MS, { immediate: false });
  watch(held, (is) => {
    beat.value = 0;
    if (is && on.value) beats.resume();
    else beats.pause();
  });
  return { on, sound, beat };
}

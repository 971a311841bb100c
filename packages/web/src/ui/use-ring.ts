import { useLocalStorage } from '@vueuse/core';

/** Three short tones, as a kitchen timer has. */
const TONES = 3;
const TONE_HZ = 660;
const TONE_S = 0.18;
const GAP_S = 0.32;
const SHAKES_MS = [200, 120, 200, 120, 200];

let audio: AudioContext | undefined;

/** A timer's end is heard and felt, as far as the device can, where nobody switched it off on it. */
export function useRing() {
  const isOn = useLocalStorage('uisce:ring', true);

  function ring(): void {
    if (!isOn.value) return;
    navigator.vibrate?.(SHAKES_MS);
    if (typeof AudioContext === 'undefined') return;
    audio ??= new AudioContext();
    for (let n = 0; n < TONES; n++) {
      const tone = audio.createOscillator();
      const from = audio.currentTime + n * GAP_S;
      tone.frequency.value = TONE_HZ;
      tone.connect(audio.destination);
      tone.start(from);
      tone.stop(from + TONE_S);
    }
  }
  return { isOn, ring };
}

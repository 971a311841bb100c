import { useEventListener, useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';

/** Steps spoken by the browser's own voice, off until somebody asks for it on this device. */
export function useSpeech() {
  /** Only a voice that the device has itself: nothing is sent anywhere to be spoken. */
  const voice = ref<SpeechSynthesisVoice>();
  const has = typeof window !== 'undefined' && 'speechSynthesis' in window;
  const look = () =>
    (voice.value = speechSynthesis.getVoices().find((v) => v.localService && v.lang.startsWith('en')));
  if (has) {
    look();
    useEventListener(speechSynthesis, 'voiceschanged', look);
  }
  const isSupported = computed(() => voice.value !== undefined);
  const isOn = useLocalStorage('uisce:speaks', false);

  function say(text: string): void {
    if (voice.value === undefined || !isOn.value) return;
    speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(text);
    said.voice = voice.value;
    speechSynthesis.speak(said);
  }
  function toggle(): void {
    isOn.value = !isOn.value;
    if (!isOn.value && has) speechSynthesis.cancel();
  }
  return { isSupported, isOn, say, toggle };
}

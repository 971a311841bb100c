import { useLocalStorage } from '@vueuse/core';

/** Steps spoken by the browser's own voice, off until somebody asks for it on this device. */
export function useSpeech() {
  const isSupported = typeof window !== 'undefined' && 'speechSynthesis' in window;
  const isOn = useLocalStorage('uisce:speaks', false);

  function say(text: string): void {
    if (!isSupported || !isOn.value) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(text));
  }
  function toggle(): void {
    isOn.value = !isOn.value;
    if (!isOn.value && isSupported) speechSynthesis.cancel();
  }
  return { isSupported, isOn, say, toggle };
}

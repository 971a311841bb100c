import { defineStore } from 'pinia';
import { ref } from 'vue';

/** One quiet line at the foot of the screen. */
export const useNotices = defineStore('notices', () => {
  const text = ref('');
  const shown = ref(false);

  function say(words: string): void {
    text.value = words;
    shown.value = true;
  }

  return { text, shown, say };
});

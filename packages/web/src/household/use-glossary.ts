import { createSharedComposable } from '@vueuse/core';
import { computed, shallowRef } from 'vue';
import type { Glossary, Word } from '@uisce/core/practice';
import { api } from '../kept/client';

/** The words of the trade, fetched once somebody asks for one. */
export const useGlossary = createSharedComposable(() => {
  const glossary = shallowRef<Glossary>();
  let asked: Promise<void> | undefined;
  /** Fetch it; where the server is away it is asked for again the next time. */
  function load(): Promise<void> {
    asked ??= api<Glossary>('/glossary').then(
      (read) => {
        glossary.value = read;
      },
      () => {
        asked = undefined;
      },
    );
    return asked;
  }
  const words = computed<readonly Word[]>(() => glossary.value?.words ?? []);
  return { glossary, words, load };
});

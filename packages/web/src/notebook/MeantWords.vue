<script setup lang="ts">
import { computed, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { findWords, isCalled } from '@uisce/core/practice';
import { useGlossary } from '../household/use-glossary';

/** Words that are called as what is sought, beside the drinks. */
const props = defineProps<{ text: string }>();
const glossary = useGlossary();
const MEANT = 2;
watch(
  () => props.text.trim() !== '',
  (seeks) => {
    if (seeks) void glossary.load();
  },
  { immediate: true },
);
const meant = computed(() =>
  findWords({ words: [...glossary.words.value] }, props.text)
    .filter((w) => isCalled(w, props.text))
    .slice(0, MEANT),
);
</script>

<template>
  <ul v-if="meant.length > 0" class="plain-list" aria-label="Words of the trade">
    <li v-for="w in meant" :key="w.id">
      <RouterLink :to="{ path: '/practice/words', query: { word: w.id } }">{{ w.word }}</RouterLink>
      <span class="dim">{{ w.says }}</span>
    </li>
  </ul>
</template>

<style scoped>
li {
  padding: 4px 0;
  font-size: 0.9375rem;
}

a {
  margin-inline-end: 6px;
  color: inherit;
  font-weight: 700;
}
</style>

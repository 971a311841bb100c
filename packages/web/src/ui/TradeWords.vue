<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { RouterLink } from 'vue-router';
import { piecesOf } from '@uisce/core/practice';
import { useGlossary } from '../household/use-glossary';

/** A sentence in which the words of the trade lead to what they mean. */
const props = defineProps<{ text: string }>();
const { words, load } = useGlossary();
onMounted(load);
const pieces = computed(() => piecesOf(props.text, words.value));
</script>

<template>
  <span
    ><template v-for="(piece, i) in pieces" :key="i"
      ><RouterLink
        v-if="piece.word"
        class="word"
        :to="{ path: '/practice/words', query: { word: piece.word.id } }"
        :title="piece.word.says"
        >{{ piece.text }}</RouterLink
      ><template v-else>{{ piece.text }}</template></template
    ></span
  >
</template>

<style scoped>
.word {
  color: inherit;
  text-decoration: underline dotted 1px;
  text-underline-offset: 4px;
}
</style>

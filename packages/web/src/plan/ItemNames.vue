<script setup lang="ts">
import { ref } from 'vue';
import { useItemWords } from '../words/use-item-words';
import { count } from '../words/use-words';

/** Things by name; a long list shows its number first and opens to the names. */
const props = withDefaults(defineProps<{ ids: readonly string[]; most?: number }>(), { most: 6 });
const { itemsInSentence } = useItemWords();
const shown = ref(false);
const isLong = () => props.ids.length > props.most;
</script>

<template>
  <span>
    <button
      v-if="isLong()"
      class="plain-button link"
      type="button"
      :aria-expanded="shown"
      @click="shown = !shown"
    >
      {{ count(ids.length, 'thing') }}</button><template v-if="!isLong() || shown"
      >{{ isLong() ? ': ' : '' }}{{ itemsInSentence(ids) }}</template
    >
  </span>
</template>

<style scoped>
.link {
  display: inline;
  min-height: 24px;
  font: inherit;
  text-decoration: underline dotted;
}
</style>

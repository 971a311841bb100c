<script setup lang="ts">
import { computed } from 'vue';
import { traceDoes, type TooMuch } from '@uisce/core/bench';
import type { HomeMade } from '@uisce/core/catalogue';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { useWords } from '../words/use-words';

/** Too much of what is meant as a trace: what it does, and how the batch can still be saved. */
const props = defineProps<{ recipe: HomeMade | undefined; much: TooMuch; ml: number }>();
const emit = defineEmits<{ enlarge: [] }>();

const catalogue = useCatalogue();
const words = useWords();
const { partName, grams } = useBatchWords();

const DOES = {
  sour: 'it comes out sharper',
  salty: 'it comes out salty',
  perfumed: 'it tastes of perfume before anything else',
  bitter: 'it comes out bitter',
  stronger: 'it stands out more than it should',
} as const;
const part = computed(() => props.recipe?.from[props.much.part]);
const does = computed(() => (part.value ? DOES[traceDoes(part.value, catalogue.all, catalogue.kinds)] : ''));
</script>

<template>
  <div v-if="part" class="over" role="status">
    <p>
      {{ grams(much.overG) }} too much {{ partName(part) }}: {{ does }}. So little does not make a larger
      batch by itself. Spoon it out again if it still lies on top; leave it and taste; or
      <button class="plain-button link" type="button" @click="emit('enlarge')">
        make {{ words.number(ml, 0) }} ml of everything else</button
      >, and it is right.
    </p>
  </div>
</template>

<style scoped>
.over {
  padding: 8px 12px;
  border-inline-start: 4px solid rgb(var(--v-theme-copper));
}

p {
  margin: 0;
}
</style>

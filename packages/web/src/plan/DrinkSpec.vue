<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkFigures, drinkWarnings, methodSteps } from '@uisce/core/drink';
import { useTrade } from '../household/use-trade';
import { inSentence, useWords } from '../words/use-words';
import SpecTable from '../ui/drink/SpecTable.vue';
import CautionLine from '../ui/CautionLine.vue';

const props = defineProps<{ recipe: Recipe }>();

const trade = useTrade();
const words = useWords();

const profile = computed(() => drinkFigures(props.recipe, trade.kinds));
const glass = computed(() => trade.glasses.get(props.recipe.glass));
const steps = computed(() =>
  glass.value
    ? methodSteps(props.recipe, trade.kinds, inSentence(glass.value.name), (k) => inSentence(k.name))
    : [],
);
const cautions = computed(() => drinkWarnings(props.recipe, trade.kinds).cautions);
</script>

<template>
  <div class="spec">
    <SpecTable :recipe="recipe" />
    <p class="dim">
      {{ steps.join(' ') }} About {{ words.volume(profile.servedMl) }} at
      {{ words.percent(profile.abv) }} vol.
      <RouterLink :to="`/notebook/${recipe.id}`">Read it in the Notebook</RouterLink>
    </p>
    <CautionLine v-for="caution in cautions" :key="caution">{{ caution }}</CautionLine>
  </div>
</template>

<style scoped>
.spec {
  padding: 2px 0 12px;
}

p {
  margin: 6px 0 0;
  font-size: 0.9375rem;
}

a {
  color: inherit;
}
</style>

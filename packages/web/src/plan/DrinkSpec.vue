<script setup lang="ts">
import { inSentence } from '@uisce/core/base';
import { computed, toRef } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { sayMethod } from '@uisce/core/drink';
import { useCatalogue } from '../household/use-catalogue';
import { useHouseSyrup } from '../words/house-syrup';
import { useWords } from '../words/use-words';
import { useWarnings } from '../ui/drink/use-warnings';
import SpecTable from '../ui/drink/SpecTable.vue';
import CautionLine from '../ui/CautionLine.vue';

const props = defineProps<{ recipe: Recipe }>();

const catalogue = useCatalogue();
const house = useHouseSyrup();
const words = useWords();

const profile = computed(() => house.figuresOf(props.recipe));
const glass = computed(() => catalogue.glasses.get(props.recipe.glass));
const steps = computed(() =>
  glass.value ? sayMethod(props.recipe, catalogue.kinds, inSentence(glass.value), (k) => inSentence(k)) : [],
);
const warnings = useWarnings(toRef(props, 'recipe'));
</script>

<template>
  <div class="spec">
    <SpecTable :recipe="recipe" />
    <p class="dim">
      {{ steps.join(' ') }} About {{ words.volume(profile.servedMl) }} at
      {{ words.percent(profile.abv) }} vol.
      <RouterLink :to="`/notebook/${recipe.id}`">Read it in the Notebook</RouterLink>
    </p>
    <CautionLine v-for="caution in warnings" :key="caution">{{ caution }}</CautionLine>
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

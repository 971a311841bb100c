<script setup lang="ts">
import { computed, toRef } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { sayMethod } from '@uisce/core/drink';
import { useTrade } from '../household/use-trade';
import { ALLERGEN_WORDS } from '../words/trade-words';
import { useHouseSyrup } from '../words/house-syrup';
import { inSentence, listed, useWords } from '../words/use-words';
import { useWarnings } from '../ui/drink/use-warnings';
import SpecTable from '../ui/drink/SpecTable.vue';
import CautionLine from '../ui/CautionLine.vue';

const props = defineProps<{ recipe: Recipe }>();

const trade = useTrade();
const house = useHouseSyrup();
const words = useWords();

const profile = computed(() => house.figuresOf(props.recipe));
const glass = computed(() => trade.glasses.get(props.recipe.glass));
const steps = computed(() =>
  glass.value
    ? sayMethod(props.recipe, trade.kinds, inSentence(glass.value.name), (k) => inSentence(k.name))
    : [],
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
    <CautionLine v-if="warnings.allergens.length > 0">
      Contains {{ listed(warnings.allergens.map((a) => ALLERGEN_WORDS[a])) }}.
    </CautionLine>
    <CautionLine v-for="caution in warnings.cautions" :key="caution">{{ caution }}</CautionLine>
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

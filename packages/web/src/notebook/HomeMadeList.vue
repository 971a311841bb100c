<script setup lang="ts">
import { computed } from 'vue';
import type { HomeMadePart, Recipe } from '@uisce/core/catalogue';
import { useTrade } from '../household/use-trade';
import { inSentence, listed, sayDays, useWords } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';

const props = defineProps<{ recipe: Recipe }>();

const trade = useTrade();
const words = useWords();
const partName = ({ kind, pantry }: HomeMadePart) =>
  trade.catalogue.pantry.find((p) => p.id === pantry)?.name ?? trade.kindName(kind ?? '');

/** Parts of the drink that can be made at home, with what goes into a batch. */
const batches = computed(() => {
  const poured = new Set(props.recipe.slots.flatMap((s) => [s.kind, ...s.or]));
  return trade.catalogue.homeMade
    .filter((batch) => poured.has(batch.makes))
    .map((batch) => ({
      key: batch.id,
      name: trade.kindName(batch.makes) + (batch.way ? `, ${batch.way}` : ''),
      from: listed(batch.from.map((p) => `${words.number(p.g)} g ${inSentence(partName(p))}`)),
      how: batch.how,
      keeps: sayDays(batch.keepsDays),
      caution: batch.caution,
    }));
});
</script>

<template>
  <section v-if="batches.length > 0" aria-labelledby="home-made-title">
    <h2 id="home-made-title">Made at home</h2>
    <template v-for="batch in batches" :key="batch.key">
      <p>
        <strong>{{ batch.name }}</strong>: {{ batch.from }}. {{ batch.how }}
        <span class="dim">Keeps {{ batch.keeps }} in the fridge, in a clean bottle with its date on.</span>
      </p>
      <CautionLine v-if="batch.caution">{{ batch.caution }}</CautionLine>
    </template>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0;
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { batchOfVolume, keeping } from '@uisce/core/bench';
import { useBatchWords } from '../words/batch-words';
import { useCatalogue } from '../household/use-catalogue';
import { listed, sayDays } from '../words/use-words';
import CautionLine from '../ui/CautionLine.vue';

/** How long a batch keeps does not hang on its size. */
const TRIAL_ML = 400;

const props = defineProps<{ recipe: Recipe }>();

const catalogue = useCatalogue();
const { partName, grams } = useBatchWords();

/** Parts of the drink that can be made at home, with what goes into a batch. */
const batches = computed(() => {
  const poured = new Set(props.recipe.slots.flatMap((s) => [s.kind, ...s.or]));
  return catalogue.all.homeMade
    .filter((batch) => poured.has(batch.makes))
    .map((batch) => ({
      key: batch.id,
      name: catalogue.kindName(batch.makes) + (batch.way ? `, ${batch.way}` : ''),
      from: listed(batch.from.map((p) => `${grams(p.g)} ${partName(p)}`)),
      how: batch.how,
      keeps: sayDays(
        keeping(batchOfVolume(batch, TRIAL_ML, catalogue.all, catalogue.kinds), catalogue.all).days,
      ),
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

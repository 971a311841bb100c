<script setup lang="ts">
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { useItemWords } from '../words/use-item-words';
import { inSentence, useWords } from '../words/use-words';

/** Tools and glasses that the plan's money buys beside the bottles. */
const answers = useAnswer();
const words = useWords();
const { itemName } = useItemWords();

const bought = computed(() => {
  const reasons = new Map(answers.result?.explanation.reasons.map((r) => [r.id, r]));
  return (answers.result?.kit ?? []).flatMap((k) => {
    const reason = reasons.get(k.id);
    return reason ? [{ ...k, name: inSentence(itemName(k.id)), leaning: reason.leaning.length }] : [];
  });
});
const costMinor = computed(() => bought.value.reduce((sum, k) => sum + k.priceMinor, 0));
</script>

<template>
  <p v-if="bought.length > 0" class="kit">
    <RouterLink to="/kit">Tools and glasses</RouterLink> from the same money, {{ words.price(costMinor) }}:
    <span v-for="(k, i) in bought" :key="k.id"
      >{{ i > 0 ? ', ' : '' }}<strong>{{ k.name }}</strong> {{ words.price(k.priceMinor) }}
      <span class="dim">({{ k.leaning }})</span></span
    >
  </p>
</template>

<style scoped>
.kit {
  margin: 8px 0 0;
  padding-top: 8px;
  border-top: 1px solid rgb(var(--v-theme-line));
  font-size: 0.9375rem;
}

a {
  color: inherit;
  font-weight: 700;
}
</style>

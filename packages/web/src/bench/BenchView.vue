<script setup lang="ts">
import { computed } from 'vue';
import { later } from '../ui/later';
import { useBatchPlan } from './use-batch-plan';
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { useTrade } from '../household/use-trade';
import { useBatchWords } from '../words/batch-words';
import { useWords } from '../words/use-words';

const BenchCards = later(() => import('./BenchCards.vue'));

const trade = useTrade();
const words = useWords();
const { sayParts, recipeName } = useBatchWords();
const { batch, recipe, bottleMl, sizedBy, keeps, useBy, cost } = useBatchPlan();

const filled = computed(() => {
  const ml = words.number(batch.value?.volumeMl ?? 0, 0);
  return sizedBy.value === 'bottle'
    ? `${ml} ml, fills your ${words.number(bottleMl.value, 0)} ml bottle`
    : `${ml} ml`;
});
const saving = computed(() => {
  const c = cost.value;
  const b = batch.value;
  if (!c || !b || c.boughtPerMlMinor === undefined) return '';
  const bought = c.boughtPerMlMinor * b.volumeMl;
  return bought > c.minor
    ? `${words.cost(Math.round(c.minor))} instead of ${words.cost(Math.round(bought))} bottled`
    : '';
});
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="!trade.loaded || !batch">Laying out the bench</h1>
      <h1 v-else>
        {{ sayParts(batch) }}: <span class="copper">{{ filled }}</span>
      </h1>
      <p v-if="batch && keeps" class="dim">
        <strong>{{ recipeName(recipe) }}</strong> · {{ words.number(batch.brix) }} °Brix · keep it cold, use
        by {{ words.day(useBy) }}<template v-if="saving"> · {{ saving }}</template>
      </p>
    </div>
    <PlanSwitcher />
  </header>
  <BenchCards v-if="trade.loaded" />
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { beginBatch } from '@uisce/core/making';
import ActivityChart from './ActivityChart.vue';
import BatchShelf from './BatchShelf.vue';
import HouseSyrup from './HouseSyrup.vue';
import KeepsCard from './KeepsCard.vue';
import OwnWays from './OwnWays.vue';
import PlanBatch from './PlanBatch.vue';
import ScheduleCard from './ScheduleCard.vue';
import WeighBench from './WeighBench.vue';
import { useBatchPlan } from './use-batch-plan';
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { useBatches } from '../household/use-batches';
import { useTrade } from '../household/use-trade';
import { useBatchWords } from '../words/batch-words';
import { useWords } from '../words/use-words';

const batches = useBatches();
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

function begin(): void {
  const b = batch.value;
  if (!b) return;
  const ml = sizedBy.value === 'bottle' ? bottleMl.value : undefined;
  const begun = beginBatch(crypto.randomUUID(), b, new Date().toISOString(), ml);
  batches.keep(begun, `Begin ${recipeName(recipe.value)}`);
}
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
  <div v-if="trade.loaded" class="stack">
    <WeighBench v-if="batches.onBench" :key="batches.onBench.id" :record="batches.onBench" />
    <div class="two-columns">
      <PlanBatch @begin="begin" />
      <div class="stack">
        <KeepsCard />
        <ActivityChart :brix="batch?.brix ?? 50" />
      </div>
    </div>
    <BatchShelf />
    <div class="two-columns even">
      <div class="stack">
        <HouseSyrup />
        <ScheduleCard />
      </div>
      <OwnWays />
    </div>
  </div>
</template>

<style scoped>
.stack {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
}
</style>

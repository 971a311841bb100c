<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { beginBatch, waterActivity } from '@uisce/core/bench';
import BatchShelf from './BatchShelf.vue';
import HouseSyrup from './HouseSyrup.vue';
import KeepsPanel from './KeepsPanel.vue';
import OwnWays from './OwnWays.vue';
import PlanBatch from './PlanBatch.vue';
import SchedulePanel from './SchedulePanel.vue';
import WeighBench from './WeighBench.vue';
import { useBatchPlan } from './use-batch-plan';
import { useBatches } from '../household/use-batches';
import { useBatchWords } from '../words/batch-words';

// Charts are heavy to fetch: what there is to read comes first.
const ActivityChart = defineAsyncComponent(() => import('./ActivityChart.vue'));

const batches = useBatches();
const { recipeName } = useBatchWords();
const { batch, recipe, bottleMl, sizedBy } = useBatchPlan();

function begin(): void {
  const b = batch.value;
  if (!b) return;
  const ml = sizedBy.value === 'bottle' ? bottleMl.value : undefined;
  const begun = beginBatch(crypto.randomUUID(), b, new Date().toISOString(), ml);
  batches.keep(begun, `Begin ${recipeName(recipe.value)}`);
}
</script>

<template>
  <div class="stack">
    <WeighBench v-if="batches.onBench" :key="batches.onBench.id" :record="batches.onBench" />
    <div class="two-columns">
      <PlanBatch @begin="begin" />
      <div class="stack">
        <KeepsPanel />
        <ActivityChart :brix="batch?.brix ?? 50" :activity="batch?.activity ?? waterActivity(50)" />
      </div>
    </div>
    <BatchShelf />
    <div class="two-columns even">
      <div class="stack">
        <HouseSyrup />
        <SchedulePanel />
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

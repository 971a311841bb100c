<script setup lang="ts">
import { computed } from 'vue';
import { later } from '../ui/later';
import { recipeOfBatch, weighingOf } from '@uisce/core/bench';
import { useBatches } from '../household/use-batches';
import { useBatchPlan } from './use-batch-plan';
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { useWords } from '../words/use-words';

const BenchPanels = later(() => import('./BenchPanels.vue'));

const catalogue = useCatalogue();
const words = useWords();
const { sayParts, recipeName, partName, grams } = useBatchWords();
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
    ? `${words.price(Math.round(c.minor))} instead of ${words.price(Math.round(bought))} bottled`
    : '';
});

/** The batch that was begun, and what it waits for: nothing else on this page is as pressing. */
const batches = useBatches();
const onScale = computed(() => {
  const record = batches.onBench;
  const made = record && recipeOfBatch(record, catalogue.all.homeMade);
  if (!record || !made) return undefined;
  const { now, target } = weighingOf(made, record, catalogue.all, catalogue.kinds);
  const part = target && made.from[target.part];
  const next =
    part && target
      ? `${grams(target.addG)} ${partName(part)} next`
      : now?.do === 'act'
        ? now.what.say
        : now?.do === 'top-up'
          ? 'weigh it, and give back its water'
          : 'bottle it';
  return { recipe: made, next };
});
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="!catalogue.loaded || !batch">Laying out the bench</h1>
      <h1 v-else-if="onScale">
        {{ recipeName(onScale.recipe) }} is on the scale: <span class="copper">{{ onScale.next }}</span>
      </h1>
      <h1 v-else>
        {{ sayParts(batch) }}: <span class="copper">{{ filled }}</span>
      </h1>
      <p v-if="batch && keeps && !onScale" class="dim">
        <strong>{{ recipeName(recipe) }}</strong> · {{ words.number(batch.brix) }} °Brix · keep it cold, use
        by {{ words.day(useBy) }}<template v-if="saving"> · {{ saving }}</template>
      </p>
    </div>
    <PlanSwitcher />
  </header>
  <BenchPanels v-if="catalogue.loaded" />
</template>

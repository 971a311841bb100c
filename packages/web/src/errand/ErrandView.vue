<script setup lang="ts">
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { later } from '../ui/later';
import { useTrade } from '../household/use-trade';
import { useErrandWords } from './use-errand-words';

const ErrandCards = later(() => import('./ErrandCards.vue'));

const trade = useTrade();
const { headline, underline } = useErrandWords();
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="!trade.loaded">Writing the list</h1>
      <h1 v-else>
        {{ headline.before }}<span class="copper">{{ headline.figure }}</span>
      </h1>
      <p v-if="underline" class="dim">{{ underline }}</p>
    </div>
    <PlanSwitcher />
  </header>
  <ErrandCards v-if="trade.loaded" />
</template>

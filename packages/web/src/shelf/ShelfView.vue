<script setup lang="ts">
import PlanSwitcher from '../ui/PlanSwitcher.vue';
import { later } from '../ui/later';
import { useTrade } from '../household/use-trade';
import { useShelf } from './use-shelf';

const ShelfCards = later(() => import('./ShelfCards.vue'));

const trade = useTrade();
const { headline, underline } = useShelf();
</script>

<template>
  <header class="sentence head">
    <div aria-live="polite" aria-atomic="true">
      <h1 v-if="!trade.loaded">Looking along the shelf</h1>
      <h1 v-else>
        {{ headline.before }}<span class="copper">{{ headline.figure }}</span>
      </h1>
      <p v-if="underline" class="dim">{{ underline }}</p>
    </div>
    <PlanSwitcher />
  </header>
  <ShelfCards v-if="trade.loaded" />
</template>

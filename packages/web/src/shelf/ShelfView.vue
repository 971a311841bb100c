<script setup lang="ts">
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useTrade } from '../household/use-trade';
import { useShelf } from './use-shelf';

const ShelfPanels = later(() => import('./ShelfPanels.vue'));

const trade = useTrade();
const { headline, underline } = useShelf();
</script>

<template>
  <AnswerHead
    :waiting="trade.loaded ? '' : 'Looking along the shelf'"
    :before="headline.before"
    :figure="headline.figure"
    :underline="underline"
  />
  <ShelfPanels v-if="trade.loaded" />
</template>

<script setup lang="ts">
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useTrade } from '../household/use-trade';
import { useErrandWords } from './use-errand-words';

const ErrandPanels = later(() => import('./ErrandPanels.vue'));

const trade = useTrade();
const { headline, underline } = useErrandWords();
</script>

<template>
  <AnswerHead
    :waiting="trade.loaded ? '' : 'Writing the list'"
    :before="headline.before"
    :figure="headline.figure"
    :underline="underline"
  />
  <ErrandPanels v-if="trade.loaded" />
</template>

<script setup lang="ts">
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useTrade } from '../household/use-trade';
import { useEvening } from './use-evening';

const EveningCards = later(() => import('./EveningCards.vue'));

const trade = useTrade();
const { headline, underline } = useEvening();
</script>

<template>
  <AnswerHead v-bind="headline" :waiting="trade.loaded ? '' : 'Laying the table'" :underline="underline" />
  <EveningCards v-if="trade.loaded" />
</template>

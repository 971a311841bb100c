<script setup lang="ts">
import { computed } from 'vue';
import { useNotebook } from '../../household/use-notebook';
import { useTrade } from '../../household/use-trade';
import AnswerHead from '../../ui/AnswerHead.vue';
import { later } from '../../ui/later';
import { count } from '../../words/use-words';
import NotebookParts from '../NotebookParts.vue';

const ExchangePanels = later(() => import('./ExchangePanels.vue'));

const notebook = useNotebook();
const trade = useTrade();
const headline = computed(() => ({
  before: 'To take along: ',
  figure: `${count(notebook.drinks.length, 'drink')} of yours`,
  after: '',
}));
</script>

<template>
  <AnswerHead
    v-bind="headline"
    :waiting="trade.loaded ? '' : 'Looking'"
    underline="What comes in is shown first, beside what is here; nothing is kept unasked"
  >
    <NotebookParts part="exchange" />
  </AnswerHead>
  <ExchangePanels v-if="trade.loaded" />
</template>

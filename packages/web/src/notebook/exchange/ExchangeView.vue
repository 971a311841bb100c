<script setup lang="ts">
import { computed } from 'vue';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import AnswerHead from '../../ui/AnswerHead.vue';
import { later } from '../../ui/later';
import { count } from '../../words/use-words';
import NotebookParts from '../NotebookParts.vue';

const ExchangePanels = later(() => import('./ExchangePanels.vue'));

const notebook = useNotebook();
const catalogue = useCatalogue();
const headline = computed(() => ({
  before: 'To take along: ',
  figure: `${count(notebook.drinks.length, 'drink')} of yours`,
  after: '',
}));
</script>

<template>
  <AnswerHead
    v-bind="headline"
    :waiting="catalogue.loaded ? '' : 'Looking'"
    underline="What comes in is shown first, beside what is here; nothing is kept unasked"
  >
    <NotebookParts part="exchange" />
  </AnswerHead>
  <ExchangePanels v-if="catalogue.loaded" />
</template>

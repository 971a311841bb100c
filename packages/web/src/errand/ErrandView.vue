<script setup lang="ts">
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useCatalogue } from '../household/use-catalogue';
import { useErrandWords } from './use-errand-words';

const ErrandPanels = later(() => import('./ErrandPanels.vue'));

const catalogue = useCatalogue();
const { headline, underline } = useErrandWords();
</script>

<template>
  <AnswerHead
    :waiting="catalogue.loaded ? '' : 'Writing the list'"
    :before="headline.before"
    :figure="headline.figure"
    :underline="underline"
  />
  <ErrandPanels v-if="catalogue.loaded" />
</template>

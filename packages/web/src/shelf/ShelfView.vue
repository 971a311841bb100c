<script setup lang="ts">
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useCatalogue } from '../household/use-catalogue';
import { useShelf } from './use-shelf';

const ShelfPanels = later(() => import('./ShelfPanels.vue'));

const catalogue = useCatalogue();
const { headline, underline } = useShelf();
</script>

<template>
  <AnswerHead
    :waiting="catalogue.loaded ? '' : 'Looking along the shelf'"
    :before="headline.before"
    :figure="headline.figure"
    :underline="underline"
  />
  <ShelfPanels v-if="catalogue.loaded" />
</template>

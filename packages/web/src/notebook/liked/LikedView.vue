<script setup lang="ts">
import { computed } from 'vue';
import { useCatalogue } from '../../household/use-catalogue';
import { useVerdicts } from '../../household/use-verdicts';
import AnswerHead from '../../ui/AnswerHead.vue';
import { later } from '../../ui/later';
import { count, useWords } from '../../words/use-words';
import NotebookParts from '../NotebookParts.vue';

const LikedPanels = later(() => import('./LikedPanels.vue'));

const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

const best = computed(() => verdicts.liked.find((l) => catalogue.recipes.has(l.drink)));
const headline = computed(() =>
  best.value
    ? {
        before: 'What you like best: ',
        figure: catalogue.recipes.get(best.value.drink)?.name ?? '',
        after: `, ${words.number(best.value.mean)} of 5`,
      }
    : {
        before: 'Nothing was rated yet: ',
        figure: 'tap how it was',
        after: ', after pouring or on its page',
      },
);
const underline = computed(
  () => `${count(verdicts.verdicts.length, 'verdict')}, of the log and of the Notebook together`,
);
</script>

<template>
  <AnswerHead v-bind="headline" :waiting="catalogue.loaded ? '' : 'Looking'" :underline="underline">
    <NotebookParts part="liked" />
  </AnswerHead>
  <LikedPanels v-if="catalogue.loaded && best" />
</template>

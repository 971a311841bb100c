<script setup lang="ts">
import AnswerHead from '../../ui/AnswerHead.vue';
import { later } from '../../ui/later';
import { useCatalogue } from '../../household/use-catalogue';
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import { count, useWords } from '../../words/use-words';
import { useJudgeWords } from './use-judge-words';
import NotebookParts from '../NotebookParts.vue';
import { useWriting } from './use-writing';

const WritePanels = later(() => import('./WritePanels.vue'));

const route = useRoute();
const catalogue = useCatalogue();
const words = useWords();
const writing = useWriting();
const { said } = useJudgeWords();
const { recipe, recipes, open, judged } = writing;

watch(
  [() => route.params.drink, () => catalogue.loaded],
  ([id, loaded]) => {
    if (loaded && typeof id === 'string' && id !== '' && writing.of.value !== id) writing.begin(id);
  },
  { immediate: true },
);
const headline = computed(() => {
  if (recipes.value.length === 0)
    return { before: 'Write a drink down, or paste it: ', figure: 'it is read as you go', after: '' };
  if (!recipe.value)
    return { before: 'Nothing of it is known yet: ', figure: 'say what its lines are', after: '' };
  const before = `${recipe.value.name}: `;
  if (open.value.length > 0)
    return { before, figure: `${count(open.value.length, 'line')} to settle`, after: '' };
  const figures = judged.value?.figures;
  return {
    before,
    figure: figures ? `${words.percent(figures.abv)} vol, ${words.volume(Math.round(figures.servedMl))}` : '',
    after: '',
  };
});
const underline = computed(() =>
  recipes.value.length === 0
    ? 'Any order, any measure, several at once; English, German, French, Spanish or Italian'
    : [recipes.value.length > 1 ? `${recipes.value.length} recipes read` : '', ...said.value]
        .filter(Boolean)
        .join(' · '),
);
</script>

<template>
  <AnswerHead v-bind="headline" :waiting="catalogue.loaded ? '' : 'Finding the pen'" :underline="underline">
    <NotebookParts part="write" />
  </AnswerHead>
  <WritePanels v-if="catalogue.loaded" />
</template>

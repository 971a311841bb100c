<script setup lang="ts">
import { computed } from 'vue';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import AnswerHead from '../../ui/AnswerHead.vue';
import { useAtHand } from '../../ui/drink/use-at-hand';
import { later } from '../../ui/later';
import { count } from '../../words/use-words';
import NotebookParts from '../NotebookParts.vue';

const OursPanels = later(() => import('./OursPanels.vue'));

const atHand = useAtHand();
const notebook = useNotebook();
const catalogue = useCatalogue();

const headline = computed(() => {
  const n = notebook.drinks.length;
  if (n === 0)
    return { before: 'Nothing of your own yet: ', figure: 'write the first drink down', after: '' };
  const open = notebook.drinks.filter((d) => atHand.open.value.has(d.houseSpecOf ?? d.id)).length;
  return {
    before: 'Of your own: ',
    figure: count(n, 'drink'),
    after: atHand.known.value
      ? `; your plan makes ${open === n ? (n === 1 ? 'it' : 'all of them') : open}`
      : '',
  };
});
const underline = computed(
  () =>
    `${count(notebook.kinds.length, 'kind')} that the catalogue lacks · ${count(notebook.collections.length, 'collection')}`,
);
</script>

<template>
  <AnswerHead v-bind="headline" :waiting="catalogue.loaded ? '' : 'Looking'" :underline="underline">
    <NotebookParts part="ours" />
  </AnswerHead>
  <OursPanels v-if="catalogue.loaded" />
</template>

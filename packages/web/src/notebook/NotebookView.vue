<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { countDrinks } from '@uisce/core/plan';
import AnswerHead from '../ui/AnswerHead.vue';
import { later } from '../ui/later';
import { useNotebook } from '../household/use-notebook';
import NotebookParts from './NotebookParts.vue';
import { useIndex } from './use-index';
import { useAtHand } from '../ui/drink/use-at-hand';
import { useAnswer } from '../solver/use-answer';
import { useGlassCost } from '../ui/drink/use-glass-cost';
import { useCatalogue } from '../household/use-catalogue';
import { useHouseSyrup } from '../words/house-syrup';
import { titleOf } from '../words/title';
import { count, useWords } from '../words/use-words';

const NotebookIndex = later(() => import('./NotebookIndex.vue'));
const DrinkPage = later(() => import('./DrinkPage.vue'));

const route = useRoute();
const router = useRouter();
const answers = useAnswer();
const catalogue = useCatalogue();
const glassCost = useGlassCost();
const house = useHouseSyrup();
const words = useWords();
const { sections, have } = useIndex();
const atHand = useAtHand();
const notebook = useNotebook();

const asked = computed(() => (typeof route.params.drink === 'string' ? route.params.drink : ''));
/** The drink in the address, or on a wide screen the first of the index. */
const found = computed(() => catalogue.recipes.get(asked.value) ?? sections.value[0]?.rows[0]?.recipe);
const isHouseSpec = computed(() => notebook.ownOf(found.value?.id ?? '')?.houseSpecOf === found.value?.id);
/** The house makes it otherwise; the printed one is a tap away. */
const asPrinted = ref(false);
watch(
  () => found.value?.id,
  () => (asPrinted.value = false),
);
const recipe = computed(() =>
  asPrinted.value && isHouseSpec.value ? catalogue.printed.get(found.value?.id ?? '') : found.value,
);

/** Drinks without alcohol that the plan makes beside those it counts. */
const besides = computed(() => {
  const soft = countDrinks(answers.result?.soft.map((d) => d.id) ?? [], catalogue.recipes);
  return soft > 0 ? ` and ${soft} without alcohol` : '';
});
const headline = computed(() => {
  if (!catalogue.recipes.has(asked.value)) {
    return {
      before: `${count(catalogue.drinkCount, 'drink')} written down; `,
      figure: answers.result
        ? `your plan makes ${answers.result.drinksMade}${besides.value}`
        : 'working out what your plan makes',
    };
  }
  const { id, name } = catalogue.recipes.get(asked.value) as NonNullable<typeof recipe.value>;
  if (have.value.has(id)) return { before: `${name}: `, figure: 'yours to pour now' };
  if (!answers.result) return { before: `${name}: `, figure: 'working out your plan' };
  const fit = atHand.open.value.get(id);
  if (fit === undefined) return { before: `${name}: `, figure: 'not in your plan yet' };
  return { before: `${name}: `, figure: fit < 1 ? 'in your plan, with a stand-in' : 'in your plan' };
});
const underline = computed(() => {
  const found = catalogue.recipes.get(asked.value);
  if (!found) {
    const owned = countDrinks([...have.value], catalogue.recipes);
    return `${count(owned, 'drink')} from what you own already, citrus and other fresh things aside`;
  }
  const profile = house.figuresOf(found);
  const cost = glassCost.costOf(found)?.minor ?? 0;
  const also = found.also.length > 0 ? ` · also ${found.also.join(', ')}` : '';
  const variant = found.variant ? ` · ${found.variant}` : '';
  return `${words.percent(profile.abv)} vol · ${words.volume(Math.round(profile.servedMl))} · ${words.price(cost)} a glass${variant}${also}`;
});

useTitle(computed(() => titleOf('Notebook', catalogue.recipes.get(asked.value)?.name ?? '')));

function openFirst(): void {
  const first = sections.value[0]?.rows[0];
  if (first) void router.push(`/notebook/${first.recipe.id}`);
}
</script>

<template>
  <AnswerHead v-bind="headline" :underline="underline" class="no-print">
    <NotebookParts part="" />
  </AnswerHead>
  <div class="notebook" :class="{ reading: asked !== '' }">
    <NotebookIndex class="left no-print" :current="asked || undefined" @first="openFirst" />
    <DrinkPage
      v-if="recipe"
      v-model:as-printed="asPrinted"
      class="right"
      :recipe="recipe"
      :named="asked === ''"
      :is-house-spec="isHouseSpec"
    />
  </div>
</template>

<style scoped>
.notebook {
  display: grid;
  grid-template-columns: 312px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
}

.left {
  position: sticky;
  inset-block-start: 12px;
  height: calc(100vh - 24px);
}

@media (max-width: 820px) {
  .notebook {
    grid-template-columns: minmax(0, 1fr);
  }

  .left {
    position: static;
    height: auto;
  }

  .notebook:not(.reading) .right,
  .reading .left {
    display: none;
  }
}

@media print {
  .notebook {
    display: block;
  }
}
</style>

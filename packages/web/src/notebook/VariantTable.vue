<script setup lang="ts">
import { computed } from 'vue';
import type { Recipe } from '@uisce/core/catalogue';
import { drinkFigures } from '@uisce/core/drink';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

const props = defineProps<{ recipe: Recipe; variants: Recipe[] }>();

const catalogue = useCatalogue();
const words = useWords();

/** Every kind some variant pours, in the order of the drink that is open. */
const kinds = computed(() => [
  ...new Set([props.recipe, ...props.variants].flatMap((r) => r.slots.map((s) => s.kind))),
]);
const amount = (recipe: Recipe, kindId: string) => {
  const slot = recipe.slots.find((s) => s.kind === kindId);
  return slot ? words.amount(slot.amount) || '1' : '';
};
const strength = (recipe: Recipe) => words.percent(drinkFigures(recipe, catalogue.kinds).abv);

const columns = computed(() => [
  { key: 'name', title: 'Part', names: true },
  ...props.variants.map((v) => ({ key: v.id, title: v.variant ?? v.name })),
]);
const rows = computed(() => [
  ...kinds.value.map((k) => ({ id: k, name: catalogue.kindName(k), of: (v: Recipe) => amount(v, k) || '–' })),
  { id: 'strength', name: 'Strength', of: strength },
]);
</script>

<template>
  <section aria-labelledby="variants-title">
    <h2 id="variants-title">
      Its variants side by side <small class="dim">· a plan counts them as one drink</small>
    </h2>
    <DataTable caption="Variants" :columns="columns" :rows="rows" :row-key="(row) => row.id">
      <template v-for="v in variants" :key="v.id" #[`head-${v.id}`]>
        <RouterLink :to="`/notebook/${v.id}`" :class="{ mine: v.id === recipe.id }">{{
          v.variant ?? v.name
        }}</RouterLink>
      </template>
      <template v-for="v in variants" :key="v.id" #[`cell-${v.id}`]="{ row }">
        <span :class="{ mine: v.id === recipe.id }">{{ row.of(v) }}</span>
      </template>
    </DataTable>
  </section>
</template>

<style scoped>
.mine {
  font-weight: 700;
}

a {
  color: inherit;
}
</style>

<script setup lang="ts">
import type { MonthRung } from '@uisce/core/plan';
import DataTable from '../../ui/DataTable.vue';
import DrinkNames from '../../ui/DrinkNames.vue';
import { useWords } from '../../words/use-words';
import ItemNames from '../ItemNames.vue';

const props = defineProps<{ rungs: readonly MonthRung[] }>();
const words = useWords();
const COLUMNS = [
  { key: 'month', title: 'Month', figures: true },
  { key: 'budget', title: 'Money so far', figures: true },
  { key: 'bought', title: 'Buy' },
  { key: 'added', title: 'Adds', figures: true },
  { key: 'drinksMade', title: 'In reach', figures: true },
  { key: 'bestOpen', title: 'Best at once', figures: true },
];
const monthOf = (rung: MonthRung) => props.rungs.indexOf(rung);
</script>

<template>
  <DataTable
    caption="What to buy each month"
    :columns="COLUMNS"
    :rows="rungs"
    :row-key="(rung) => rung.budget"
    :most="320"
  >
    <template #cell-month="{ row }">{{ monthOf(row) === 0 ? 'now' : monthOf(row) }}</template>
    <template #cell-budget="{ row }">{{ words.price(row.budget) }}</template>
    <template #cell-bought="{ row }">
      <ItemNames v-if="row.bought.length > 0" :ids="row.bought" /><template v-else>nothing: save</template>
    </template>
    <template #cell-added="{ row }"><DrinkNames :ids="row.added" /></template>
  </DataTable>
</template>

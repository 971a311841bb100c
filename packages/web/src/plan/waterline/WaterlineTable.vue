<script setup lang="ts">
import { useCurve } from '../../solver/use-curve';
import DataTable from '../../ui/DataTable.vue';
import { useWords } from '../../words/use-words';

const curve = useCurve();
const words = useWords();
const COLUMNS = [
  { key: 'spend', title: 'From', figures: true },
  { key: 'open', title: 'Drinks', figures: true },
  { key: 'value', title: 'Worth', figures: true },
  { key: 'sure', title: 'How sure', figures: true },
];
</script>

<template>
  <DataTable
    caption="The waterline as a table"
    :columns="COLUMNS"
    :rows="curve.points"
    :row-key="(point) => point.spend"
    :most="232"
  >
    <template #cell-spend="{ row }">{{ words.price(row.spend) }}</template>
    <template #cell-value="{ row }">{{ words.number(row.value, 2) }}</template>
    <template #cell-sure="{ row }">{{ row.proven ? 'proven best' : 'a good set' }}</template>
  </DataTable>
</template>

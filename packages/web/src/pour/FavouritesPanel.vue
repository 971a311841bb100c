<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { favourites } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { useCatalogue } from '../household/use-catalogue';
import DataTable from '../ui/DataTable.vue';
import { useWords } from '../words/use-words';

const log = useLog();
const catalogue = useCatalogue();
const words = useWords();
const SHOWN = 8;
const COLUMNS = [
  { key: 'name', title: 'Drink', names: true },
  { key: 'mean', title: 'Liked, of 5', figures: true },
  { key: 'times', title: 'Times', figures: true },
  { key: 'last', title: 'Last', figures: true },
];
const rows = computed(() =>
  favourites(log.pours)
    .filter((f) => f.mean !== undefined)
    .slice(0, SHOWN)
    .map((f) => ({ ...f, mean: words.fixed(f.mean ?? 0, 1), last: words.shortDay(f.lastOn) })),
);
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="favourites-title">
    <h2 id="favourites-title">Liked best</h2>
    <DataTable caption="Drinks liked best" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.drink">
      <template #cell-name="{ row }">
        <RouterLink v-if="catalogue.recipes.has(row.drink)" :to="`/notebook/${row.drink}`">{{
          row.name
        }}</RouterLink>
        <template v-else>{{ row.name }}</template>
      </template>
    </DataTable>
  </section>
</template>

<style scoped>
a {
  color: inherit;
}
</style>

<script setup lang="ts">
import type { Kind } from '@uisce/core/catalogue';
import { HOW_BIG_GLASSES } from '@uisce/core/plan';
import { sayDays, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';
import { SIZE_COLUMNS, useSizeAdvice } from './use-size-advice';

/** The sizes a kind is sold in, how many glasses each pours, and which are large enough for the brief. */
const props = defineProps<{ kind: Kind }>();

const words = useWords();
const { brief, pourMl, sizes, cheapest, keepsDays } = useSizeAdvice(props);
</script>

<template>
  <div v-if="sizes.length > 0" class="size">
    <h3>Which size</h3>
    <p v-if="pourMl > 0" class="dim">
      A glass takes about {{ words.volume(pourMl) }} of it; you ask for
      {{ HOW_BIG_GLASSES[brief.howBig] }} glasses or more from a bottle<template v-if="keepsDays"
        >, or what you drink before it goes off: {{ sayDays(keepsDays) }} once open</template
      >.
    </p>
    <p v-else class="dim">No drink in the library pours it, so the cheapest will do.</p>
    <DataTable
      v-if="sizes.length > 1"
      :caption="`Sizes of ${kind.name}`"
      :columns="SIZE_COLUMNS"
      :rows="sizes"
      :row-key="(s) => s.bottle.id"
      :row-class="(s) => (s === cheapest ? 'best' : '')"
    >
      <template #cell-size="{ row }">{{ words.size(row.bottle.ml) }}</template>
      <template #cell-glasses="{ row }">{{ row.glasses ?? '–' }}</template>
      <template #cell-price="{ row }">{{ words.price(row.bottle.priceMinor) }}</template>
      <template #cell-enough="{ row }">{{ row.isEnough ? 'yes' : 'no' }}</template>
    </DataTable>
  </div>
</template>

<style scoped>
h3 {
  margin: 10px 0 2px;
  font-size: 1rem;
}

p {
  margin: 2px 0;
  font-size: 0.9375rem;
}
</style>

<script setup lang="ts">
import { daysOnceOpen, type Kind } from '@uisce/core/catalogue';
import { HOW_BIG_GLASSES, homeSizes, sizesLargeEnough, typicalPours } from '@uisce/core/plan';
import { computed } from 'vue';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { sayDays, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

/** The sizes a kind is sold in, how many glasses each pours, and which are large enough for the brief. */
const props = defineProps<{ kind: Kind }>();

const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();

const brief = computed(() => plans.briefOrEmpty);
const pourMl = computed(() => typicalPours(catalogue.all).get(props.kind.id) ?? 0);
const sizes = computed(() => {
  const bottles = homeSizes(catalogue.prices?.bottles ?? [], props.kind).filter((b) => !b.homeMade);
  const enough = new Set(sizesLargeEnough(bottles, props.kind, pourMl.value, brief.value));
  return bottles.map((bottle) => ({
    bottle,
    glasses: pourMl.value > 0 ? Math.floor(bottle.ml / pourMl.value) : undefined,
    isEnough: enough.has(bottle),
  }));
});
const cheapest = computed(
  () =>
    sizes.value
      .filter((s) => s.isEnough)
      .sort((a, b) => a.bottle.priceMinor - b.bottle.priceMinor || a.bottle.ml - b.bottle.ml)[0],
);
const keepsDays = computed(() => daysOnceOpen(props.kind, cheapest.value?.bottle));

const COLUMNS = [
  { key: 'size', title: 'Sold as' },
  { key: 'glasses', title: 'Glasses', figures: true },
  { key: 'price', title: 'Price', figures: true },
  { key: 'enough', title: 'Large enough' },
];
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
      :columns="COLUMNS"
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

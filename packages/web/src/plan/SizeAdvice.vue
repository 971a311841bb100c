<script setup lang="ts">
import { daysOnceOpen, type Kind } from '@uisce/core/catalogue';
import { homeSizes, sizesByUse, weeklyUseMl } from '@uisce/core/plan';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { count, sayDays, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

/** Which size to buy: the cheapest by the ml that is poured before an open bottle spoils. */
const props = defineProps<{ kind: Kind }>();

const answers = useAnswer();
const plans = usePlans();
const trade = useTrade();
const words = useWords();

const perWeek = computed(() => plans.brief?.drinksPerWeek ?? 0);
const mlPerWeek = computed(() => {
  const open = answers.result?.answer.drinks.flatMap((d) => trade.recipes.get(d.id) ?? []) ?? [];
  return weeklyUseMl(props.kind.id, open, perWeek.value);
});
const sizes = computed(() =>
  sizesByUse(homeSizes(trade.prices?.bottles ?? [], props.kind.id), props.kind, mlPerWeek.value),
);
const best = computed(() => sizes.value[0]);
const keepsDays = computed(() => daysOnceOpen(props.kind, best.value?.bottle));
const spoils = computed(() => best.value !== undefined && best.value.usedMl < best.value.bottle.ml);
const advice = computed(() => {
  if (!best.value || sizes.value.length < 2 || mlPerWeek.value === 0) return '';
  const { bottle } = best.value;
  const others = sizes.value.slice(1).map((s) => s.bottle);
  const smallest = others.every((b) => b.ml > bottle.ml);
  const why = smallest
    ? keepsDays.value && others.some((b) => b.priceMinor / b.ml < bottle.priceMinor / bottle.ml)
      ? 'a larger one would spoil before you finish it'
      : 'it costs least for each ml'
    : 'you finish it in time, and each ml costs less';
  return `Buy the ${words.size(bottle.ml)}: ${why}.`;
});

const COLUMNS = [
  { key: 'size', title: 'Sold as' },
  { key: 'price', title: 'Price', figures: true },
  { key: 'used', title: 'Poured in time', figures: true },
  { key: 'each', title: 'Each 100 ml poured', figures: true },
];
</script>

<template>
  <div v-if="sizes.length > 0" class="size">
    <h3>Which size</h3>
    <p v-if="advice" class="advice">{{ advice }}</p>
    <p class="dim">
      <template v-if="mlPerWeek > 0">
        At {{ count(perWeek, 'drink') }} a week you pour about {{ words.volume(mlPerWeek) }} of it a
        week<template v-if="keepsDays">; once open it keeps {{ sayDays(keepsDays) }}</template
        >.<template v-if="spoils"> Even so some of it will be thrown away.</template>
      </template>
      <template v-else>No drink in reach pours it, so the least outlay is taken.</template>
    </p>
    <DataTable
      v-if="sizes.length > 1"
      :caption="`Sizes of ${kind.name}`"
      :columns="COLUMNS"
      :rows="sizes"
      :row-key="(s) => s.bottle.id"
      :row-class="(s) => (s === best ? 'best' : '')"
    >
      <template #cell-size="{ row }">{{ words.size(row.bottle.ml) }}</template>
      <template #cell-price="{ row }">{{ words.price(row.bottle.priceMinor) }}</template>
      <template #cell-used="{ row }">{{ words.volume(row.usedMl) }}</template>
      <template #cell-each="{ row }">{{
        Number.isFinite(row.perUsedMl) ? words.price(Math.round(row.perUsedMl * 100)) : '–'
      }}</template>
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

.advice {
  font-weight: 700;
}
</style>

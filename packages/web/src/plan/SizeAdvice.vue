<script setup lang="ts">
import { daysOnceOpen, type Kind } from '@uisce/core/catalogue';
import { homeSizes, isCounted, neededMl, offersThatLast, usesOfDrinks } from '@uisce/core/plan';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { LASTS_WORDS } from '../words/trade-words';
import { count, sayDays, useWords } from '../words/use-words';
import DataTable from '../ui/DataTable.vue';

/** Which sizes last as long as the brief asks, at what is poured of this kind. */
const props = defineProps<{ kind: Kind }>();

const answers = useAnswer();
const plans = usePlans();
const trade = useTrade();
const words = useWords();

const brief = computed(() => plans.briefOrEmpty);
/** As the plan pours it; what the plan has never held, as all drinks that count would. */
const use = computed(
  () =>
    answers.lasting.uses?.[props.kind.id] ??
    usesOfDrinks(trade.catalogue.recipes.filter((r) => isCounted(brief.value, r.canon)))[props.kind.id],
);
const pace = computed(() => ({ use: use.value, drinksPerWeek: brief.value.drinksPerWeek }));
const perWeekMl = computed(() => (use.value?.mlPerDrink ?? 0) * brief.value.drinksPerWeek);
const sizes = computed(() => {
  const { lasts, limits } = brief.value;
  const onlyOne = limits.bottles !== null;
  const bottles = homeSizes(trade.prices?.bottles ?? [], props.kind.id);
  const lasting = new Map(
    offersThatLast(bottles, props.kind, lasts, pace.value, onlyOne).map((o) => [o.bottle, o.count]),
  );
  return bottles.map((bottle) => ({
    bottle,
    count: lasting.get(bottle),
    needed: neededMl(props.kind, bottle, lasts, pace.value),
    sumMinor: bottle.priceMinor * (lasting.get(bottle) ?? 1),
  }));
});
const cheapest = computed(
  () =>
    sizes.value
      .filter((s) => s.count !== undefined)
      .sort((a, b) => a.sumMinor - b.sumMinor || a.bottle.ml - b.bottle.ml)[0],
);
const keepsDays = computed(() => daysOnceOpen(props.kind, cheapest.value?.bottle));
const advice = computed(() => {
  const best = cheapest.value;
  if (!best) return '';
  const bottles = `${best.count === 1 ? '' : `${best.count} × `}${words.size(best.bottle.ml)}`;
  if (brief.value.lasts === 'taste') return `For a taste of it: ${bottles}.`;
  return best.needed > best.bottle.ml * (best.count ?? 1)
    ? `Two bottles do not last so long: ${bottles} goes farthest.`
    : `${bottles} lasts, at the least money.`;
});

const COLUMNS = [
  { key: 'size', title: 'Sold as' },
  { key: 'price', title: 'Price', figures: true },
  { key: 'count', title: 'To last', figures: true },
  { key: 'sum', title: 'Together', figures: true },
];
</script>

<template>
  <div v-if="sizes.length > 0" class="size">
    <h3>Which size</h3>
    <p v-if="advice" class="advice">{{ advice }}</p>
    <p class="dim">
      <template v-if="perWeekMl > 0">
        At {{ count(brief.drinksPerWeek, 'drink') }} a week about {{ words.volume(perWeekMl) }} of it is
        poured a week<template v-if="brief.lasts !== 'taste' && cheapest"
          >, {{ words.volume(cheapest.needed) }} in
          {{
            kind.supply === 'bottle' && (keepsDays ?? Infinity) > 182 ? LASTS_WORDS[brief.lasts] : 'that time'
          }}</template
        ><template v-if="keepsDays">; once open it keeps {{ sayDays(keepsDays) }}</template
        >.
      </template>
      <template v-else>No drink in question pours it, so the least outlay is taken.</template>
    </p>
    <DataTable
      v-if="sizes.length > 1"
      :caption="`Sizes of ${kind.name}`"
      :columns="COLUMNS"
      :rows="sizes"
      :row-key="(s) => s.bottle.id"
      :row-class="(s) => (s === cheapest ? 'best' : '')"
    >
      <template #cell-size="{ row }">{{ words.size(row.bottle.ml) }}</template>
      <template #cell-price="{ row }">{{ words.price(row.bottle.priceMinor) }}</template>
      <template #cell-count="{ row }">{{ row.count === undefined ? 'does not' : row.count }}</template>
      <template #cell-sum="{ row }">{{ row.count === undefined ? '–' : words.price(row.sumMinor) }}</template>
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

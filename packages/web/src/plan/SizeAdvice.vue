<script setup lang="ts">
import type { Kind } from '@uisce/core/catalogue';
import { homeSizes, sizesByUse, weeklyUseMl } from '@uisce/core/plan';
import { computed } from 'vue';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useTrade } from '../household/use-trade';
import { count, sayDays, useWords } from '../words/use-words';

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
const spoils = computed(() => best.value !== undefined && best.value.usedMl < best.value.bottle.ml);
const advice = computed(() => {
  if (!best.value || sizes.value.length < 2 || mlPerWeek.value === 0) return '';
  const { bottle } = best.value;
  const others = sizes.value.slice(1).map((s) => s.bottle);
  const smallest = others.every((b) => b.ml > bottle.ml);
  const why = smallest
    ? props.kind.openDays && others.some((b) => b.priceMinor / b.ml < bottle.priceMinor / bottle.ml)
      ? 'a larger one would spoil before you finish it'
      : 'it costs least for each ml'
    : 'you finish it in time, and each ml costs less';
  return `Buy the ${words.size(bottle.ml)}: ${why}.`;
});
</script>

<template>
  <div v-if="sizes.length > 0" class="size">
    <h3>Which size</h3>
    <p v-if="advice" class="advice">{{ advice }}</p>
    <p class="dim">
      <template v-if="mlPerWeek > 0">
        At {{ count(perWeek, 'drink') }} a week you pour about {{ words.volume(mlPerWeek) }} of it a
        week<template v-if="kind.openDays">; once open it keeps {{ sayDays(kind.openDays) }}</template
        >.<template v-if="spoils"> Even so some of it will be thrown away.</template>
      </template>
      <template v-else>No drink in reach pours it, so the least outlay is taken.</template>
    </p>
    <table v-if="sizes.length > 1">
      <thead>
        <tr>
          <th scope="col">Sold as</th>
          <th scope="col">Price</th>
          <th scope="col">Poured in time</th>
          <th scope="col">Each 100 ml poured</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sizes" :key="s.bottle.id" :class="{ best: s === best }">
          <td>{{ words.size(s.bottle.ml) }}</td>
          <td>{{ words.price(s.bottle.priceMinor) }}</td>
          <td>{{ words.volume(s.usedMl) }}</td>
          <td>{{ Number.isFinite(s.perUsedMl) ? words.price(Math.round(s.perUsedMl * 100)) : '–' }}</td>
        </tr>
      </tbody>
    </table>
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

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th,
td {
  padding: 3px 6px;
  text-align: end;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

th:first-child,
td:first-child {
  text-align: start;
  padding-inline-start: 0;
}

.best td {
  font-weight: 700;
}
</style>

<script setup lang="ts">
import { amountMl } from '@uisce/core/base';
import { drinksThatUse } from '@uisce/core/stock';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { usePlans } from '../household/use-plans';
import { usePouring } from '../household/use-pouring';
import { useStock } from '../household/use-stock';
import { useCatalogue } from '../household/use-catalogue';
import { count, useWords } from '../words/use-words';
import { useShelf } from './use-shelf';

/** What goes off first asks to be used, just as Pour has it: the drinks that can be poured now and use most of it. */
const plans = usePlans();
const pouring = usePouring();
pouring.begin();
const stock = useStock();
const catalogue = useCatalogue();
const words = useWords();
const { pace } = useShelf();
const perWeek = computed(() => pace.value?.glassesPerWeek ?? plans.briefOrEmpty.drinksPerWeek);

const rows = computed(() =>
  pouring.asks.value.map(({ kind, days }) => {
    const most = Math.max(1, Math.floor((days * perWeek.value) / 7));
    const pours = new Map(
      pouring.drinks.value.flatMap(({ now: { pourable, drink } }) => {
        const ml = drink.slots
          .filter((s) => s.kind === kind)
          .reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
        return ml > 0 ? [[pourable.recipe.id, ml] as const] : [];
      }),
    );
    const { ml = 0 } = stock.there.get(kind) ?? {};
    const { drinks, ml: usesMl } = drinksThatUse(ml, most, pours);
    return { kind, name: catalogue.kindName(kind), ml, days, most, drinks, usesMl };
  }),
);
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="use-up-title">
    <h2 id="use-up-title">Use these first <small class="dim">· poured from what is here</small></h2>
    <p v-for="row in rows" :key="row.kind">
      <strong>{{ row.name }}</strong>, {{ words.volume(Math.round(row.ml)) }} there, goes off in
      {{ count(row.days, 'day') }}.
      <template v-if="row.drinks.length > 0">
        At your pace {{ count(row.most, 'drink') }} until then; these use most of it,
        {{ words.volume(Math.round(row.usesMl)) }}:
        <template v-for="(id, i) in row.drinks" :key="id"
          ><template v-if="i > 0">, </template
          ><RouterLink :to="`/notebook/${id}`">{{
            catalogue.recipes.get(id)?.name ?? id
          }}</RouterLink></template
        >.
      </template>
    </p>
  </section>
</template>

<style scoped>
a {
  color: inherit;
}
</style>

<script setup lang="ts">
import { amountMl, daysBetween } from '@uisce/core/base';
import { drinksThatUse } from '@uisce/core/stock';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { usePlans } from '../household/use-plans';
import { useStock } from '../household/use-stock';
import { useToday } from '../household/use-today';
import { useCatalogue } from '../household/use-catalogue';
import { useQuestion } from '../solver/use-question';
import { useAnswer } from '../solver/use-answer';
import { count, useWords } from '../words/use-words';
import { SOON_DAYS, useShelf } from './use-shelf';

/** What goes off first asks to be used: the drinks of this house that use most of it before it does. */
const answers = useAnswer();
const plans = usePlans();
const stock = useStock();
const today = useToday();
const catalogue = useCatalogue();
const words = useWords();
const { forecasts, pace } = useShelf();
const perWeek = computed(() => pace.value?.glassesPerWeek ?? plans.briefOrEmpty.drinksPerWeek);

const turning = computed(() =>
  forecasts.value
    .filter((f) => f.turnsOn !== undefined && daysBetween(today.iso(), f.turnsOn) <= SOON_DAYS)
    .sort((a, b) => ((a.turnsOn ?? '') < (b.turnsOn ?? '') ? -1 : 1)),
);
const { found: open } = useQuestion('here', () => {
  const { brief } = plans;
  if (turning.value.length === 0 || !answers.proven || !brief) return undefined;
  return { of: {}, brief: { ...brief, ownedKinds: [...stock.there.keys()].sort() } };
});
const rows = computed(() =>
  turning.value.map((f) => {
    const days = Math.max(0, daysBetween(today.iso(), f.turnsOn ?? today.iso()));
    const most = Math.max(1, Math.floor((days * perWeek.value) / 7));
    const pours = new Map(
      (open.value ?? []).flatMap((id) => {
        const slots =
          catalogue.recipes.get(id)?.slots.filter((s) => [s.kind, ...s.or].includes(f.kind)) ?? [];
        const ml = slots.reduce((sum, s) => sum + (amountMl(s.amount) ?? 0), 0);
        return ml > 0 ? [[id, ml] as const] : [];
      }),
    );
    const { drinks, ml: usesMl } = drinksThatUse(f.ml, most, pours);
    return { ...f, days, most, drinks, usesMl };
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
      <template v-else>{{
        open ? `Nothing that is here pours ${catalogue.kindInSentence(row.kind)}.` : 'Looking what pours it.'
      }}</template>
    </p>
  </section>
</template>

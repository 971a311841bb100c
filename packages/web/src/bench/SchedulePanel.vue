<script setup lang="ts">
import { computed, ref } from 'vue';
import { addDays } from '@uisce/core/base';
import type { HomeMade } from '@uisce/core/catalogue';
import {
  batchOfVolume,
  daysToMakeFor,
  keeping,
  leadMinutesOf,
  recipeOfBatch,
  schedule,
  thawedDays,
  type BatchMaking,
} from '@uisce/core/bench';
import { useAnswer } from '../solver/use-answer';
import { useBatches } from '../household/use-batches';
import { useCatalogue } from '../household/use-catalogue';
import { useBatchWords } from '../words/batch-words';
import { useToday } from '../household/use-today';
import { count, listed, useWords } from '../words/use-words';
import DateField from '../ui/DateField.vue';
import CheckField from '../ui/CheckField.vue';

/** What to make when, so that each is ready and fresh on the days it is poured. */
const MAX_DAYS = 8;
/** How long a batch keeps does not hang on its size. */
const TRIAL_ML = 400;

const answers = useAnswer();
const batches = useBatches();
const catalogue = useCatalogue();
const words = useWords();
const today = useToday();
const { recipeName } = useBatchWords();

const days = ref([addDays(today.iso(), 7), addDays(today.iso(), 14)]);
/** Whether portions may wait in the freezer for the days past the fridge’s. */
const freezing = ref(false);
const setDay = (i: number, value: string | null) => {
  if (value) days.value = days.value.map((d, n) => (n === i ? value : d));
};

/** For each kind that the plan makes or the house has made, the way that is least trouble; what is bought bottled is not. */
const wanted = computed<HomeMade[]>(() => {
  const kinds = new Set(
    (answers.result?.inUse ?? []).flatMap((id) => {
      const item = answers.itemById.get(id);
      const isBottled = item?.bottle !== undefined && !item.bottle.homeMade && !item.owned;
      return item && !isBottled ? [item.kindId] : [];
    }),
  );
  return [...kinds].flatMap(
    (kind) =>
      catalogue.all.homeMade
        .filter((h) => h.makes === kind && catalogue.kinds.get(kind)?.supply === 'home-made')
        .sort((a, b) => a.effort - b.effort)[0] ?? [],
  );
});
const makings = computed(() =>
  schedule(
    wanted.value.map((recipe) => {
      const keeps = keepsOf(recipe);
      // What stands on the shelf already serves the days before its own.
      const there = batches.onShelf.filter(
        (b) => recipeOfBatch(b, catalogue.all.homeMade)?.makes === recipe.makes,
      );
      return {
        id: recipe.id,
        leadMinutes: leadMinutesOf(recipe),
        keepsDays: freezing.value ? Math.max(keeps.days, keeps.frozenDays ?? 0) : keeps.days,
        days: daysToMakeFor(days.value, today.iso(), there),
      };
    }),
  ),
);
function keepsOf(recipe: HomeMade) {
  return keeping(batchOfVolume(recipe, TRIAL_ML, catalogue.all, catalogue.kinds), catalogue.all);
}
/** Days that a making serves from the freezer: those past its life in the fridge. */
function thawed(making: BatchMaking): string[] {
  const recipe = recipeOf(making.id);
  return recipe ? thawedDays(making, keepsOf(recipe)) : [];
}
function recipeOf(id: string): HomeMade | undefined {
  return catalogue.all.homeMade.find((h) => h.id === id);
}
const late = (begin: string) => begin < today.iso();
</script>

<template>
  <section class="panel" aria-labelledby="schedule-title">
    <h2 id="schedule-title">
      What to make when
      <small class="dim"
        >·
        {{
          makings.length === 0
            ? 'nothing: all is there'
            : `${count(makings.length, 'batch', 'batches')} for ${count(days.length, 'day')}`
        }}</small
      >
    </h2>
    <div class="days">
      <DateField
        v-for="(day, i) in days"
        :key="i"
        :label="`Day ${i + 1}`"
        :value="day"
        @change="setDay(i, $event)"
      />
      <v-btn :disabled="days.length >= MAX_DAYS" @click="days.push(addDays(days.at(-1) ?? today.iso(), 7))"
        >Another day</v-btn
      >
      <v-btn :disabled="days.length <= 1" @click="days.pop()">One fewer</v-btn>
    </div>
    <ul class="plain-list">
      <li v-for="(m, i) in makings" :key="i">
        <strong>{{ recipeName(recipeOf(m.id)) }}</strong>
        <span :class="late(m.begin) ? 'rust' : 'dim'">
          · begin {{ late(m.begin) ? 'now, it is late' : words.day(m.begin) }}</span
        >
        <span class="dim"
          >, for {{ listed(m.serves.map(words.day)) }}; use by {{ words.day(m.useBy)
          }}<template v-if="thawed(m).length > 0"
            >; frozen in portions for {{ listed(thawed(m).map(words.day)) }}, thawed the day before</template
          ></span
        >
      </li>
    </ul>
    <CheckField v-model="freezing" label="Portions may wait in the freezer" />
  </section>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-bottom: 10px;
}

li {
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}
</style>

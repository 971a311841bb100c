<script setup lang="ts">
import { computed } from 'vue';
import { daysBetween } from '@uisce/core/base';
import { usePlans } from '../household/use-plans';
import { useToday } from '../household/use-today';
import { count, useWords } from '../words/use-words';
import { useShelf } from './use-shelf';

/** When each kind runs dry or goes off, at the pace the plan expects. */
const MONTHS_DRAWN = 6;
const DAYS_DRAWN = MONTHS_DRAWN * 30;

const plans = usePlans();
const today = useToday();
const words = useWords();
const { forecasts, pace } = useShelf();
const paceWords = computed(() =>
  pace.value
    ? `${words.number(pace.value.glassesPerWeek)} drinks a week, as you have poured of late`
    : `${count(plans.briefOrEmpty.drinksPerWeek, 'drink')} a week, as the plan pours`,
);

const rows = computed(() =>
  forecasts.value
    .filter((f) => f.ml > 0)
    .map((f) => {
      const days = f.first === undefined ? DAYS_DRAWN : Math.max(0, daysBetween(today.iso(), f.first));
      const says =
        f.turnsOn !== undefined && f.lostMl >= 1
          ? `goes off ${words.shortDay(f.turnsOn)}, ${words.volume(Math.round(f.lostMl))} of it unused`
          : f.dryOn !== undefined
            ? `dry ${words.shortDay(f.dryOn)}`
            : f.perWeekMl > 0
              ? 'lasts for years'
              : 'nothing pours it';
      return { ...f, says, share: Math.min(1, days / DAYS_DRAWN), loses: f.lostMl >= 1 };
    }),
);
</script>

<template>
  <section class="panel" aria-labelledby="dry-title">
    <h2 id="dry-title">
      When each runs dry
      <small class="dim">· at {{ paceWords }}; the bars are half a year</small>
    </h2>
    <p v-if="rows.length === 0" class="dim">Say how much is in a bottle, and its day stands here.</p>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.kind">
        <span>{{ row.name }}</span>
        <span class="share-bar" aria-hidden="true"
          ><span :style="{ width: `${Math.max(1, row.share * 100)}%` }"
        /></span>
        <span class="dim" :class="{ rust: row.loses }"
          >{{ words.volume(Math.round(row.ml)) }}, {{ row.says }}</span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(90px, 1fr) minmax(50px, 1fr) minmax(150px, 1.4fr);
  gap: 4px 12px;
  align-items: center;
  min-height: 32px;
  font-size: 0.9375rem;
}

@media (max-width: 560px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .share-bar {
    display: none;
  }
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { addDays } from '@uisce/core/base';
import { eveningsPoured } from '@uisce/core/pouring';
import { useLog } from '../household/use-log';
import { useToday } from '../household/use-today';
import { count, useWords } from '../words/use-words';

/** The evenings of fourteen weeks: a square a day, fuller the more was poured. */
const log = useLog();
const today = useToday();
const words = useWords();

const WEEKS = 14;
const CELL = 20;
const MAX_SHADED = 4;

const days = computed(() => {
  const poured = eveningsPoured(log.pours);
  const first = addDays(today.iso(), -7 * WEEKS + 1);
  return Array.from({ length: 7 * WEEKS }, (_, i) => {
    const day = addDays(first, i);
    const glasses = poured.get(day) ?? 0;
    return {
      day,
      glasses,
      x: Math.floor(i / 7) * CELL,
      y: (i % 7) * CELL,
      share: Math.min(1, glasses / MAX_SHADED),
    };
  });
});
const evenings = computed(() => days.value.filter((d) => d.glasses > 0));
const dry = computed(() => days.value.length - evenings.value.length);
const says = computed(
  () =>
    `${count(evenings.value.length, 'evening')} with something poured, ${count(dry.value, 'evening')} without, in ${WEEKS} weeks`,
);
</script>

<template>
  <section class="panel" aria-labelledby="evenings-title">
    <h2 id="evenings-title">
      Evenings <small class="dim">· {{ says }}</small>
    </h2>
    <svg :viewBox="`0 0 ${WEEKS * CELL} ${7 * CELL}`" role="img" :aria-label="says">
      <rect
        v-for="d in days"
        :key="d.day"
        :x="d.x + 1"
        :y="d.y + 1"
        :width="CELL - 3"
        :height="CELL - 3"
        :style="{ '--share': d.share }"
        :class="{ poured: d.glasses > 0 }"
      >
        <title>
          {{ words.shortDay(d.day) }}:
          {{ d.glasses === 0 ? 'nothing' : count(d.glasses, 'glass', 'glasses') }}
        </title>
      </rect>
    </svg>
  </section>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 460px;
  display: block;
}

rect {
  fill: none;
  stroke: rgb(var(--v-theme-line));
}

.poured {
  fill: color-mix(
    in srgb,
    rgb(var(--v-theme-copper)) calc(25% + 70% * var(--share)),
    rgb(var(--v-theme-panel))
  );
  stroke: rgb(var(--v-theme-copper));
}
</style>

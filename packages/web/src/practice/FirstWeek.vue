<script setup lang="ts">
import { RouterLink } from 'vue-router';
import CautionLine from '../ui/CautionLine.vue';
import { useFirstWeek } from './use-first-week';

/** The first steps in their order; each leads to where it is done. */
const { steps } = useFirstWeek();
</script>

<template>
  <section class="panel" aria-labelledby="week-title">
    <h2 id="week-title">One after the other, or as you like</h2>
    <ol class="plain-list">
      <li v-for="(s, i) in steps" :key="s.step" :class="{ done: s.done }">
        <span class="tick" aria-hidden="true">{{ s.done ? '✓' : i + 1 }}</span>
        <span>
          <RouterLink :to="s.to">{{ s.title }}</RouterLink>
          <span class="dim about">{{ s.about }}</span>
        </span>
        <span class="dim">{{ s.done ? 'done' : '' }}</span>
      </li>
    </ol>
    <CautionLine
      >For adults of drinking age. Practise with water; taste what you must, and drive nowhere.</CautionLine
    >
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  min-height: 52px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.tick {
  display: grid;
  place-items: center;
  width: 32px;
  height: 32px;
  border: 1px solid rgb(var(--v-theme-line));
  border-radius: 50%;
  font-family: var(--display);
}

.done .tick {
  border-color: rgb(var(--v-theme-sea));
  color: rgb(var(--v-theme-sea));
}

.about {
  margin-inline-start: 8px;
}

a {
  color: inherit;
  font-weight: 700;
}
</style>

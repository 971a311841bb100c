<script setup lang="ts">
import { useWords } from '../words/use-words';
import { costOf, useKitInPlan } from './use-kit-in-plan';

/** Tools, glasses and packs of sugar and the like that the plan's money buys beside the bottles. */
const words = useWords();
const { waysWords, groups } = useKitInPlan();
</script>

<template>
  <p v-if="waysWords" class="kit">
    With the same money: {{ waysWords }}. <RouterLink to="/kit">How you work</RouterLink>
  </p>
  <p v-if="groups.length > 0" class="kit">
    <template v-for="(group, g) in groups" :key="group.title">
      {{ g > 0 ? '\u00a0· ' : '' }}<RouterLink :to="group.to">{{ group.title }}</RouterLink
      >{{ g > 0 ? '' : ' from the same money' }}, {{ words.price(costOf(group.things)) }}:
      <span v-for="(k, i) in group.things" :key="k.id"
        >{{ i > 0 ? ', ' : '' }}<strong>{{ k.name }}</strong> {{ words.price(k.priceMinor) }}
        <span class="dim">({{ k.leaning }})</span></span
      >
    </template>
  </p>
</template>

<style scoped>
.kit {
  margin: 8px 0 0;
  padding-top: 8px;
  border-top: 1px solid rgb(var(--v-theme-line));
  font-size: 0.9375rem;
}

a {
  color: inherit;
  font-weight: 700;
}
</style>

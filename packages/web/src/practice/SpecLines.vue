<script setup lang="ts">
import type { Amount } from '@uisce/core/base';
import { useCatalogue } from '../household/use-catalogue';
import { useWords } from '../words/use-words';

/** A spec to look at, as lines. */
defineProps<{ lines: readonly { kind: string; amount: Amount }[] }>();
const catalogue = useCatalogue();
const words = useWords();
</script>

<template>
  <ul class="plain-list spec">
    <li v-for="(line, i) in lines" :key="i">
      <strong>{{ words.amount(line.amount) }}</strong> {{ catalogue.kindName(line.kind) }}
    </li>
  </ul>
</template>

<style scoped>
.spec {
  margin-bottom: 12px;
}

li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}
</style>

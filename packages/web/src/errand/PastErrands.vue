<script setup lang="ts">
import { computed } from 'vue';
import { shopsOf } from '@uisce/core/errand';
import { useErrands } from '../household/use-errands';
import { count, listed, useWords } from '../words/use-words';
import { useErrand } from './use-errand';

/** Errands that were put away, in a quiet list. */
const errands = useErrands();
const words = useWords();
const { shopName } = useErrand();

const rows = computed(() =>
  errands.past.map((errand) => {
    const bought = errand.lines.filter((l) => l.state === 'basket');
    const paid = errands.entries.filter((e) => e.errandId === errand.id).reduce((sum, e) => sum + e.minor, 0);
    return {
      id: errand.id,
      day: words.shortDay(errand.endedOn ?? errand.startedOn),
      what: `${count(bought.length, 'thing')} at ${listed(shopsOf({ lines: bought }).map(shopName))}`,
      paid: words.price(paid),
    };
  }),
);
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="past-title">
    <h2 id="past-title">Errands before</h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <span>{{ row.what }}</span>
        <span class="dim">{{ row.day }}</span>
        <span>{{ row.paid }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 80px;
  gap: 12px;
  min-height: 32px;
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

li > :last-child {
  text-align: end;
}
</style>

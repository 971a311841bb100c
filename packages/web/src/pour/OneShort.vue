<script setup lang="ts">
import { withArticle } from '@uisce/core/base';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { needIndex } from '@uisce/core/kit';
import { usePouring } from '../household/use-pouring';
import { useOrder } from '../household/use-order';
import { useCatalogue } from '../household/use-catalogue';
import { count } from '../words/use-words';

/** What is one thing short, by the thing: what would add the most comes first. */
const pouring = usePouring();
const catalogue = useCatalogue();
const order = useOrder();
const SHOWN = 8;
const DRINKS_SHOWN = 6;

/** Drinks of one thing, those that were poured here before first. */
interface Short {
  what: string;
  drinks: { id: string; name: string; poured: number; anyway: boolean }[];
  /** How it is done without it; empty where it cannot be. */
  how: string;
}
const rows = computed(() => {
  const by = new Map<string, Short>();
  const needs = needIndex(catalogue.all);
  for (const { pourable, lacks, anyway, poured } of pouring.now.value?.short ?? []) {
    const what =
      lacks.is === 'kind'
        ? catalogue.kindInSentence(lacks.id)
        : lacks.is === 'need'
          ? (needs.get(lacks.id)?.what ?? lacks.id)
          : `${withArticle(catalogue.glassInSentence(lacks.id))}, or a glass that suits`;
    const how =
      lacks.is === 'glass'
        ? 'into whatever glass holds it'
        : lacks.is === 'need'
          ? 'by hand, or without'
          : '';
    const row = by.get(what) ?? { what, drinks: [], how };
    row.drinks.push({
      id: pourable.recipe.id,
      name: pourable.recipe.name,
      poured,
      anyway: anyway !== undefined,
    });
    by.set(what, row);
  }
  for (const row of by.values()) row.drinks.sort((a, b) => b.poured - a.poured);
  const times = (row: Short) => row.drinks.reduce((n, d) => n + d.poured, 0);
  return [...by.values()].sort(
    (a, b) => times(b) - times(a) || b.drinks.length - a.drinks.length || (a.what < b.what ? -1 : 1),
  );
});
</script>

<template>
  <section v-if="rows.length > 0" class="panel" aria-labelledby="short-title">
    <h2 id="short-title">One thing short <small class="dim">· everything else is here</small></h2>
    <ul class="plain-list">
      <li v-for="row in rows.slice(0, SHOWN)" :key="row.what">
        <strong>{{ row.what }}</strong> adds {{ count(row.drinks.length, 'drink') }}:
        <template v-for="(d, i) in row.drinks.slice(0, DRINKS_SHOWN)" :key="d.id"
          ><template v-if="i > 0">, </template
          ><RouterLink :to="`/notebook/${d.id}`">{{ d.name }}</RouterLink></template
        ><template v-if="row.drinks.length > DRINKS_SHOWN">
          and {{ row.drinks.length - DRINKS_SHOWN }} more</template
        >
        <div v-if="row.how && row.drinks.some((d) => d.anyway)" class="anyway">
          <span class="dim">Pour anyway, {{ row.how }}:</span>
          <v-btn
            v-for="d in row.drinks.filter((x) => x.anyway).slice(0, DRINKS_SHOWN)"
            :key="d.id"
            size="small"
            :disabled="order.isFull.value"
            :aria-label="`Pour ${d.name} anyway, ${row.how}`"
            @click="order.add(d.id)"
            >{{ d.name }}</v-btn
          >
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 5px 0;
}

.anyway {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin-top: 4px;
}

a {
  color: inherit;
}
</style>

<script setup lang="ts">
import { withArticle } from '@uisce/core/base';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { needIndex } from '@uisce/core/kit';
import { usePouring } from '../household/use-pouring';
import { useCatalogue } from '../household/use-catalogue';
import { count } from '../words/use-words';

/** What is one thing short, by the thing: what would add the most comes first. */
const pouring = usePouring();
const catalogue = useCatalogue();
const SHOWN = 8;
const DRINKS_SHOWN = 6;

const rows = computed(() => {
  const by = new Map<string, { what: string; drinks: { id: string; name: string }[] }>();
  const needs = needIndex(catalogue.all);
  for (const { pourable, lacks } of pouring.now.value?.short ?? []) {
    const what =
      lacks.is === 'kind'
        ? catalogue.kindInSentence(lacks.id)
        : lacks.is === 'need'
          ? (needs.get(lacks.id)?.what ?? lacks.id)
          : `${withArticle(catalogue.glassInSentence(lacks.id))}, or a glass that suits`;
    const row = by.get(what) ?? { what, drinks: [] };
    row.drinks.push({ id: pourable.recipe.id, name: pourable.recipe.name });
    by.set(what, row);
  }
  return [...by.values()].sort((a, b) => b.drinks.length - a.drinks.length || (a.what < b.what ? -1 : 1));
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
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 5px 0;
}

a {
  color: inherit;
}
</style>

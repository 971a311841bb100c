<script setup lang="ts">
import BookletPanel from './BookletPanel.vue';
import ImportPanel from './ImportPanel.vue';

/** What leaves the Notebook, and what comes in. */
const FORMATS = [
  {
    path: '/api/recipes.json',
    name: 'Everything (JSON)',
    about: 'all versions, kinds, collections and verdicts; comes in again unchanged',
  },
  { path: '/api/recipes.jsonld', name: 'JSON-LD', about: 'recipes in the vocabulary of schema.org' },
  { path: '/api/recipes.csv', name: 'A table (CSV)', about: 'one row an ingredient' },
  { path: '/api/recipes.txt', name: 'Plain text', about: 'to paste anywhere, and to read here again' },
];
</script>

<template>
  <div class="two-columns">
    <ImportPanel />
    <div class="stack">
      <section class="panel" aria-labelledby="out-title">
        <h2 id="out-title">Out: what you wrote</h2>
        <ul class="plain-list">
          <li v-for="f in FORMATS" :key="f.path">
            <a :href="f.path" download>{{ f.name }}</a> <span class="dim">{{ f.about }}</span>
          </li>
        </ul>
        <p class="dim">
          Who checks or writes such a file elsewhere: <a href="/api/recipes.schema.json">its JSON Schema</a>.
        </p>
      </section>
      <BookletPanel />
    </div>
  </div>
</template>

<style scoped>
a {
  color: inherit;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

p {
  margin: 8px 0 0;
}
</style>

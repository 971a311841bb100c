<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useNotebook } from '../../household/use-notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { useVerdicts } from '../../household/use-verdicts';
import DataTable from '../../ui/DataTable.vue';
import { useAtHand } from '../../ui/drink/use-at-hand';
import { useWords } from '../../words/use-words';
import CollectionsPanel from './CollectionsPanel.vue';
import OwnKindsPanel from './OwnKindsPanel.vue';

/** What the household wrote itself: drinks, kinds, collections. */
const atHand = useAtHand();
const notebook = useNotebook();
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

const COLUMNS = [
  { key: 'name', title: 'Drink', names: true },
  { key: 'versions', title: 'Versions', figures: true },
  { key: 'liked', title: 'Liked', figures: true },
  { key: 'open', title: 'Your plan', narrow: true },
];
const rows = computed(() =>
  notebook.drinks.map((d) => {
    const id = d.houseSpecOf ?? d.id;
    const liked = verdicts.likedOf(id);
    return {
      id,
      name: catalogue.recipes.get(id)?.name ?? id,
      versions: d.versions.length,
      about: [d.houseSpecOf ? 'the house’s spec' : '', d.from, ...d.tags].filter(Boolean).join(', '),
      liked: liked ? words.fixed(liked.mean, 1) : '–',
      open: atHand.open.value.has(id) ? 'makes it' : '',
    };
  }),
);
</script>

<template>
  <div class="two-columns">
    <section class="panel" aria-labelledby="own-drinks-title">
      <h2 id="own-drinks-title">Drinks</h2>
      <p v-if="rows.length === 0" class="dim">
        A drink of yours stands beside the printed ones: the plan counts it, Pour makes it, an evening may
        have it.
      </p>
      <DataTable v-else caption="Drinks of our own" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id">
        <template #cell-name="{ row }">
          <RouterLink :to="`/notebook/${row.id}`">{{ row.name }}</RouterLink>
          <span v-if="row.about" class="dim about">{{ row.about }}</span>
        </template>
        <template #cell-open="{ row }"
          ><span class="sea">{{ row.open }}</span></template
        >
      </DataTable>
      <p><RouterLink to="/notebook/write">Write a drink down</RouterLink></p>
    </section>
    <div class="stack">
      <CollectionsPanel />
      <OwnKindsPanel />
    </div>
  </div>
</template>

<style scoped>
a {
  color: inherit;
}

.about {
  display: block;
}

.sea {
  color: rgb(var(--v-theme-sea));
}
</style>

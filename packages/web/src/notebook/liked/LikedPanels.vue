<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { bestOfFamilies, favouritesOf, type LikedDrink } from '@uisce/core/notebook';
import { useCatalogue } from '../../household/use-catalogue';
import { useVerdicts } from '../../household/use-verdicts';
import DataTable from '../../ui/DataTable.vue';
import { count, useWords } from '../../words/use-words';

/** The best of each family, everybody's favourites, and the last words on any drink. */
const catalogue = useCatalogue();
const verdicts = useVerdicts();
const words = useWords();

const COLUMNS = [
  { key: 'family', title: 'Family', names: true },
  { key: 'name', title: 'Best liked' },
  { key: 'mean', title: 'Of 5', figures: true },
  { key: 'times', title: 'Times', figures: true },
];
const rows = computed(() => {
  const best = bestOfFamilies(verdicts.verdicts, (id) => catalogue.recipes.get(id)?.family);
  return catalogue.all.families.flatMap((f) => {
    const liked = best.get(f.id);
    return liked
      ? [
          {
            family: f.name,
            drink: liked.drink,
            name: nameOf(liked),
            mean: words.fixed(liked.mean, 1),
            times: liked.times,
          },
        ]
      : [];
  });
});
const nameOf = ({ drink }: Pick<LikedDrink, 'drink'>) => catalogue.recipes.get(drink)?.name ?? drink;

/** So many of each are shown. */
const MOST = 4;
const people = computed(() =>
  [...favouritesOf(verdicts.verdicts)]
    .map(([who, liked]) => ({
      who,
      of: liked.reduce((sum, l) => sum + l.times, 0),
      liked: liked.filter((l) => catalogue.recipes.has(l.drink)).slice(0, MOST),
    }))
    .filter((p) => p.liked.length > 0)
    .sort((a, b) => b.of - a.of || (a.who < b.who ? -1 : 1)),
);
const notes = computed(() =>
  verdicts.tastings
    .filter((t) => t.note !== '' && catalogue.recipes.has(t.drink))
    .sort((a, b) => (a.at > b.at ? -1 : 1))
    .slice(0, 12)
    .map((t) => ({
      id: t.id,
      drink: t.drink,
      name: nameOf(t),
      note: t.note,
      about: [t.by, words.dayAt(t.at), t.verdict === null ? '' : `${t.verdict} of 5`]
        .filter(Boolean)
        .join(', '),
    })),
);
</script>

<template>
  <div class="two-columns">
    <section class="panel" aria-labelledby="best-title">
      <h2 id="best-title">The best of each family</h2>
      <DataTable
        caption="The best liked drink of each family"
        :columns="COLUMNS"
        :rows="rows"
        :row-key="(r) => r.family"
      >
        <template #cell-name="{ row }">
          <RouterLink :to="`/notebook/${row.drink}`">{{ row.name }}</RouterLink>
        </template>
      </DataTable>
    </section>
    <div class="stack">
      <section class="panel" aria-labelledby="favourites-title">
        <h2 id="favourites-title">Whose favourites</h2>
        <p v-if="people.length === 0" class="dim">
          Say who a drink is for when it is poured, and their favourites stand here.
        </p>
        <ul class="plain-list">
          <li v-for="p in people" :key="p.who">
            <strong>{{ p.who }}</strong> <span class="dim">{{ count(p.of, 'verdict') }}</span><br />
            <template v-for="(l, i) in p.liked" :key="l.drink"
              ><template v-if="i > 0">, </template
              ><RouterLink :to="`/notebook/${l.drink}`">{{ nameOf(l) }}</RouterLink>
              <span class="dim">{{ words.number(l.mean) }}</span></template
            >
          </li>
        </ul>
      </section>
      <section v-if="notes.length > 0" class="panel" aria-labelledby="notes-title">
        <h2 id="notes-title">What was said last</h2>
        <ul class="plain-list">
          <li v-for="n in notes" :key="n.id">
            <RouterLink :to="`/notebook/${n.drink}`">{{ n.name }}</RouterLink>: “{{ n.note }}”
            <span class="dim">{{ n.about }}</span>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
a {
  color: inherit;
}

li .dim {
  margin-inline-start: 5px;
}

li {
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}
</style>

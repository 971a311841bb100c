<script setup lang="ts">
import { computed, ref } from 'vue';
import { matchOf, type Recipe } from '@uisce/core/catalogue';
import type { DrinkMade } from '@uisce/core/planner';
import { DrinkSearch } from '@uisce/core/find';
import { countDrinks } from '@uisce/core/plan';
import { useAnswer } from '../solver/use-answer';
import { usePlans } from '../household/use-plans';
import { useCatalogue } from '../household/use-catalogue';
import { count, listed, useWords } from '../words/use-words';
import { useItemWords } from '../words/use-item-words';
import { useMustDrinks } from '../ui/drink/use-must-drinks';
import DrinkSpec from './DrinkSpec.vue';
import TabRow from '../ui/TabRow.vue';

const answers = useAnswer();
const plans = usePlans();
const catalogue = useCatalogue();
const words = useWords();
const must = useMustDrinks();
const { itemInSentence } = useItemWords();

const sought = ref('');
type Tab = 'open' | 'soft' | 'notMade' | 'dropped';
const shown = ref<Tab>('open');
const spread = ref<string>();

interface Row {
  recipe: Recipe;
  note: string;
}

const search = computed(() => new DrinkSearch(catalogue.all));
const found = computed(() =>
  sought.value.trim() === '' ? undefined : new Set(search.value.find(sought.value)),
);

function row(id: string, note: string): Row[] {
  const recipe = catalogue.recipes.get(id);
  return recipe && (found.value?.has(id) ?? true) ? [{ recipe, note }] : [];
}

const lists = computed(() => {
  const { result } = answers;
  if (!result) return { open: [], soft: [], notMade: [], dropped: [] };
  const made = (drinks: readonly DrinkMade[]) =>
    drinks.flatMap((d) => row(d.id, d.fit < 1 ? `${matchOf(d.fit)} stand-in` : ''));
  const soft = new Set(result.soft.map((d) => d.id));
  return {
    open: made(result.answer.drinks.filter((d) => !soft.has(d.id))),
    soft: made(result.soft),
    notMade: [...result.explanation.notMade]
      .sort((a, b) => (a.lacks.length ? a.cost : Infinity) - (b.lacks.length ? b.cost : Infinity))
      .flatMap((d) => {
        const lacks = d.lacks.map((id) => itemInSentence(id));
        return row(
          d.id,
          lacks.length > 0 ? `lacks ${listed(lacks)}, ${words.price(d.cost)}` : 'nothing allowed makes it',
        );
      }),
    dropped: result.dropped.flatMap((d) =>
      row(
        d.recipeId,
        d.disliked.length > 0 ? `you said no to ${listed(d.disliked)}` : 'less known than you count',
      ),
    ),
  };
});
/** Variants of one drink are listed each, and counted once. */
const drinksIn = (tab: Tab) =>
  countDrinks(
    lists.value[tab].map((r) => r.recipe.id),
    catalogue.recipes,
  );
const rows = computed(() =>
  shown.value === 'open' || shown.value === 'soft'
    ? [...lists.value[shown.value]].sort((a, b) => a.recipe.name.localeCompare(b.recipe.name))
    : lists.value[shown.value],
);
const TABS = [
  { value: 'open', words: 'In reach' },
  { value: 'soft', words: 'Without alcohol' },
  { value: 'notMade', words: 'Not yet' },
  { value: 'dropped', words: 'Left out' },
] as const;
/** Drinks without alcohol have a list of their own where they are counted beside. */
const tabs = computed(() =>
  TABS.filter((tab) => tab.value !== 'soft' || lists.value.soft.length > 0).map((tab) => ({
    ...tab,
    note: drinksIn(tab.value),
  })),
);
</script>

<template>
  <section class="panel" aria-labelledby="drinks-title">
    <div class="panel-head">
      <h2 id="drinks-title">Drinks <small class="dim">· with what they lean on</small></h2>
      <v-text-field v-model="sought" class="find" type="search" label="Find among these" autocomplete="off" />
    </div>
    <TabRow v-model="shown" name="drinks-shown" legend="Which drinks" :choices="tabs" />
    <ul class="plain-list rows">
      <li v-for="{ recipe, note } in rows" :key="recipe.id">
        <button
          class="plain-button row"
          type="button"
          :aria-expanded="spread === recipe.id"
          @click="spread = spread === recipe.id ? undefined : recipe.id"
        >
          <strong>{{ recipe.name }}</strong>
          <span class="dim">{{ note }}</span>
        </button>
        <div v-if="spread === recipe.id">
          <DrinkSpec :recipe="recipe" />
          <v-btn size="small" height="40" class="mb-3" @click="must.toggle(recipe.id)">
            {{ plans.brief?.mustDrinks.includes(recipe.id) ? 'No longer a must-have' : 'I must have this' }}
          </v-btn>
        </div>
      </li>
    </ul>
    <p v-if="rows.length === 0" class="dim">
      {{ sought ? `No drink here is called or holds “${sought}”.` : `${count(0, 'drink')} here.` }}
    </p>
  </section>
</template>

<style scoped>
.find {
  width: 220px;
}

.rows {
  columns: 3 280px;
  column-gap: 28px;
}

.rows li {
  break-inside: avoid;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  width: 100%;
  min-height: 40px;
  padding: 8px 0;
}

.row .dim {
  font-size: 0.9375rem;
}
</style>

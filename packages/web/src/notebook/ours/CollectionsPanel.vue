<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Collection } from '@uisce/core/notebook';
import { useNotebook } from '../../household/use-notebook';
import { useAtHand } from '../../ui/drink/use-at-hand';
import { count } from '../../words/use-words';
import { standingOf } from '../collection-needs';
import CollectionSheet from '../CollectionSheet.vue';
import { useIndex } from '../use-index';

/** Drinks kept together, each with what of it the plan makes. */
const atHand = useAtHand();
const notebook = useNotebook();
const router = useRouter();
const { wanted } = useIndex();

const rows = computed(() =>
  notebook.collections.map((collection) => ({
    collection,
    open: standingOf(collection.drinks, atHand.open.value, []).open,
  })),
);
const fresh = ref('');
const editing = ref(false);
const edited = ref<Collection>();
function edit(collection: Collection): void {
  edited.value = collection;
  editing.value = true;
}
function begin(): void {
  const name = fresh.value.trim();
  if (name === '') return;
  notebook.beginCollection(name, []);
  fresh.value = '';
}
async function read(collection: Collection): Promise<void> {
  wanted.collection = collection.id;
  await router.push('/notebook');
}
</script>

<template>
  <section class="panel" aria-labelledby="collections-title">
    <h2 id="collections-title">Collections</h2>
    <ul class="plain-list">
      <li v-for="{ collection: c, open } in rows" :key="c.id">
        <span>
          <button type="button" class="plain-button link" @click="read(c)">{{ c.name }}</button>
          <span class="dim">
            {{ count(c.drinks.length, 'drink') }}, your plan makes {{ open
            }}<template v-if="c.book"> · from {{ c.book }}</template></span
          >
        </span>
        <v-btn :aria-label="`Change ${c.name}`" @click="edit(c)">Change</v-btn>
      </li>
    </ul>
    <form @submit.prevent="begin">
      <v-text-field v-model="fresh" label="A new collection" maxlength="60" density="compact" />
      <v-btn type="submit" :disabled="fresh.trim() === ''">Begin it</v-btn>
    </form>
    <CollectionSheet v-if="edited" v-model="editing" :collection="edited" />
  </section>
</template>

<style scoped>
li .dim {
  margin-inline-start: 8px;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-line));
}

form {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
</style>

<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Collection } from '@uisce/core/notebook';
import { withoutDrink } from '@uisce/core/notebook';
import { useNotebook } from '../household/use-notebook';
import { useCatalogue } from '../household/use-catalogue';
import AppDialog from '../ui/AppDialog.vue';

/** A collection: what it is called and for, the book it is from, and where in the book each drink stands. */
const props = defineProps<{ collection: Collection }>();
const shown = defineModel<boolean>({ required: true });
const notebook = useNotebook();
const catalogue = useCatalogue();

const draft = ref<Collection>(props.collection);
const trouble = ref('');
watch(
  [shown, () => props.collection],
  () => {
    draft.value = { ...props.collection, pages: { ...props.collection.pages } };
    trouble.value = '';
  },
  { immediate: true },
);
const drinks = computed(() =>
  draft.value.drinks.map((id) => ({ id, name: catalogue.recipes.get(id)?.name ?? id })),
);
function page(id: string, text: string): void {
  const { [id]: _, ...others } = draft.value.pages;
  draft.value = { ...draft.value, pages: text.trim() === '' ? others : { ...others, [id]: text.trim() } };
}
function keep(): void {
  const name = draft.value.name.trim();
  trouble.value = name === '' ? 'Give it a name.' : '';
  if (trouble.value) return;
  notebook.collect({ ...draft.value, name }, `${name}: what is in it`);
  shown.value = false;
}
</script>

<template>
  <AppDialog v-model="shown" title="A collection" :width="560">
    <form class="stack" @submit.prevent="keep">
      <v-text-field
        v-model="draft.name"
        label="Name"
        maxlength="60"
        :error-messages="trouble ? [trouble] : []"
      />
      <v-text-field v-model="draft.note" label="What it is for" maxlength="300" />
      <v-text-field v-model="draft.book" label="From a book: its title" maxlength="120" />
      <ul class="plain-list">
        <li v-for="d in drinks" :key="d.id">
          <span>{{ d.name }}</span>
          <v-text-field
            v-if="draft.book !== ''"
            label="Page"
            :aria-label="`Page of ${d.name}`"
            density="compact"
            maxlength="20"
            :model-value="draft.pages[d.id] ?? ''"
            @update:model-value="page(d.id, $event)"
          />
          <button
            type="button"
            class="plain-button link"
            :aria-label="`Take ${d.name} out`"
            @click="draft = withoutDrink(draft, d.id)"
          >
            Take it out
          </button>
        </li>
      </ul>
      <v-btn color="sea" type="submit">Save</v-btn>
    </form>
  </AppDialog>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px auto;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
}

li > span:first-child:nth-last-child(2) {
  grid-column: span 2;
}
</style>

<script setup lang="ts">
import { ref } from 'vue';
import type { Collection } from '@uisce/core/notebook';
import { withoutDrink } from '@uisce/core/notebook';
import { useNotebook } from '../household/use-notebook';
import CheckField from '../ui/CheckField.vue';

/** Which collections a drink is in; a tap puts it there or takes it out. */
const props = defineProps<{ drink: string; name: string }>();
const notebook = useNotebook();
const fresh = ref('');

function put(collection: Collection, on: boolean): void {
  const next = on
    ? { ...collection, drinks: [...collection.drinks, props.drink] }
    : withoutDrink(collection, props.drink);
  if (next.drinks.length === 0) notebook.dissolve(collection);
  else notebook.collect(next, `${props.name} ${on ? 'in' : 'out of'} ${collection.name}`.slice(0, 120));
}
function begin(): void {
  const name = fresh.value.trim();
  if (name === '') return;
  notebook.beginCollection(name, [props.drink]);
  fresh.value = '';
}
</script>

<template>
  <fieldset class="in">
    <legend>In the collections</legend>
    <CheckField
      v-for="c in notebook.collections"
      :key="c.id"
      :model-value="c.drinks.includes(drink)"
      :label="c.name"
      @update:model-value="put(c, $event)"
    />
    <form @submit.prevent="begin">
      <v-text-field v-model="fresh" label="A new collection" maxlength="60" density="compact" />
      <v-btn type="submit" :disabled="fresh.trim() === ''">Begin it</v-btn>
    </form>
  </fieldset>
</template>

<style scoped>
.in {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  margin: 0;
  padding: 0;
  border: 0;
}

form {
  display: flex;
  gap: 8px;
  align-items: center;
  min-width: 280px;
}
</style>
